import { wordsToDigits } from '../words/numbers';
import { plainWords } from '../words/plain-words';
import { readDose, type DoseRead } from './dose-reader';

/** Lower-case singular words with digits apart from letters and commas apart from both. */
export function wordsOf(line: string): string[] {
  const apart = line
    .replace(/×/gu, ' x ')
    .replace(/(?<![\d–-])(\d+)\s*[-–]\s*(?=\d+(?![\d–-]))/gu, '$1 to ')
    .replace(/([,;.!])/gu, ' $1 ')
    .replace(/(\d)(?=[a-z])/giu, '$1 ')
    .replace(/\bx(?=\d)/giu, 'x ');
  return plainWords(apart);
}

/** What a text says of a dose, number words and all. */
export function doseIn(text: string): DoseRead {
  return readDose(wordsToDigits(wordsOf(text)));
}
