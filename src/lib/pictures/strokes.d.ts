/** The package ships its icons as strokes, one a file, without types for each. */
declare module 'lucide/dist/esm/icons/*.mjs' {
  const strokes: readonly [
    element: string,
    attributes: Readonly<Record<string, string | number>>,
  ][];
  export default strokes;
}
