// The words of the code as a few texts, one for each part of the work, and back from them into the code.
import { filesWithWords, sourceOf, wordsOf } from './word-gather.mjs';

/** Which text the words of a folder stand in: the first that fits. */
const TEXTS = [
  ['stage', /^src\/(?:lib\/(?:stage|film|take)|core\/stage|routes\/(?:stage|rehearse))\b/u],
  ['prep-and-print', /^src\/(?:lib\/(?:prep|plan)|core\/(?:prep|print|room)|routes\/prep)\b/u],
  [
    'logbook-and-series',
    /^src\/(?:lib\/(?:logbook|review|series)|core\/(?:log|review|series)|routes\/(?:logbook|review|series))\b/u,
  ],
  ['moves', /^src\/(?:lib\/(?:moves|figures|pictures)|routes\/moves)\b/u],
  ['findings', /^src\/(?:lib|core)\/findings\b/u],
  ['beats-and-devices', /^src\/(?:lib\/(?:beats|chance)|core\/(?:beats|devices|chance|cues))\b/u],
  [
    'desk',
    /^src\/(?:lib\/(?:desk|fit|forecast|balance|draft|compare|ideas)|core\/(?:draft|fit|ideas)|routes\/desk)\b/u,
  ],
  ['shelf-and-settings', /^src\/(?:lib|routes)\//u],
  ['files-and-the-rest', /^src\//u],
];
export const TEXT_NAMES = TEXTS.map(([name]) => name);

/** The texts, by name: a folder is a heading, a file a line, and what it says is set in, a line each. */
export function wordTexts() {
  const texts = Object.fromEntries(TEXT_NAMES.map((name) => [name, '']));
  const places = {};
  for (const path of filesWithWords()) {
    const words = wordsOf(path, sourceOf(path));
    if (words.length === 0) continue;
    const [name] = TEXTS.find(([, folder]) => folder.test(path));
    const cut = path.lastIndexOf('/');
    const place = path.slice(0, cut);
    if (places[name] !== place)
      texts[name] += `${places[name] ? '\n' : ''}# ${(places[name] = place)}\n`;
    texts[name] += `\n${path.slice(cut + 1)}\n${words.map((one) => `  ${one}\n`).join('')}`;
  }
  return texts;
}

/** What a text says of each file. */
export function readText(text) {
  const files = new Map();
  let [place, path] = ['', ''];
  for (const line of text.split('\n')) {
    if (line.startsWith('# ')) place = line.slice(2);
    else if (line.startsWith('  ')) files.get(path).push(line.slice(2));
    else if (line !== '') files.set((path = `${place}/${line}`), []);
  }
  return files;
}

/** A text apart at what is worked out in it: "{count} moves" is ["", "{count}", " moves"]. */
function pieces(text) {
  const parts = [''];
  let deep = 0;
  for (const sign of text) {
    if (sign === '{' && deep++ === 0) parts.push('');
    parts[parts.length - 1] += sign;
    if (sign === '}' && --deep === 0) parts.push('');
  }
  return parts;
}
const escaped = (text) => text.replace(/[.*+?^${}()|[\]\\/]/gu, '\\$&');
const isWorkedOut = (piece) => piece.startsWith('{');

/** Where a text stands in the code, however it's broken into lines there. */
function patternOf(text) {
  const source = pieces(text).map((piece) =>
    isWorkedOut(piece)
      ? `(\\$?\\{\\s*${escaped(piece.slice(1, -1)).replace(/ /gu, '\\s*')}\\s*\\})`
      : escaped(piece).replace(/ /gu, '\\s+'),
  );
  return new RegExp(source.join(''), 'gu');
}

/**
 * The code with one text in place of another: what is worked out in it stays as it is, in any order. Null
 * where it can't be told what is meant: it stands in parts, or something is worked out that wasn't.
 */
export function withWords(source, before, after) {
  const kept = pieces(before).filter(isWorkedOut);
  const wanted = pieces(after);
  if (wanted.filter(isWorkedOut).some((piece) => !kept.includes(piece))) return null;
  if (/['"`\\<>]/u.test(after) && !/['"`\\<>]/u.test(before)) return null;
  const pattern = patternOf(before);
  if (source.search(pattern) < 0) return null;
  return source.replace(pattern, (_all, ...groups) =>
    wanted.map((piece) => (isWorkedOut(piece) ? groups[kept.indexOf(piece)] : piece)).join(''),
  );
}
