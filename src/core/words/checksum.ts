const POLYNOMIAL = 0xedb88320;

const TABLE = Uint32Array.from({ length: 256 }, (_, byte) => {
  let value = byte;
  for (let bit = 0; bit < 8; bit += 1) {
    value = value & 1 ? (value >>> 1) ^ POLYNOMIAL : value >>> 1;
  }
  return value;
});

/**
 * CRC-32 of a text (ISO 3309, as in ZIP and PNG), as eight hexadecimal digits. Signs beyond Latin 1 count as
 * two bytes, the higher first. It tells a slip from none; it keeps nobody out.
 */
export function checksum(text: string): string {
  let value = 0xffffffff;
  const take = (byte: number) => (value = TABLE[(value ^ byte) & 0xff]! ^ (value >>> 8));
  for (let n = 0; n < text.length; n += 1) {
    const code = text.charCodeAt(n);
    if (code > 0xff) take(code >>> 8);
    take(code & 0xff);
  }
  return ((value ^ 0xffffffff) >>> 0).toString(16).padStart(8, '0');
}
