import ferryDie from './recordings/ferry-die.vtt?url';
import sixLamps from './recordings/six-lamps.vtt?url';

/** Captions of demo adventures that somebody led, by the adventure's id; made up, as the demo is. */
const FILES: Readonly<Record<string, string>> = {
  'adv_ferry-die': ferryDie,
  'adv_six-lamps': sixLamps,
};

/** Fetches the captions of a demo adventure; null where there are none. */
export function demoRecording(adventureId: string): (() => Promise<File>) | null {
  const address = FILES[adventureId];
  if (!address) return null;
  return async () => {
    const text = await (await fetch(address)).text();
    return new File([text], `${adventureId.replace('adv_', '')}.vtt`, { type: 'text/vtt' });
  };
}
