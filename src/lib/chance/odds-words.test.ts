import { DEFAULT_SETTING, type Odds, oddsOfBeat, USUAL_DEFAULTS } from '$core';
import { describe, expect, it } from 'vitest';
import { doseOf, drawBeat } from '../../core/testing/make';
import { chanceInWords, oddsInShort, oddsInWords } from './odds-words';

function odds(...given: Parameters<typeof drawBeat>): Odds {
  const beat = drawBeat(...given);
  const question = { beat, setting: DEFAULT_SETTING, moves: [] };
  const answer = oddsOfBeat({ ...question, defaults: USUAL_DEFAULTS });
  if (!answer.ok) throw new Error('not drawable');
  return answer.value;
}
const SIX = ['reed', 'punt', 'kite', 'lamp', 'bell', 'fog'];

describe('what to expect, in words', () => {
  it.each([
    [0, 'never'],
    [0.001, 'hardly ever'],
    [1 / 36, 'in 1 session of 36'],
    [0.85, 'in 17 of 20 sessions'],
    [0.999, 'nearly always'],
    [1, 'always'],
  ])('a chance of %d is %s', (chance, words) => {
    expect(chanceInWords(chance)).toBe(words);
  });

  it('twenty throws of a die: every face 17 times of 20, three repeats or so', () => {
    const words = oddsInWords(odds(6, { rules: { stop: { after: 'draws', draws: 20 } } }), SIX);
    expect(words).toContain('Each comes about 3.3 times.');
    expect(words).toContain(
      'You’ll meet every one of them in 17 of 20 sessions; any one of them stays away in 1 session of 38.',
    );
    expect(words).toContain('Expect the same twice in a row about 3.2 times.');
    expect(words).toContain('100 counted moves in all.');
  });

  it.each([
    [6, 20, 'You’ll probably meet all six. One of them may well come six times.'],
    [6, 8, 'One of the six will probably not come. One of them may well come three times.'],
    [6, 4, 'Three of the six will probably not come. One of them may well come twice.'],
  ])('of %d in %d throws, in two sentences that a child could follow', (sides, draws, words) => {
    const given = odds(sides, { rules: { stop: { after: 'draws', draws } } });
    expect(oddsInShort(given, SIX)).toBe(words);
  });

  it('names the one that comes most often, where one does', () => {
    const plain = drawBeat(3, { device: { kind: 'spinner' } });
    const entries = plain.entries.map((entry, n) => ({ ...entry, weight: n === 1 ? 6 : 1 }));
    const given = odds(3, { device: plain.device, entries });
    expect(oddsInShort(given, ['reed', 'punt', 'kite'])).toContain('Punt may well come');
  });

  it('says what can never come, and never that all will be met then', () => {
    const coin = drawBeat(2, { device: { kind: 'coin' } });
    const entries = coin.entries.map((entry, n) => ({ ...entry, faces: n === 0 ? [1, 2] : [] }));
    const words = oddsInWords(odds(2, { device: coin.device, entries }), ['march', 'hop']).join(
      ' ',
    );
    expect(words).toContain('As it stands, hop can never come.');
    expect(words).not.toContain('You’ll meet every one of them');
  });

  it('names the stand-ins, and how good a played answer is', () => {
    const standIn = doseOf('march', 4);
    const words = oddsInWords(odds(2, { rules: { onRepeat: 'stand-in', standIn } }), ['a', 'b']);
    expect(words.join(' ')).toMatch(/Expect about 3\.\d stand-ins\./u);
    const played = oddsInWords(odds(20, { rules: { mostOfOne: 2 } }), SIX);
    expect(played.at(-1)).toBe(
      'Played 1,000 times, so every chance is right to within 5.2 in 100.',
    );
  });
});
