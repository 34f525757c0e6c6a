import { base64urlnopad } from '@scure/base';
import { deflateSync, Inflate, strFromU8, strToU8 } from 'fflate';
import type { Adventure } from '../../document/adventure';
import { problem, type Result } from '../../model/problem';
import {
  isAsWritten,
  MAX_FILE_CHARACTERS,
  parseArrupJson,
  withChecksum,
} from '../arrup-json/arrup-json';
import { DICTIONARY } from './dictionary';
import { fromDigits, toDigits } from './digits';

/** A fragment longer than this is none of ours, or of an adventure that a file is for. */
export const MOST_LINK_CHARACTERS = 100_000;
/** Above this some programs for messages cut a link. Common practice. */
export const LONG_LINK_CHARACTERS = 2000;
/**
 * Most bytes in a code that the camera of a phone reads off a screen: 1,952 fit into version 32 of
 * ISO/IEC 18004 at its lowest level of correction, 145 modules a side; the address needs some of them.
 */
export const MOST_CODE_BYTES = 1850;

/** What follows the first sign: bytes in letters, or in digits. */
const LETTERS = 'a';
const DIGITS = '1';

const dictionary = strToU8(DICTIONARY);

const packed = (adventure: Adventure): Uint8Array =>
  deflateSync(strToU8(JSON.stringify(withChecksum(adventure))), { level: 9, dictionary });

/** An adventure as the fragment of a link: whole, compressed, with its checksum. */
export const linkFragment = (adventure: Adventure): string =>
  LETTERS + base64urlnopad.encode(packed(adventure));

/** The same for a QR code, in digits; null where it is more than a camera reads. */
export function codeFragment(adventure: Adventure): string | null {
  const bytes = packed(adventure);
  return bytes.length > MOST_CODE_BYTES ? null : DIGITS + toDigits(bytes);
}

class TooLarge extends Error {}

/** Unpacks a little at a time, and stops as soon as it is more than an adventure may be. */
function unpacked(bytes: Uint8Array): string {
  const parts: Uint8Array[] = [];
  let length = 0;
  const inflate = new Inflate({ dictionary }, (part) => {
    length += part.length;
    if (length > MAX_FILE_CHARACTERS) throw new TooLarge();
    parts.push(part.slice());
  });
  const STEP = 1024;
  for (let at = 0; at < bytes.length; at += STEP)
    inflate.push(bytes.subarray(at, at + STEP), at + STEP >= bytes.length);
  const whole = new Uint8Array(length);
  let at = 0;
  for (const part of parts) {
    whole.set(part, at);
    at += part.length;
  }
  return strFromU8(whole);
}

function bytesIn(fragment: string): Uint8Array | null {
  const rest = fragment.slice(1);
  if (fragment.startsWith(DIGITS)) return fromDigits(rest);
  if (!fragment.startsWith(LETTERS)) return null;
  try {
    return base64urlnopad.decode(rest);
  } catch {
    return null;
  }
}

const refused = (...args: Parameters<typeof problem>): Result<never> => ({
  ok: false,
  problems: [problem(...args)],
});

/**
 * The adventure in the fragment of a link, without its "#". Refused where the link was cut or changed
 * on its way, where it is none of ours, and where what is in it is no adventure, or too large to be one.
 */
export function adventureInLink(fragment: string): Result<Adventure> {
  if (fragment.length > MOST_LINK_CHARACTERS) {
    return refused('link-too-long', [], { most: MOST_LINK_CHARACTERS });
  }
  const bytes = bytesIn(fragment);
  if (!bytes) return refused('broken-link');
  let text: string;
  try {
    text = unpacked(bytes);
  } catch (reason) {
    return reason instanceof TooLarge
      ? refused('too-large', [], { most: MAX_FILE_CHARACTERS })
      : refused('broken-link');
  }
  if (!isAsWritten(text)) return refused('broken-link');
  return parseArrupJson(text);
}
