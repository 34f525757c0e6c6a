// Every word on screen and in print, in a few texts to be read aloud: `npm run words` writes them to
// docs/words from the code. What is mended in those texts, `npm run words -- mend` puts back into the code.
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './fresh.mjs';
import { readText, TEXT_NAMES, withWords, wordTexts } from './word-texts.mjs';
import { sourceOf, wordsOf } from './word-gather.mjs';

const fileOf = (name) => join(root, 'docs/words', `${name}.txt`);

function mendFile(path, lines) {
  const before = wordsOf(path, sourceOf(path));
  if (before.length !== lines.length) {
    console.error(
      `${path}: has ${before.length} texts, and ${lines.length} here: change them, one a line.`,
    );
    return;
  }
  let source = sourceOf(path);
  for (const [n, text] of lines.entries()) {
    if (text === before[n]) continue;
    const changed = withWords(source, before[n], text);
    if (changed === null) console.error(`${path}: change it there, it stands in parts: ${text}`);
    else source = changed;
  }
  if (source !== sourceOf(path)) {
    writeFileSync(join(root, path), source);
    console.log(`changed: ${path}`);
  }
}

if (process.argv[2] === 'mend')
  for (const name of TEXT_NAMES)
    for (const [path, lines] of readText(readFileSync(fileOf(name), 'utf8'))) mendFile(path, lines);
for (const [name, text] of Object.entries(wordTexts())) writeFileSync(fileOf(name), text);
