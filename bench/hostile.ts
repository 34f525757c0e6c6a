// Made files, lines and plans, ten thousand of them: no crash, none that takes above two seconds, and all that
// is made is something that a file may hold. `npm run bench:hostile`; `-- 500` for fewer.
import fc from 'fast-check';
import {
  beatsFromReading,
  copyAdventure,
  idsInOrder,
  makeMoveFinder,
  mendAdventure,
  moveBookOf,
  parseAdventure,
  parseArrupJson,
  parsePlainText,
  parseScript,
  readLine,
  serializeArrupJson,
  unroll,
  check,
} from '../src/core';
import { arbitraryAdventure } from '../src/core/testing/arbitrary';
import { brokenAdventure } from '../src/core/testing/broken';

const RUNS = Number(process.argv[3] ?? 10_000);
const MOST_MS = 2000;
let slowest = 0;
let failures = 0;

function timed(what: string, work: () => void): void {
  const begun = performance.now();
  try {
    work();
  } catch (reason) {
    failures += 1;
    console.log(`CRASH in ${what}: ${String(reason).slice(0, 300)}`);
  }
  const took = performance.now() - begun;
  slowest = Math.max(slowest, took);
  if (took > MOST_MS) {
    failures += 1;
    console.log(`SLOW ${what}: ${took.toFixed(0)} ms`);
  }
}

const ids = () => idsInOrder('h');
const tools = {
  finder: makeMoveFinder(moveBookOf({ moves: [] })),
  ages: { from: 3, to: 5 },
  kit: [],
  book: null,
};
function mustHold(adventure: unknown): void {
  const plain: unknown = JSON.parse(JSON.stringify(adventure));
  const again = parseAdventure(plain);
  if (!again.ok) throw new Error(`can't be read back: ${JSON.stringify(again.problems[0])}`);
}

const word = fc.oneof(
  fc.constantFrom(
    ...'die cards letters circuit relay chain rhyme drink rest squats hops 10 3 x = , : … “ ” ( ) each then 999 1e9 -5 s rounds > # * _ ` | <b> \u0000 \ud800'.split(
      ' ',
    ),
  ),
  fc.string({ maxLength: 8, unit: 'binary' }),
);
const line = fc.array(word, { maxLength: 40 }).map((words) => words.join(' '));
const repeated = fc
  .tuple(fc.string({ minLength: 1, maxLength: 4 }), fc.integer({ min: 1, max: 4000 }))
  .map(([text, times]) => text.repeat(times));
const plan = fc.oneof(
  fc.array(line, { maxLength: 30 }).map((lines) => lines.join('\n')),
  repeated,
);

const each = Math.ceil(RUNS / 4);
const options = { numRuns: each, endOnFailure: true };
fc.assert(
  fc.property(line, (text) =>
    timed('a line', () => {
      const { reading, others } = readLine(text, tools);
      for (const one of [reading, ...others.map((other) => other.reading)]) {
        beatsFromReading(one, { newId: ids(), seed: 1 });
      }
    }),
  ),
  options,
);
fc.assert(
  fc.property(plan, (text) =>
    timed('a plan', () => {
      for (const parse of [parseScript, parsePlainText]) {
        const read = parse(text, { newId: ids(), newSeed: () => 1 });
        if (read.ok) mustHold(read.value.adventure);
      }
    }),
  ),
  options,
);
fc.assert(
  fc.property(brokenAdventure, (plain) =>
    timed('a broken file', () => {
      parseArrupJson(JSON.stringify(plain));
      const mended = mendAdventure(plain, ids());
      if (mended) mustHold(mended.adventure);
    }),
  ),
  options,
);
fc.assert(
  fc.property(arbitraryAdventure, (adventure) =>
    timed('a whole file', () => {
      const read = parseArrupJson(serializeArrupJson(adventure));
      if (!read.ok) throw new Error(JSON.stringify(read.problems[0]));
      mustHold(copyAdventure(read.value, 'A copy', ids()));
      check(read.value, read.value.setting, unroll(read.value));
    }),
  ),
  options,
);
console.log(
  `${each * 4} made files, lines and plans: ${failures} failures, the slowest ${slowest.toFixed(0)} ms`,
);
process.exitCode = failures > 0 ? 1 : 0;
