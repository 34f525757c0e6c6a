/**
 * Faults planted one at a time in a sound script, as they were seen in sessions or as a skilled presenter
 * would see them: each has to be told, at the line where it is. The sound script itself, the demos and the
 * starting points (`starts.test.ts`) have nothing to tell, or one note at most.
 */
import { readdirSync, readFileSync } from 'node:fs';
import { dictionary } from 'cmu-pronouncing-dictionary';
import { describe, expect, it } from 'vitest';
import {
  beatLabel,
  check,
  moveBookOf,
  parseArrupJson,
  parseScript,
  unroll,
  type Adventure,
  type RuleId,
} from '../../src/core';
import type { Setting } from '../../src/core/model/setting';
import { countingIds } from '../../src/core/testing/make';

type Change = Partial<Omit<Setting, 'room'>> & { room?: Partial<Setting['room']> };

const HEAD = [
  '# The long jetty',
  'Want: The lamp oil has to reach the end of the jetty before dark.',
  'Cast: Nettie Marsh (pilots the reed boat)',
  'Words: lamplighter, jetty',
  '## Welcome: Hello',
  'Hello, lamplighters! Shake your hands. When I call “statues”, everybody freezes.',
  '## Warm-up: Along the reeds',
  '- march 40 s',
  '- 8 arm circles',
  '- 8 side steps each side',
  '## Adventure: The jetty',
].join('\n\n');
const TAIL = [
  '- drink 30 s',
  '## Cool-down: Home',
  '- hold tall reach 10 s',
  '- hold side bend 8 s each side',
  '## Calm: The lamp burns',
  '- 4 calm breaths',
  '- hold lie still 40 s',
  '## Goodbye: Good night',
  'The lamp oil is there, and the jetty is bright. Good night!',
].join('\n\n');
const SOUND = ['- 8 squats', '- 6 frog jumps', '- hold stork stand 5 s each side', '- jog 20 s'];

/** The script with these lines in the middle of its adventure, in place of the sound ones. */
function scriptOf(lines: readonly string[], change: Change = {}): Adventure {
  let seed = 0;
  const result = parseScript([HEAD, ...lines, TAIL].join('\n\n'), {
    newId: countingIds(),
    newSeed: () => (seed += 7919),
    book: dictionary,
  });
  if (!result.ok) throw new Error(JSON.stringify(result.problems));
  const { adventure, unread } = result.value;
  if (unread.length > 0) throw new Error(`not read: ${JSON.stringify(unread)}`);
  const { setting } = adventure;
  const room = { ...setting.room, ...change.room };
  const fitting = { mirror: true, slotSeconds: unroll(adventure).totalSeconds };
  return { ...adventure, setting: { ...setting, ...fitting, ...change, room } };
}

const notesOf = (adventure: Adventure) =>
  check(adventure, adventure.setting, unroll(adventure), dictionary);

/** The rule that has to speak, the words of the line that it speaks of, the lines, and where they are led. */
type Plant = readonly [rule: RuleId, at: string | null, lines: readonly string[], change?: Change];

