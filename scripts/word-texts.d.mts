export const TEXT_NAMES: readonly string[];
export function wordTexts(): Readonly<Record<string, string>>;
export function readText(text: string): Map<string, string[]>;
export function withWords(source: string, before: string, after: string): string | null;
