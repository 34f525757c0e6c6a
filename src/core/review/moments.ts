import type { CountedSet, FoundBeat, ReviewMoment, Shares } from '../log/reviewed';
import { toTenth } from '../words/middle';
import type { Laid } from './lay';
import { lasts, type RealCue } from './real-cues';

/** A rest or a drink that was given less than this share of its time is told. Our own judgement. */
const SHORT_SHARE = 0.6;
/** Nobody moves for so many seconds. Our own judgement: threes sit for a minute or two. */
const LONG_STILL = 120;
/** Counting one off is the captions' doing. */
const COUNT_OFF = 2;

const plain = { planned: null, real: null } as const;

/** Two sides need more than this share of their time. Our own judgement. */
const ONE_SIDE_SHARE = 0.7;

/** Sided work in which only one side was ever named, and which took little more than one side's time. */
function oneSided(
  { segments, alignment }: Laid,
  real: readonly RealCue[],
  sidesHeard: SidesHeard,
): readonly ReviewMoment[] {
  return alignment.found.flatMap(({ segment, fromSeconds, toSeconds }) => {
    const { beatId, label, plannedSeconds } = segments[segment]!;
    const own = real.filter(
      ({ startSeconds }) => startSeconds >= fromSeconds && startSeconds < toSeconds,
    );
    const sides = new Set(own.flatMap(({ cue }) => cue.doing?.side ?? []));
    if (!sides.has('left') || !sides.has('right')) return [];
    const heard = sidesHeard(fromSeconds, toSeconds);
    const one = heard.left > 0 !== heard.right > 0;
    if (!one || toSeconds - fromSeconds > plannedSeconds * ONE_SIDE_SHARE) return [];
    return [
      {
        kind: 'one side' as const,
        startSeconds: fromSeconds,
        endSeconds: toSeconds,
        beatId,
        label,
        ...plain,
      },
    ];
  });
}

/** How often each side is said between two times. */
export type SidesHeard = (from: number, to: number) => Readonly<{ left: number; right: number }>;

/** Beats that were left out, done twice or done elsewhere: of two times, the second. */
function strayed(beats: readonly FoundBeat[]): readonly ReviewMoment[] {
  const seen = new Set<string>();
  return beats.flatMap(({ beatId, part = '', label, state, startSeconds, endSeconds }) => {
    if (state === 'led') return [];
    const key = `${beatId} ${part}`;
    if (state === 'twice' && !seen.has(key)) {
      seen.add(key);
      return [];
    }
    return [{ kind: state, startSeconds, endSeconds, beatId, label, ...plain }];
  });
}

function lostCounts(counts: readonly CountedSet[]): readonly ReviewMoment[] {
  return counts.flatMap(({ beatId, name, planned, counted, startSeconds }) =>
    counted === null || Math.abs(counted - planned) < COUNT_OFF
      ? []
      : [
          {
            kind: 'count' as const,
            startSeconds,
            endSeconds: startSeconds + Math.max(2, counted),
            beatId,
            label: name,
            planned,
            real: counted,
          },
        ],
  );
}

/** Drinks and rests that were given less than they were promised. */
function cutShort(real: readonly RealCue[]): readonly ReviewMoment[] {
  return real
    .filter(({ cue }) => (cue.kind === 'drink' || cue.kind === 'rest') && cue.lengthSeconds >= 8)
    .filter((one) => lasts(one) < one.cue.lengthSeconds * SHORT_SHARE)
    .map((one) => ({
      kind: 'too short' as const,
      startSeconds: one.startSeconds,
      endSeconds: one.endSeconds,
      beatId: one.cue.beatId,
      label: one.cue.kind === 'drink' ? 'Drink' : 'Rest',
      planned: Math.round(one.cue.lengthSeconds),
      real: Math.round(lasts(one)),
    }));
}

function longStill(real: readonly RealCue[], shares: Shares): readonly ReviewMoment[] {
  if (shares.longestStillSeconds <= LONG_STILL) return [];
  const startSeconds = shares.longestStillAt;
  const at = real.find((one) => one.endSeconds > startSeconds);
  return [
    {
      kind: 'long talk',
      startSeconds,
      endSeconds: startSeconds + shares.longestStillSeconds,
      beatId: at?.cue.beatId ?? '',
      label: '',
      planned: null,
      real: Math.round(shares.longestStillSeconds),
    },
  ];
}

/** The list of moments, by time; `missing` has the sets that there was no time for. */
export function momentsOf(
  laid: Laid,
  beats: readonly FoundBeat[],
  counts: readonly CountedSet[],
  real: readonly RealCue[],
  shares: Shares,
  sidesHeard: SidesHeard,
  missing: readonly ReviewMoment[],
): readonly ReviewMoment[] {
  const sides = oneSided(laid, real, sidesHeard);
  // Where one side is missing there is no time for all sets either.
  const sets = missing.filter(
    ({ startSeconds }) => !sides.some((side) => side.startSeconds === startSeconds),
  );
  return [
    ...strayed(beats),
    ...lostCounts(counts),
    ...cutShort(real),
    ...sets,
    ...sides,
    ...longStill(real, shares),
  ]
    .map((one) => ({
      ...one,
      startSeconds: toTenth(one.startSeconds),
      endSeconds: toTenth(one.endSeconds),
    }))
    .sort((a, b) => a.startSeconds - b.startSeconds);
}
