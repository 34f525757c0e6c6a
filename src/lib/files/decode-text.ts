const bom = (bytes: Uint8Array, ...marks: readonly number[]) =>
  marks.every((mark, n) => bytes[n] === mark);

/** Nearly every other byte of Latin text in UTF-16 is nought: `at` 1 for little-endian, 0 for big-endian. */
function isWide(bytes: Uint8Array, at: 0 | 1): boolean {
  const looked = Math.min(bytes.length, 2000);
  let noughts = 0;
  for (let n = at; n < looked; n += 2) if (bytes[n] === 0) noughts += 1;
  return looked >= 4 && noughts > looked / 4;
}

/** Windows-1252 from 80 to 9F, where it is not Latin 1 (WHATWG Encoding Standard). Node has it wrong. */
const WINDOWS = '€\u0081‚ƒ„…†‡ˆ‰Š‹Œ\u008dŽ\u008f\u0090‘’“”•–—˜™š›œ\u009džŸ';

function fromWindows(bytes: Uint8Array): string {
  let text = '';
  for (const byte of bytes) {
    text += byte >= 0x80 && byte < 0xa0 ? WINDOWS[byte - 0x80]! : String.fromCharCode(byte);
  }
  return text;
}

/**
 * The text in a file, whatever wrote it: UTF-8, UTF-16 with or without its mark, or else Windows-1252, as
 * older word processors and spreadsheets save it. No sign is lost: what is no UTF-8 is never read as it.
 */
export function decodeText(bytes: Uint8Array): string {
  if (bom(bytes, 0xff, 0xfe) || isWide(bytes, 1)) return new TextDecoder('utf-16le').decode(bytes);
  if (bom(bytes, 0xfe, 0xff) || isWide(bytes, 0)) return new TextDecoder('utf-16be').decode(bytes);
  try {
    return new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    return fromWindows(bytes);
  }
}
