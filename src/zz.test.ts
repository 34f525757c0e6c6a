import { readFileSync, readdirSync } from 'node:fs';
import { it } from 'vitest';
import { readQuickLine, readingInWords } from './core/beats/quick-line';
import { makeMoveFinder } from './core/moves/move-finder';
import { BUILT_IN } from './core/moves/move-book';
const tools = { finder: makeMoveFinder(BUILT_IN), ages: { from: 4, to: 6 }, kit: [], book: null };
it('x', () => {
  const rows = readFileSync('/work/shared/lines.tsv', 'utf8')
    .split('\n')
    .filter((l) => l && !l.startsWith('#'));
  for (const row of rows) {
    const [line, means] = row.split('\t');
    const r = readQuickLine(line!, tools as never);
    console.log(`${r.kind === 'tell' ? 'T' : ' '} ${line} | ${means} | ${readingInWords(r)}`);
  }
  let n = 0,
    bad = 0;
  const talk = new Set<string>();
  for (const f of readdirSync('src/lib/shelf/starts')) {
    for (const l of readFileSync(`src/lib/shelf/starts/${f}`, 'utf8').split('\n')) {
      if (
        /^[A-Z“].*[.!?]$/.test(l) &&
        !/^(Scene|Want|World|Learning|Cast|Words|To the|Check)/.test(l)
      ) {
        talk.add(l);
        for (const s of l.split(/(?<=[.!?])\s+/)) talk.add(s);
      }
      const m = /: (.+)$/.exec(l);
      if (l.startsWith('- ') && m && /[.!?]$/.test(m[1]!))
        for (const s of m[1]!.split(/(?<=[.!?])\s+/)) talk.add(s);
      if (l.startsWith('> ')) talk.add(l.slice(2));
    }
  }
  for (const l of talk) {
    n++;
    const r = readQuickLine(l, tools as never);
    if (r.kind !== 'tell') {
      bad++;
      console.log(`TALK ${r.kind} | ${l} | ${readingInWords(r)}`);
    }
  }
  console.log(`TALKS | ${n} | ${bad}`);
});
