import { castInWords, listInWords } from '../../words/written-lists';
import type { Adventure } from '../../document/adventure';

/** "in the room; show, then do; count-in". */
function ledInWords(place: string, { led, countIn }: Adventure['defaults']): string {
  const counted = countIn === null ? '' : countIn ? 'count-in' : 'no count-in';
  return [place, led, counted].filter(Boolean).join('; ');
}

/** What a script says of itself before its chapters: each with its name, those that are empty left out. */
export function headInWords({
  learning,
  world,
  setting,
  defaults,
}: Adventure): readonly (readonly [name: string, text: string])[] {
  const { ages, group, slotSeconds, room, kit, place, mirror } = setting;
  const lines: readonly (readonly [string, string])[] = [
    ['Learning', learning],
    ['World', world.name],
    ['Scene', world.place],
    ['Want', world.want],
    ['Cast', castInWords(world.cast)],
    ['Words', listInWords(world.words)],
    ['Ages', `${ages.from} to ${ages.to}`],
    ['Group', String(group)],
    ['Slot', `${slotSeconds} s`],
    [
      'Room',
      `${room.lengthMetres} x ${room.widthMetres} x ${room.heightMetres} m, ${room.floor}${room.wallFree ? '' : ', no wall'}`,
    ],
    ['Kit', listInWords(kit)],
    ['Led', ledInWords(place, defaults)],
    ['Sides', mirror === null ? '' : mirror ? 'theirs' : 'mine'],
  ];
  return lines.filter(([, text]) => text.trim());
}
