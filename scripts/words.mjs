// Every word on screen and in print, in a few texts to be read aloud: `npm run words` writes them to
// docs/words from the code. What is mended in those texts, `npm run words -- mend` puts back into the code.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './fresh.mjs';
import { readText, TEXT_NAMES, withWords, wordTexts } from './word-texts.mjs';
import { sourceOf, wordsOf } from './word-gather.mjs';

const fileOf = (name) => join(root, 'docs/words', `${name}.txt`);

/** Puts what a text says of a file into it; whether all of it could be. */
function mendFile(path, lines) {
  const source = sourceOf(path);
  const before = wordsOf(path, source);
  if (before.length !== lines.length) {
    console.error(
      `${path}: has ${before.length} texts, and ${lines.length} here: change them, one a line.`,
    );
    return false;
  }
  let [mended, all] = [source, true];
  for (const [n, text] of lines.entries()) {
    if (text === before[n]) continue;
    const changed = withWords(mended, before[n], text);
    if (changed === null) {
      console.error(`${path}: change it there, it stands in parts: ${text}`);
      all = false;
    } else mended = changed;
  }
  if (mended !== source) {
    writeFileSync(join(root, path), mended);
    console.log(`changed: ${path}`);
  }
  return all;
}

const isMending = process.argv[2] === 'mend';
const texts = isMending
  ? TEXT_NAMES.map((name) => readText(readFileSync(fileOf(name), 'utf8')))
  : [];
const done = texts.flatMap((text) => [...text].map(([path, lines]) => mendFile(path, lines)));
// What could not be put back stays in its text, until it's changed in the code and the texts are written anew.
if (done.includes(false)) process.exit(1);
for (const [name, text] of Object.entries(wordTexts())) writeFileSync(fileOf(name), text);
