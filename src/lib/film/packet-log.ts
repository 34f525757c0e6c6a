/** The part of a file's access handle that is needed here. */
export type Disk = Readonly<{
  getSize: () => number;
  read: (into: Uint8Array<ArrayBuffer>, options: { at: number }) => number;
  write: (bytes: Uint8Array<ArrayBuffer>, options: { at: number }) => number;
  truncate: (size: number) => void;
  flush: () => void;
}>;

/** A picture as it was encoded; `frame` is which it is, counted from 0. */
export type Packet = Readonly<{ frame: number; isKey: boolean; bytes: Uint8Array<ArrayBuffer> }>;

/** What a decoder has to know of the pictures, as JSON. */
export type LogHead = Readonly<{ codec: string; width: number; height: number; data: string }>;

const HEAD = 1;
const PACKET = 2;
const DONE = 3;
/** Kind and length before each record; frame and whether it is a key before each packet. */
const RECORD_BYTES = 5;
const PACKET_BYTES = 5;

/**
 * Encoded pictures on the disk, in stretches: a film that was broken off goes on after the last whole
 * stretch. Everything that is kept is read back by its own lengths; what stands behind the last whole
 * stretch is cut off when the log is opened.
 */
export class PacketLog {
  readonly #disk: Disk;
  #end = 0;
  #frames = 0;
  #head: LogHead | null = null;

  constructor(disk: Disk) {
    this.#disk = disk;
    let end = 0;
    for (const { kind, at, length } of this.#records()) {
      if (kind === HEAD) {
        this.#head ??= JSON.parse(new TextDecoder().decode(this.#bytes(at, length))) as LogHead;
      }
      if (kind !== DONE) continue;
      end = at + length;
      this.#frames = new DataView(this.#bytes(at, 4).buffer).getUint32(0);
    }
    if (this.#frames === 0) this.#head = null;
    this.#end = end;
    disk.truncate(end);
  }

  /** How many frames are there in whole stretches. */
  get frames(): number {
    return this.#frames;
  }

  get head(): LogHead | null {
    return this.#head;
  }

  /** Kept once, before the first packet. */
  putHead(head: LogHead): void {
    if (this.#head) return;
    this.#head = head;
    this.#put(HEAD, [new TextEncoder().encode(JSON.stringify(head))]);
  }

  put({ frame, isKey, bytes }: Packet): void {
    const own = new DataView(new ArrayBuffer(PACKET_BYTES));
    own.setUint32(0, frame);
    own.setUint8(4, isKey ? 1 : 0);
    this.#put(PACKET, [new Uint8Array(own.buffer), bytes]);
  }

  /** A stretch is whole: up to `frames` it's safe. */
  close(frames: number): void {
    const own = new DataView(new ArrayBuffer(4));
    own.setUint32(0, frames);
    this.#put(DONE, [new Uint8Array(own.buffer)]);
    this.#frames = frames;
    this.#disk.flush();
  }

  /** All packets in their order. */
  *packets(): Generator<Packet> {
    for (const { kind, at, length } of this.#records()) {
      if (kind !== PACKET) continue;
      const own = new DataView(this.#bytes(at, PACKET_BYTES).buffer);
      yield {
        frame: own.getUint32(0),
        isKey: own.getUint8(4) === 1,
        bytes: this.#bytes(at + PACKET_BYTES, length - PACKET_BYTES),
      };
    }
  }

  #put(kind: number, parts: readonly Uint8Array<ArrayBuffer>[]): void {
    const length = parts.reduce((sum, part) => sum + part.length, 0);
    const own = new DataView(new ArrayBuffer(RECORD_BYTES));
    own.setUint8(0, kind);
    own.setUint32(1, length);
    for (const part of [new Uint8Array(own.buffer), ...parts]) {
      this.#end += this.#disk.write(part, { at: this.#end });
    }
  }

  #bytes(at: number, length: number): Uint8Array<ArrayBuffer> {
    const bytes = new Uint8Array(length);
    this.#disk.read(bytes, { at });
    return bytes;
  }

  *#records(): Generator<{ kind: number; at: number; length: number }> {
    const size = this.#disk.getSize();
    let at = 0;
    while (at + RECORD_BYTES <= size) {
      const own = new DataView(this.#bytes(at, RECORD_BYTES).buffer);
      const length = own.getUint32(1);
      at += RECORD_BYTES;
      if (at + length > size) return;
      yield { kind: own.getUint8(0), at, length };
      at += length;
    }
  }
}
