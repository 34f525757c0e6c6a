/**
 * `docs/lines.md` is written from the lexicon and from the lines that are tested, so that it tells what
 * is true. `DOCS=write npx vitest run tests/outside/lines-doc.test.ts` writes it anew.
 */
import { readFileSync, writeFileSync } from 'node:fs';
import { expect, it } from 'vitest';
import { alsoCalled, BUILT_IN } from '../../src/core';
import { LIKENESSES, MANNERS, PLACE_WORDS, WAYS_OF_GOING } from '../../src/core/language/lexicon';

const PAGE = 'docs/lines.md';
const ways = (pattern: string) =>
  pattern
    .split('|')
    .filter((one) => /^[a-z ]+$/u.test(one))
    .join(', ');
const lines = (file: string) =>
  readFileSync(`tests/outside/lines/${file}`, 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith('#'))
    .map((line) => line.split('\t'));
const cell = (text: string) => text.replace(/\|/gu, '\\|');
const shortened = (text: string) => (text.length > 110 ? `${text.slice(0, 107)}...` : text);

const likenesses = LIKENESSES.map(([like, verbs, move]) => {
  const verb = verbs ? ` (${verbs.split('|').join(', ')})` : '';
  return `| ${like.split('|').join(', ')}${verb} | ${BUILT_IN.get(move)!.name} |`;
});
const moves = [...BUILT_IN.values()]
  .sort((a, b) => a.name.localeCompare(b.name, 'en'))
  .map((move) => `| ${cell(move.name)} | ${cell(alsoCalled(move).join(', '))} |`);
const examples = lines('given.tsv').map(
  ([typed, read]) => `| ${cell(typed!)} | ${cell(shortened(read!.replace(/^\w+: /u, '')))} |`,
);

const page = `# How lines are read

This page is written from the lexicon and from the lines that are tested. Don't change it by hand: change
\`core/language/lexicon.ts\`, a move in \`core/moves/catalogue\`, or a line in \`tests/outside/lines\`, and
write it anew as \`tests/outside/lines-doc.test.ts\` says.

## The steps

1. **Said or meant otherwise.** A line in quotation marks is said. \`#\` begins a chapter, "…" is said
   meanwhile, "follow me" says how a chapter is led. Other ways to begin a line ("have a drink", "roll the
   dice", "45 s on 15 s off") become the line that Arrup itself would write (\`SAME_AS\`).
2. **Strictly.** Each kind of beat tries to read the line: a drink, a circuit, a device and its table, a
   chain, a rhyme, a relay, moves in a row. A move is found by the longest of its names; what is left over
   must be a dose, a name ("as the heron"), something to say (": ..."), or something in brackets.
3. **Loosely.** Openers ("let's do", "now everyone") are taken off; places, manners and partners are taken
   out and kept as a note; parts of the body and likenesses ("like a bear") become part of the name. Then it
   is read strictly again.
4. **With slips mended.** Words that are one slip away from a word of a move's name, and no words of their
   own, are read as that.
5. **A sentence that asks** is said first, and then done, if it says how much ("Can you do 5 star jumps?")
   or calls for it ("March with me, soldiers!").
6. **So much of something that nobody knows** is a move of the presenter's own, with the nearest known ones
   beside it. A number with a unit never becomes talk by itself.
7. **Everything else is said.** If it speaks of something to do, "do this" stands beside it.

Whatever was typed for a move stays its name, on screen, on paper and on the Stage. Each reading has a score
from 0 to 1, the share of the words that it uses: words kept as a note count 0.6, a move that nobody knows
half, one that only stands in a sentence 0.3. Below 0.7 a reading counts as not sure. \`POST /api/read\` gives
the readings of lines, \`POST /api/import/{script|csv|docx|text}\` those of a whole plan.

## Where it goes and how it is done

Kept as a note, with the words behind them: ${ways(PLACE_WORDS)}.

Kept as a note by themselves: ${ways(MANNERS)}; ${ways(WAYS_OF_GOING)}.

## What something is done like

| like | is |
|---|---|
${likenesses.join('\n')}

## Lines that are tested

| typed | read back |
|---|---|
${examples.join('\n')}

## Names of moves

| move | also called |
|---|---|
${moves.join('\n')}
`;

if (process.env.DOCS === 'write') writeFileSync(PAGE, page);

it('the page tells what the lexicon has', () => {
  expect(readFileSync(PAGE, 'utf8')).toBe(page);
});
