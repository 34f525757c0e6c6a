/** See kill.mjs. */
export function killOften(asked: { at: string; kills: number; seed: number }): Promise<{
  lost: readonly object[];
  unreadable: number;
  worked: number;
}>;
