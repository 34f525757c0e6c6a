/** What stands between commas, or other marks, none of it empty. */
export function namesIn(text: string, between: RegExp = /,/u): readonly string[] {
  return text
    .split(between)
    .map((name) => name.trim())
    .filter(Boolean);
}

/** The names of a row: ";" stands between those that may have commas in them. */
export function namesInRow(text: string, between: RegExp = /,/u): readonly string[] {
  return namesIn(text, text.includes(';') ? /;/u : between);
}

/** The same, written: with ";" between them where one has commas in it. */
export function inRow(lines: readonly string[]): string {
  return lines.join(lines.some((line) => line.includes(',')) ? '; ' : ', ');
}
