import { readCast, readList } from '../../words/written-lists';
import type { Adventure } from '../../document/adventure';
import { ledAlone } from '../../language/how-reader';
import { FLOORS, settingSchema, type Setting } from '../../model/setting';

type Head = Pick<Adventure, 'learning' | 'world' | 'setting' | 'defaults'>;

const numbers = (text: string) => [...text.matchAll(/\d+(?:\.\d+)?/gu)].map(([one]) => Number(one));
const yes = (text: string, word: RegExp) => word.test(text);

const withSetting = (head: Head, change: Partial<Setting>): Head | null => {
  const parsed = settingSchema.safeParse({ ...head.setting, ...change });
  return parsed.success ? { ...head, setting: parsed.data } : null;
};

function room(head: Head, text: string): Head | null {
  const before = head.setting.room;
  const {
    0: lengthMetres = before.lengthMetres,
    1: widthMetres = before.widthMetres,
    2: heightMetres = before.heightMetres,
  } = numbers(text);
  const floor = FLOORS.find((one) => text.toLowerCase().includes(one)) ?? before.floor;
  const wallFree = !yes(text, /no (?:free )?wall/iu);
  return withSetting(head, {
    room: { ...head.setting.room, lengthMetres, widthMetres, heightMetres, floor, wallFree },
  });
}

/** What each line before the first chapter sets; null where it cannot be read. */
const LINES: Readonly<Record<string, (head: Head, text: string) => Head | null>> = {
  learning: (head, text) => ({ ...head, learning: text.slice(0, 120) }),
  world: (head, text) => ({ ...head, world: { ...head.world, name: text.slice(0, 120) } }),
  scene: (head, text) => ({ ...head, world: { ...head.world, place: text } }),
  want: (head, text) => ({ ...head, world: { ...head.world, want: text } }),
  cast: (head, text) => ({ ...head, world: { ...head.world, cast: readCast(text) } }),
  words: (head, text) => ({ ...head, world: { ...head.world, words: readList(text, 200, 120) } }),
  ages: (head, text) => {
    const [from, to = from] = numbers(text);
    return from === undefined ? null : withSetting(head, { ages: { from, to: to! } });
  },
  group: (head, text) => {
    const [group] = numbers(text);
    return group === undefined ? null : withSetting(head, { group });
  },
  slot: (head, text) => {
    const [amount] = numbers(text);
    if (amount === undefined) return null;
    return withSetting(head, { slotSeconds: amount * (yes(text, /\bs(?:ec)?/u) ? 1 : 60) });
  },
  room,
  kit: (head, text) => withSetting(head, { kit: readList(text, 100, 80) }),
  sides: (head, text) => withSetting(head, { mirror: !yes(text, /mine|leader/iu) }),
  led: (head, text) => {
    const ways = text.split(/;|,(?!\s*(?:and )?then\b)/u);
    const led = ways.flatMap((one) => ledAlone(one) ?? [])[0] ?? head.defaults.led;
    const places = ways.filter((one) => yes(one, /film|room/iu));
    const countIn = yes(text, /no count-?in/iu)
      ? false
      : yes(text, /count-?in/iu)
        ? true
        : head.defaults.countIn;
    const whole = { ...head, defaults: { ...head.defaults, led, countIn } };
    if (places.length === 0) return whole;
    return withSetting(whole, { place: yes(text, /film/iu) ? 'filmed' : 'in the room' });
  },
};

/** A line like "Ages: 4 to 5" put into the head; null for any other line. */
export function readHeadLine<Whole extends Head>(head: Whole, line: string): Whole | null {
  const match = /^([a-z]+)\s*:\s*(.+)$/iu.exec(line.trim());
  const read = match && LINES[match[1]!.toLowerCase()]?.(head, match[2]!.trim());
  return read ? { ...head, ...read } : null;
}
