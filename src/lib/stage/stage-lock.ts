/*
 * Who leads an adventure holds a lock of the browser's on it: another Stage sees that, and a window that
 * follows sees when nobody holds it any more, however that Stage has ended.
 */
const nameOf = (adventureId: string) => `arrup.stage.${adventureId}`;

/** Takes the lock; `taken` is called where another window has it. Returns the way to give it back. */
export function holdStage(adventureId: string, taken: () => void): () => void {
  const { locks } = navigator;
  if (!locks) return () => {};
  let giveBack = () => {};
  const until = new Promise<void>((resolve) => (giveBack = resolve));
  void locks
    .request(nameOf(adventureId), { ifAvailable: true }, (lock) => {
      if (lock) return until;
      taken();
      // As soon as the other one ends, this is the one that leads.
      return locks.request(nameOf(adventureId), () => until);
    })
    .catch(() => undefined);
  return () => giveBack();
}

/** Whether somebody leads the adventure; true where the browser does not know. */
export async function isLed(adventureId: string): Promise<boolean> {
  const { locks } = navigator;
  if (!locks) return true;
  const { held = [] } = await locks.query();
  return held.some(({ name }) => name === nameOf(adventureId));
}
