/** An object as it would be without some of its fields: one that was kept before they came. */
export function without<T extends object, K extends keyof T>(from: T, ...names: K[]): Omit<T, K> {
  return Object.fromEntries(
    Object.entries(from).filter(([name]) => !(names as PropertyKey[]).includes(name)),
  ) as Omit<T, K>;
}
