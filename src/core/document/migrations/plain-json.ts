export type Json = Readonly<Record<string, unknown>>;

const isJson = (value: unknown): value is Json =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An object changed, each object of a list changed; anything else is left for the check. */
export function each(value: unknown, change: (one: Json) => Json): unknown {
  if (Array.isArray(value)) return value.map((one: unknown) => (isJson(one) ? change(one) : one));
  return isJson(value) ? change(value) : value;
}
