/** Things in a row, as they are said: "jog", "jog and turn", "jog, turn and clap". */
export function listed(things: readonly string[]): string {
  return things.length < 2
    ? (things[0] ?? '')
    : `${things.slice(0, -1).join(', ')} and ${things.at(-1)!}`;
}
