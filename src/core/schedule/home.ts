import { partsOfBeat } from '../beats';
import { DEFAULT_PACE, type Pace } from '../cues/pace';
import type { Adventure } from '../document/adventure';
import type { Action } from '../model/action';
import type { Setting } from '../model/setting';
import { unroll, type Schedule } from './unroll';

/** An action that is shown here, and its dose for home. */
export type HomeAction = Action & Readonly<{ home: NonNullable<Action['home']> }>;

const isForHome = (part: Readonly<{ home?: Action['home'] }>): boolean => Boolean(part.home);

/** Everything that is to be done later at home, in the order of the script. */
export function homeActions({ chapters }: Adventure): readonly HomeAction[] {
  return chapters.flatMap(({ beats }) =>
    beats.flatMap((beat) =>
      partsOfBeat(beat).filter((part): part is HomeAction => 'dose' in part && isForHome(part)),
    ),
  );
}

/**
 * What is done at home as a session of its own: each action with its dose for home, one after another,
 * with nothing said and nothing shown. Null where nothing is for home.
 */
export function homeSchedule(
  adventure: Adventure,
  setting: Setting = adventure.setting,
  pace: Pace = DEFAULT_PACE,
): Schedule | null {
  const actions = homeActions(adventure);
  const [chapter] = adventure.chapters;
  if (actions.length === 0 || !chapter) return null;
  const done = actions.map((action): Action => {
    const guise = { ...action.guise, line: '', meanwhile: '' };
    return { ...action, guise, dose: action.home, between: [], home: null };
  });
  const beat = {
    kind: 'move' as const,
    id: 'bt_home',
    say: '',
    actions: done,
    rounds: 1,
    restBetweenRoundsSeconds: 0,
    led: 'show, then do' as const,
    show: 'none' as const,
    countIn: false,
  };
  const chapters = [{ ...chapter, led: null, beats: [beat] }];
  return unroll({ ...adventure, chapters }, setting, pace);
}
