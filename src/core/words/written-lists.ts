/** Items between commas (or semicolons), trimmed, none empty, each `mostCharacters` at most. */
export function readList(text: string, mostItems: number, mostCharacters: number): string[] {
  return text
    .split(/[,;\n]/u)
    .map((item) => item.trim().slice(0, mostCharacters))
    .filter(Boolean)
    .slice(0, mostItems);
}

export function listInWords(items: readonly string[]): string {
  return items.join(', ');
}

const MOST_CAST = 40;
const MOST_CHARACTERS = 120;

/** "Pip Sedge (carries the post, on stilts), Nettie": names, each with a role in brackets if any. */
export function readCast(text: string): { name: string; role: string }[] {
  return [...text.matchAll(/\s*([^,;(\n]+)(?:\(([^)\n]*)\)?)?/gu)]
    .map(([, name, role]) => ({
      name: name!.trim().slice(0, MOST_CHARACTERS),
      role: (role ?? '').trim().slice(0, MOST_CHARACTERS),
    }))
    .filter(({ name }) => name.replace(/\)/gu, '').length > 0)
    .slice(0, MOST_CAST);
}

export function castInWords(cast: readonly Readonly<{ name: string; role: string }>[]): string {
  return cast.map(({ name, role }) => (role ? `${name} (${role})` : name)).join(', ');
}
