/**
 * `of`, worked out once for each object: beats never change, so what is read off one stays true.
 * At a key stroke 299 of 300 beats are old acquaintances. Forgotten with the object.
 */
export function remember<Key extends object, Value>(of: (key: Key) => Value): (key: Key) => Value {
  const known = new WeakMap<Key, Value>();
  return (key) => {
    if (known.has(key)) return known.get(key)!;
    const value = of(key);
    known.set(key, value);
    return value;
  };
}
