/** Digits that so many bytes need: 3 for one, 17 for seven. */
const DIGITS = [0, 3, 5, 8, 10, 13, 15, 17] as const;
const GROUP = DIGITS.length - 1;

/**
 * Bytes as decimal digits, seven bytes to seventeen of them: a QR code has a mode for digits in which
 * they take no more room than the bytes would.
 */
export function toDigits(bytes: Uint8Array): string {
  let text = '';
  for (let at = 0; at < bytes.length; at += GROUP) {
    const group = bytes.subarray(at, at + GROUP);
    let value = 0n;
    for (const byte of group) value = value * 256n + BigInt(byte);
    text += String(value).padStart(DIGITS[group.length]!, '0');
  }
  return text;
}

/** The bytes again; null for what `toDigits` never writes. */
export function fromDigits(text: string): Uint8Array | null {
  if (!/^\d*$/u.test(text)) return null;
  const whole = DIGITS[GROUP]!;
  const rest = (DIGITS as readonly number[]).indexOf(text.length % whole);
  if (rest < 0) return null;
  const bytes = new Uint8Array(Math.floor(text.length / whole) * GROUP + rest);
  for (let at = 0; at < bytes.length; at += GROUP) {
    const count = Math.min(GROUP, bytes.length - at);
    const start = (at / GROUP) * whole;
    let value = BigInt(text.slice(start, start + DIGITS[count]!));
    for (let n = count - 1; n >= 0; n -= 1) {
      bytes[at + n] = Number(value % 256n);
      value /= 256n;
    }
    if (value > 0n) return null;
  }
  return bytes;
}