const HALL: Change = { room: { lengthMetres: 6, widthMetres: 5 }, group: 30 };
const THREES: Change = { ages: { from: 3, to: 3 } };
const PLANTS: readonly Plant[] = [
  ['crowding', 'leap', ['- leap 20 s', ...SOUND], HALL],
  ['crowding', 'gallop', [...SOUND, '- gallop 20 s'], HALL],
  ['crowding', 'skipping rope', ['- 6 skipping rope', ...SOUND], { ...HALL, kit: ['ropes'] }],
  [
    'not-enough-kit',
    'ball',
    ['- 6 ball toss and catch', ...SOUND],
    { group: 16, kit: ['one ball'] },
  ],
  ['not-enough-kit', 'hoop', ['- 6 hoop jumps', ...SOUND], { group: 16, kit: ['4 hoops'] }],
  [
    'turns-left-out',
    null,
    ['- die 6 throws, children in turn: squats, march 10 s, stamps', ...SOUND],
    { group: 16 },
  ],
  [
    'dizzy-then',
    'stork',
    ['- 4 slow turns each way', '- hold stork stand 5 s each side', ...SOUND],
  ],
  ['dizzy-then', 'jump', ['- 3 log rolls', '- 5 squat jumps', ...SOUND], { kit: ['mats'] }],
  ['drink-then', 'roll', ['- drink 20 s', '- 3 forward rolls', ...SOUND], { kit: ['mats'] }],
  ['drink-then', 'dog', ['- drink 20 s', '- hold down dog 8 s', ...SOUND]],
  ['long-on-hands', null, ['- bear walk 15 s', '- crab walk 15 s', '- hold plank 8 s', ...SOUND]],
  ['long-on-knees', 'roll', ['- ball roll 60 s', ...SOUND], { kit: ['balls'] }],
  ['no-spotter', 'roll', ['- 2 over the shoulder rolls', ...SOUND], { grownUps: 1, kit: ['mats'] }],
  [
    'rule-told-otherwise',
    null,
    ['A one or two counts as three.', '- reps die, 4 to 8: squats, stamps', ...SOUND],
  ],
  [
    'promised-time',
    'rest',
    ['- 8 squats', 'Thirty seconds’ rest for everybody.', '- jog 20 s', ...SOUND],
  ],
  ['promised-time', 'drink', ['One minute to drink now.', '- drink 10 s', ...SOUND]],
  ['count-beyond-age', 'clap', ['- 14 claps', ...SOUND.slice(0, 1)], THREES],
  ['hurtful-words', 'boys', ['Come on, boys and girls, to the boat!', ...SOUND]],
  ['hurtful-words', 'out', ['Whoever touches the water, you’re out!', ...SOUND]],
  ['hurtful-words', 'last', ['The last one there loses.', ...SOUND]],
  ['hurtful-words', 'monster', ['Run, the monster will get you!', ...SOUND]],
  ['hurtful-words', 'earned', ['Now we have earned a snack.', ...SOUND]],
  ['hurtful-words', 'lazy', ['No lazy legs today.', ...SOUND]],
  ['dose-for-age', 'frog', ['- 30 frog jumps', ...SOUND]],
  ['dose-for-age', 'plank', ['- hold plank 40 s', ...SOUND]],
  ['dose-for-age', 'jog', ['- jog 2 minutes', ...SOUND]],
  ['side-left-out', 'hop', ['- 6 hops left', ...SOUND]],
  [
    'same-region',
    null,
    ['- 8 squats', '- 6 frog jumps', '- jog 20 s', '- 8 squats', '- 6 squat jumps'],
  ],
  ['before-age', 'burpee', ['- 4 burpees', ...SOUND], { ages: { from: 4, to: 5 } }],
  [
    'landings',
    null,
    [
      '- 12 frog jumps',
      '- 12 two-foot jumps',
      '- 12 frog jumps',
      '- 30 jumping jacks',
      '- 30 jumping jacks',
      '- 30 jumping jacks',
    ],
  ],
  [
    'long-sentences',
    'fog',
    [
      'The fog comes over the marsh and the boats are all tied up and the reeds are bending and the birds have gone to sleep and the lamps are out and the oil is low and nobody knows who will go.',
      ...SOUND,
    ],
  ],
  ['promised-total', null, ['One hundred moves for the lamp!', ...SOUND]],
  ['promised-total', null, ['Ten times ten exercises, says Nettie.', ...SOUND]],
  ['setting-gives', 'log roll', ['- 3 log rolls', ...SOUND], { room: { floor: 'hard' } }],
  ['setting-gives', 'frog', SOUND, { room: { heightMetres: 2 } }],
  ['no-breather', null, ['- follow me: jog 20 s, jumping jacks 20 s, gallop 20 s', ...SOUND]],
  [
    'turn-twice',
    'die',
    ['- die 9 throws, children in turn: squats, march 10 s, stamps', ...SOUND],
    { group: 8 },
  ],
  [
    'long-wait',
    'letters',
    ['- relay 12 letters 6 m, one by one: march as the carriers', ...SOUND],
    { group: 12 },
  ],
  [
    'no-rest-place',
    null,
    ['- march 4 minutes', '- walk 4 minutes', '- drink 30 s', ...SOUND],
    { group: 12 },
  ],
  ['no-drink', null, ['- jog 100 s', '- gallop 100 s', '- high knees 100 s', ...SOUND]],
  [
    'much-to-remember',
    'chain',
    [
      '- chain: squats, claps, stamps, tall reach, march, side bend, arm circles, knee pats',
      ...SOUND,
    ],
  ],
  ['relay-time', 'letters', ['- relay 90 letters 10 m, 4 at a time, in 60 s: march', ...SOUND]],
  ['neighbours-same', 'squat', ['- 8 squats', '- 8 squats', ...SOUND.slice(1)]],
  ['no-chunks', 'stamp', ['- 34 stamps', ...SOUND]],
  [
    'chance-never',
    'die',
    ['- die 4 throws: squats, stamps, claps, marches, tall reaches, side bends', ...SOUND],
  ],
  ['chance-takes-over', null, ['- die 3 throws: squats, stamps, claps', ...SOUND]],
  ['promised-total', null, ['Twenty moves, no more and no less.', ...SOUND]],
  ['hurtful-words', 'winner', ['Who is the winner? Run!', ...SOUND]],
  ['hurtful-words', 'naughty', ['Naughty ducks sit down.', ...SOUND]],
  ['unknown-move', 'gorilla', ['- 6 gorilla thumps', ...SOUND]],
  ['hurtful-words', 'guns', ['Point your guns at the ducks.', ...SOUND]],
  ['hurtful-words', 'fat', ['Move that fat tummy.', ...SOUND]],
  ['hurtful-words', 'cry', ['Stop crying, and row.', ...SOUND]],
  ['promised-time', 'drink', ['Twenty seconds to drink.', '- drink 8 s', ...SOUND]],
  ['dose-for-age', 'hop', ['- 40 hops each leg', ...SOUND]],
  ['before-age', 'skip', ['- skip 25 s', ...SOUND], THREES],
  ['setting-gives', 'wall', ['- hold wall sit 10 s', ...SOUND], { room: { wallFree: false } }],
  ['long-on-hands', null, ['- crab walk 20 s', '- hold plank 15 s', '- bear walk 15 s', ...SOUND]],
  [
    'dizzy-then',
    'gliding',
    ['- 4 slow turns each way', '- hold aeroplane balance 5 s each leg', ...SOUND],
  ],
  ['rare-words', 'peregrination', ['Now our peregrination along the esplanade begins.', ...SOUND]],
];

