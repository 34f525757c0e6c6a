/**
 * How teachers type, and what it is read as. `lines/given.tsv` has 120 phrasings with what they mean,
 * as they were handed to us; `lines/own.tsv` has more of ours, and `lines/said.txt` is talk: sentences
 * of stories that name moves, numbers and devices and ask for none of them. What a line is read as was
 * looked at by eye when it was written down; `LINES=write` writes it down anew.
 */
import { readdirSync, readFileSync, writeFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { BUILT_IN, makeMoveFinder, readLine } from '../../src/core';

const FOLDER = 'tests/outside/lines';
const tools = { finder: makeMoveFinder(BUILT_IN), ages: { from: 5, to: 5 }, kit: [], book: null };
const rows = (file: string) =>
  readFileSync(`${FOLDER}/${file}`, 'utf8')
    .split('\n')
    .filter((line) => line && !line.startsWith('#'))
    .map((line) => line.split('\t'));

/** As it is told: what kind of line it is, and what it says. */
function told(typed: string): string {
  const { reading, says } = readLine(typed, tools);
  return `${reading.kind}: ${says}`;
}

if (process.env.LINES === 'write') {
  for (const file of ['given.tsv', 'own.tsv']) {
    const head = readFileSync(`${FOLDER}/${file}`, 'utf8')
      .split('\n')
      .filter((line) => line.startsWith('#'));
    const lines = rows(file).map(([typed, , means]) =>
      [typed, told(typed!), ...(means ? [means] : [])].join('\t'),
    );
    writeFileSync(`${FOLDER}/${file}`, `${[...head, ...lines].join('\n')}\n`);
  }
}

describe.each(['given.tsv', 'own.tsv'])('lines as teachers type them: %s', (file) => {
  it.each(rows(file))('%s', (typed, wanted) => {
    expect(told(typed!)).toBe(wanted);
  });
});

describe('talk', () => {
  const starts = readdirSync('src/lib/shelf/starts').filter((name) => name.endsWith('.md'));
  const paragraphs = starts.flatMap((name) =>
    readFileSync(`src/lib/shelf/starts/${name}`, 'utf8')
      .split(/\n\s*\n/u)
      .map((one) => one.replace(/\s+/gu, ' ').trim())
      .filter((one) => /^[A-Z“][^:#]*[.!?”]$/u.test(one)),
  );
  const said = [...rows('said.txt').map(([line]) => line!), ...paragraphs];

  it('stays talk: at most 2 % of at least 200 sentences become something to do', () => {
    expect(said.length).toBeGreaterThan(200);
    const done = said.filter(
      (line) => !['tell', 'meanwhile', 'led'].includes(readLine(line, tools).reading.kind),
    );
    expect(done.length / said.length, done.join('\n')).toBeLessThanOrEqual(0.02);
  });
});

describe('what carries a number and a unit', () => {
  it('never becomes talk silently: it is done, or something to do stands beside it', () => {
    for (const amount of ['10 times', '20 s', '3 x 10', '12 steps', '2 minutes', 'for 15 seconds'])
      for (const what of [
        'gorilla thumps',
        'moon walk',
        'zig zog',
        'flumps',
        'squats',
        'happy dance',
      ]) {
        const { reading, others } = readLine(`${what} ${amount}`, tools);
        const kinds = [reading, ...others.map((one) => one.reading)].map(({ kind }) => kind);
        expect(kinds, `${what} ${amount}`).toContain('move');
      }
  });
});
