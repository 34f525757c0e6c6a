import { WaveFile } from 'wavefile';
import { describe, expect, it } from 'vitest';
import { unroll } from '../../schedule/unroll';
import { doseOf, moveBeat, withBeats } from '../../testing/make';
import {
  MOST_TRACK_SECONDS,
  renderGuideTrack,
  SAMPLE_RATE,
  soundsOf,
  TrackTooLong,
} from './guide-track';

const schedule = unroll(
  withBeats(
    moveBeat([doseOf('squat', 8, { amounts: [8, 8], restSeconds: 10 }), doseOf('plank', 10)]),
    { kind: 'drink', id: 'bt_d', text: '', seconds: 20 },
  ),
);

/** A block of samples, as audio is handled. */
const BLOCK = 128;

// The outside reader is wavefile.
describe('the guide track', () => {
  const bytes = renderGuideTrack(schedule);
  const file = new WaveFile(bytes);
  const { sampleRate, numChannels } = file.fmt as { sampleRate: number; numChannels: number };
  const samples = file.getSamples(false, Int16Array) as unknown as Int16Array;
  const track = Float32Array.from(samples, (one) => one / 2 ** 15);

  it('is a file that another reader reads, as long as the schedule', () => {
    expect(sampleRate).toBe(SAMPLE_RATE);
    expect(numChannels).toBe(1);
    expect(track.length / sampleRate).toBeCloseTo(schedule.totalSeconds, 3);
  });

  it('has every sound of the schedule within a block of samples, and silence before it', () => {
    const sounds = soundsOf(schedule);
    expect(sounds.length).toBeGreaterThan(20);
    for (const { atSeconds } of sounds) {
      const at = Math.round(atSeconds * sampleRate);
      const loudest = (from: number, to: number) =>
        track.slice(Math.max(0, from), to).reduce((most, one) => Math.max(most, Math.abs(one)), 0);
      expect(loudest(at, at + BLOCK)).toBeGreaterThan(0.1);
      // What was struck before may still be dying away; this one is not there yet.
      expect(loudest(at - BLOCK, at - 1)).toBeLessThan(loudest(at, at + BLOCK) / 2);
    }
  });

  it('has nothing where nothing sounds', () => {
    const drink = schedule.cues.find(({ kind }) => kind === 'drink')!;
    const from = Math.round((drink.startSeconds + 1) * sampleRate);
    expect(track.slice(from, from + 10 * sampleRate).every((one) => one === 0)).toBe(true);
  });

  it('of nothing is an empty track', () => {
    const beyond = { cues: [], totalSeconds: MOST_TRACK_SECONDS + 1 };
    expect(() => renderGuideTrack(beyond)).toThrow(TrackTooLong);
    const nothing = renderGuideTrack({ cues: [], totalSeconds: 0 });
    expect(nothing).toHaveLength(44);
  });
});
