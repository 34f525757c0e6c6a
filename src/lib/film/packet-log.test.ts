import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { PacketLog, type Disk } from './packet-log';

/** A disk in memory, with as many bytes as were written. */
function diskOf(start = new Uint8Array()) {
  let bytes = start.slice();
  const disk: Disk = {
    getSize: () => bytes.length,
    read: (into, { at }) => {
      const part = bytes.subarray(at, at + into.length);
      into.set(part);
      return part.length;
    },
    write: (part, { at }) => {
      if (at + part.length > bytes.length) {
        const longer = new Uint8Array(at + part.length);
        longer.set(bytes);
        bytes = longer;
      }
      bytes.set(part, at);
      return part.length;
    },
    truncate: (size) => (bytes = bytes.slice(0, size)),
    flush: () => {},
  };
  return { disk, bytes: () => bytes };
}

const HEAD = { codec: 'vp8', width: 16, height: 9, data: 'AAEC' };
const STRETCH = 4;
const packet = (frame: number) => ({
  frame,
  isKey: frame % STRETCH === 0,
  bytes: Uint8Array.from({ length: 1 + ((frame * 7) % 40) }, (_, n) => (frame + n) % 256),
});

/** A log of so many frames, a stretch closed after each four. */
function written(frames: number) {
  const made = diskOf();
  const log = new PacketLog(made.disk);
  for (let n = 0; n < frames; n += 1) {
    log.putHead(HEAD);
    log.put(packet(n));
    if ((n + 1) % STRETCH === 0) log.close(n + 1);
  }
  return made;
}

describe('encoded pictures on the disk', () => {
  it('are read back as they were written', () => {
    const { disk } = written(12);
    const log = new PacketLog(disk);
    expect(log.frames).toBe(12);
    expect(log.head).toEqual(HEAD);
    expect([...log.packets()]).toEqual(Array.from({ length: 12 }, (_, n) => packet(n)));
  });

  it('go on after the last whole stretch, wherever they were cut off', () => {
    fc.assert(
      fc.property(fc.nat(19), fc.double({ min: 0, max: 1, noNaN: true }), (frames, cut) => {
        const whole = written(frames).bytes();
        const { disk } = diskOf(whole.slice(0, Math.floor(whole.length * cut)));
        const log = new PacketLog(disk);
        expect(log.frames % STRETCH).toBe(0);
        expect(log.frames).toBeLessThanOrEqual(frames);
        expect(log.head === null).toBe(log.frames === 0);
        // What is written next stands behind it, and nothing twice.
        log.putHead(HEAD);
        for (let n = log.frames, end = n + STRETCH; n < end; n += 1) log.put(packet(n));
        log.close(log.frames + STRETCH);
        const again = new PacketLog(disk);
        expect([...again.packets()].map(({ frame }) => frame)).toEqual(
          Array.from({ length: again.frames }, (_, n) => n),
        );
        expect([...again.packets()].at(-1)).toEqual(packet(again.frames - 1));
      }),
    );
  });
});
