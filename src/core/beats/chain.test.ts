import { describe, expect, it } from 'vitest';
import { check } from '../findings/check';
import { chainBeat, echoBeat, withBeats } from '../testing/make';
import { unroll } from '../schedule/unroll';

const SIX = ['squat', 'arm-circle', 'hop', 'side-bend', 'march', 'punch-air'];
const worked = (adventure: ReturnType<typeof withBeats>) =>
  unroll(adventure).cues.filter(({ kind }) => kind === 'work');

describe('a growing chain', () => {
  // docs/facts.md, worked sums: n(n + 1) / 2 links performed; 6 links: 21.
  it('of six links does 21', () => {
    const links = worked(withBeats(chainBeat(SIX)));
    expect(links).toHaveLength(21);
    expect(links.map(({ doing }) => doing!.move).slice(0, 6)).toEqual([
      'squat',
      'squat',
      'arm-circle',
      'squat',
      'arm-circle',
      'hop',
    ]);
  });

  it('is gone through again after three and six, and then performed', () => {
    const chain = chainBeat(SIX, {
      rehearseAfter: [3, 6],
      perform: ['usual'],
      performSay: 'Now all!',
    });
    const { cues } = unroll(withBeats(chain));
    expect(cues.filter(({ kind }) => kind === 'work')).toHaveLength(21 + 3 + 6 + 6);
    expect(cues.findLast(({ kind }) => kind === 'say')!.text).toBe('Now all!');
  });

  it('is not blamed for coming round again', () => {
    const adventure = withBeats(chainBeat(SIX, { rehearseAfter: [3] }));
    const rules = check(adventure, adventure.setting, unroll(adventure)).map(({ rule }) => rule);
    expect(rules).not.toContain('neighbours-same');
    expect(rules).not.toContain('same-region');
  });

  it('without links only says its line', () => {
    const { cues } = unroll(withBeats(chainBeat([], { say: 'Ready?', perform: ['usual'] })));
    expect(cues.map(({ kind }) => kind)).toEqual(['say']);
  });
});

describe('lines on the beat', () => {
  it('take their beats at the tempo, and count them without counting as moves', () => {
    const { cues, totals } = unroll(withBeats(echoBeat(['knee-pat', 'march'], { times: 3 })));
    const lines = cues.filter(({ kind }) => kind === 'work');
    expect(lines).toHaveLength(6);
    for (const { lengthSeconds, doing } of lines) {
      expect(lengthSeconds).toBe(2);
      expect(doing).toMatchObject({ amount: 4, secondsPerCount: 0.5 });
    }
    expect(lines[0]!.doing!.name).toBe('Clap for the knee-pat');
    expect(totals.all.reps).toBe(0);
    expect(totals.all.workSeconds).toBe(12);
  });

  it('with an echo the leader goes first, as long again', () => {
    const { cues } = unroll(withBeats(echoBeat(['knee-pat'], { echo: true })));
    expect(cues.map(({ kind, lengthSeconds }) => [kind, lengthSeconds]).slice(-2)).toEqual([
      ['show', 2],
      ['work', 2],
    ]);
  });
});
