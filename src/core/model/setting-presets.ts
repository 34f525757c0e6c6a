import { BARE, type Setting } from './setting';

/** A setting under a name, whole or in part: what it says takes the place of what was. */
export type SettingPreset = Readonly<{ name: string; setting: Partial<Setting> }>;

/** Places as they mostly are. Our own judgement; the presenter's own stand beside them. */
export const USUAL_PRESETS: readonly SettingPreset[] = [
  {
    name: 'a hall',
    setting: {
      place: 'in the room',
      room: {
        ...BARE,
        lengthMetres: 14,
        widthMetres: 10,
        heightMetres: 5,
        floor: 'sprung',
        wallFree: true,
      },
    },
  },
  {
    name: 'a classroom',
    setting: {
      place: 'in the room',
      room: {
        ...BARE,
        lengthMetres: 7,
        widthMetres: 5,
        heightMetres: 2.8,
        floor: 'hard',
        wallFree: false,
      },
    },
  },
  {
    name: 'a living room',
    setting: {
      place: 'filmed',
      room: {
        ...BARE,
        lengthMetres: 3,
        widthMetres: 3,
        heightMetres: 2.4,
        floor: 'carpet',
        wallFree: true,
      },
    },
  },
  {
    name: 'a garden',
    setting: {
      place: 'in the room',
      // Out of doors there is nothing over a child's head.
      room: {
        ...BARE,
        lengthMetres: 12,
        widthMetres: 8,
        heightMetres: 50,
        floor: 'grass',
        wallFree: false,
      },
    },
  },
];
