/** The words of a text in small letters, without signs and figures. */
export function letterWords(text: string): readonly string[] {
  return text.toLowerCase().match(/\p{L}+/gu) ?? [];
}

/** Those of them that may tell one story from another: three letters and more. */
export function tellingWords(text: string): readonly string[] {
  return letterWords(text).filter((word) => [...word].length >= 3);
}
