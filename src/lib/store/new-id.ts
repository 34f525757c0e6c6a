/** A fresh id with its prefix; also where `crypto.randomUUID` is missing (plain http). */
export function newId(prefix: string): string {
  const bytes = crypto.getRandomValues(new Uint8Array(9));
  const text = [...bytes].map((byte) => byte.toString(36).padStart(2, '0')).join('');
  return `${prefix}_${text}`;
}

/** A fresh seed for draws: 32 bits. */
export function newSeed(): number {
  return crypto.getRandomValues(new Uint32Array(1))[0]!;
}
