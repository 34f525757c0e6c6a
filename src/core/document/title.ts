/** What an adventure goes by where it has no title yet. */
export function titleOf({ title }: Readonly<{ title: string }>): string {
  return title.trim() || 'Untitled adventure';
}
