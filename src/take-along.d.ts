/** The Stage as one page without an adventure in it (`scripts/take-along.mjs`). */
declare module 'virtual:take-along' {
  const page: string;
  export default page;
}
