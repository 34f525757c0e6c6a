/*
 * Letters as children are shown to write them, stroke by stroke: SVG paths in a box 80 wide and 150 high,
 * capitals from 10 down to 110, small letters from 50, tails to 142. Drawn for Arrup.
 */
const P = 'M15 10V110|M15 10H44a26 26 0 0 1 0 52H15';
const ROUND = 'M66 62A28 30 0 1 0 66 98';
const ARCH = 'M16 74C22 44 64 44 64 74V110';

const STROKES: Readonly<Record<string, string>> = {
  A: 'M40 10L8 110|M40 10L72 110|M20 72H60',
  B: 'M15 10V110|M15 10H42a24 24 0 0 1 0 48H15|M15 58H45a26 26 0 0 1 0 52H15',
  C: 'M70 30A38 50 0 1 0 70 90',
  D: 'M15 10V110|M15 10H35a35 50 0 0 1 0 100H15',
  E: 'M15 10V110|M15 10H65|M15 60H58|M15 110H65',
  F: 'M15 10V110|M15 10H65|M15 60H58',
  G: 'M70 30A38 50 0 1 0 72 76|M46 68H74',
  H: 'M12 10V110|M68 10V110|M12 60H68',
  I: 'M40 10V110',
  J: 'M55 10V84a22 26 0 0 1-44 4',
  K: 'M15 10V110|M66 10L15 66|M32 50L68 110',
  L: 'M18 10V110H66',
  M: 'M10 110V10|M10 10L40 70L70 10|M70 10V110',
  N: 'M12 110V10|M12 10L68 110|M68 110V10',
  O: 'M40 10A34 50 0 1 0 40 110A34 50 0 1 0 40 10',
  P,
  Q: 'M40 10A34 50 0 1 0 40 110A34 50 0 1 0 40 10|M50 84L74 116',
  R: `${P}|M38 62L68 110`,
  S: 'M66 26C58 6 14 6 14 34C14 62 68 54 68 84C68 116 18 116 10 92',
  T: 'M40 10V110|M8 10H72',
  U: 'M12 10V76a28 34 0 0 0 56 0V10',
  V: 'M10 10L40 110L70 10',
  W: 'M4 10L22 110L40 36L58 110L76 10',
  X: 'M12 10L68 110|M68 10L12 110',
  Y: 'M10 10L40 58|M70 10L40 58V110',
  Z: 'M12 10H68L12 110H68',
  a: `${ROUND}|M66 50V110`,
  b: 'M16 10V110|M16 66A27 30 0 1 1 16 94',
  c: 'M64 62A28 30 0 1 0 64 98',
  d: `${ROUND}|M66 10V110`,
  e: 'M14 80H68A27 30 0 1 0 60 100',
  f: 'M60 18C50 6 36 10 36 30V110|M18 54H56',
  g: `${ROUND}|M66 50V122C66 144 26 144 20 128`,
  h: `M16 10V110|${ARCH}`,
  i: 'M40 50V110|M40 28V29',
  j: 'M46 50V122C46 140 24 142 18 130|M46 28V29',
  k: 'M16 10V110|M58 50L16 84|M32 72L62 110',
  l: 'M40 10V110',
  m: 'M8 50V110|M8 70C12 46 38 46 38 70V110|M38 70C42 46 72 46 72 70V110',
  n: `M16 50V110|${ARCH}`,
  o: 'M40 50A28 30 0 1 0 40 110A28 30 0 1 0 40 50',
  p: 'M16 50V142|M16 66A27 30 0 1 1 16 94',
  q: 'M64 66A27 30 0 1 0 64 94|M64 50V142',
  r: 'M24 50V110|M24 74C28 54 44 46 58 54',
  s: 'M60 60C52 44 20 46 20 64C20 84 62 78 62 96C62 114 24 114 16 100',
  t: 'M36 22V96C36 112 52 112 60 104|M16 52H58',
  u: 'M16 50V86C16 116 58 116 64 86|M64 50V110',
  v: 'M14 50L40 110L66 50',
  w: 'M6 50L24 110L40 62L56 110L74 50',
  x: 'M16 50L64 110|M64 50L16 110',
  y: 'M14 50L40 106|M66 50L34 142',
  z: 'M16 50H62L16 110H64',
};

/** The box that the strokes of a letter are drawn in. */
export const LETTER_BOX = { width: 80, height: 150 } as const;

/** The strokes of a letter in the order of writing, as SVG paths; null for one that isn't known. */
export function letterStrokes(letter: string): readonly string[] | null {
  const strokes = Object.hasOwn(STROKES, letter) ? STROKES[letter] : undefined;
  return strokes?.split('|') ?? null;
}
