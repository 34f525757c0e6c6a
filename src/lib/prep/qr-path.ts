import { create } from 'qrcode';

/** Modules of white round a code that cameras need (ISO/IEC 18004). */
const QUIET = 4;

/** A QR code as a path in squares of one, and how wide it is with the white round it. */
export type QrPath = Readonly<{ path: string; width: number }>;

/** The code of an address whose fragment is digits: these take the least room. */
export function qrOf(address: string, digits: string): QrPath {
  const { modules } = create(
    [
      { data: new TextEncoder().encode(`${address}#`), mode: 'byte' },
      { data: digits, mode: 'numeric' },
    ],
    { errorCorrectionLevel: 'L' },
  );
  const { size } = modules;
  let path = '';
  for (let row = 0; row < size; row += 1) {
    for (let column = 0; column < size; column += 1) {
      if (modules.get(row, column)) path += `M${column + QUIET} ${row + QUIET}h1v1h-1z`;
    }
  }
  return { path, width: size + 2 * QUIET };
}
