/** The page that leads itself, as the build made it: it comes when the first is written. */
export const loadTakePage = (): Promise<string> =>
  import('virtual:take-along').then(({ default: page }) => page);