describe('planted faults', () => {
  it.each(PLANTS.map((plant) => [plant[0], plant] as const))(
    '%s',
    (rule, [, at, lines, change]) => {
      const adventure = scriptOf(lines, change);
      const book = moveBookOf(adventure);
      const found = notesOf(adventure).filter((note) => note.rule === rule);
      expect(found.length).toBeGreaterThan(0);
      if (at === null) return;
      const labels = found.map(({ place, params }) => {
        const beat = adventure.chapters
          .flatMap(({ beats }) => beats)
          .find(({ id }) => id === place.beatId);
        return `${beat ? beatLabel(beat, book) : ''} ${Object.values(params).join(' ')}`.toLowerCase();
      });
      expect(
        labels.some((label) => label.includes(at.toLowerCase())),
        labels.join(' / '),
      ).toBe(true);
    },
  );

  it('the script that they are planted in is sound', () => {
    expect(notesOf(scriptOf(SOUND)).map(({ rule, params }) => [rule, params])).toEqual([]);
  });

  it('what is fine is left alone, however it may look', () => {
    const fine: readonly (readonly string[])[] = [
      ['- march 60 s', ...SOUND],
      ['- march 40', ...SOUND],
      ['- bear walk 6', ...SOUND],
      ['- hold lie still 30 s', ...SOUND],
      ['- jog on the spot 40 s', '- 8 arm circles', ...SOUND],
      ['- 3 stamps', ...SOUND],
    ];
    for (const lines of fine) {
      expect(
        notesOf(scriptOf(lines)).map(({ rule }) => rule),
        lines[0],
      ).toEqual([]);
    }
  });

  it('the demos have one note at most each', () => {
    const demos = readdirSync('src/lib/demo').filter((name) => name.endsWith('.arrup.json'));
    expect(demos.length).toBeGreaterThan(3);
    for (const name of demos) {
      const parsed = parseArrupJson(readFileSync(`src/lib/demo/${name}`, 'utf8'));
      if (!parsed.ok) throw new Error(name);
      const open = notesOf(parsed.value).filter(({ setAside }) => setAside === null);
      expect(open.length, name).toBeLessThanOrEqual(1);
    }
  });
});
