import { pluralOf } from '../../words/plurals';
import type { DoseUnit } from '../../model/dose';
import type { Move } from '../../model/move';
import { cautionText, type KnownCaution } from '../cautions';

/** Threes and fours are led about a fifth slower than fives and up. Our own judgement. */
const YOUNGEST_TEMPO = 1.2;
/** But their breaths are shorter, and with shorter legs they take quicker steps. From memory. */
const YOUNGEST_BREATH = 0.8;
const YOUNGEST_STEP = 0.9;

function youngestTempo(family: Move['family'], unit: DoseUnit): number {
  if (family === 'breath') return YOUNGEST_BREATH;
  return family === 'travelling' && unit === 'steps' ? YOUNGEST_STEP : YOUNGEST_TEMPO;
}

type Ranges = readonly [
  young: readonly [number, number],
  five: readonly [number, number],
  older: readonly [number, number],
];

type Given = Pick<Move, 'id' | 'name' | 'regions' | 'effort' | 'formCues' | 'pictureWords'> & {
  /** Seconds a rep for fives and up, led and counted aloud. */
  tempo: number;
  usual: readonly [DoseUnit, ...Ranges];
  cautions?: readonly KnownCaution[];
} & Partial<
    Omit<
      Move,
      | 'id'
      | 'name'
      | 'regions'
      | 'effort'
      | 'formCues'
      | 'pictureWords'
      | 'secondsPerRep'
      | 'usual'
      | 'cautions'
    >
  >;

const round = (seconds: number) => Math.round(seconds * 100) / 100;

/** A whole move of `family` from what is particular about it; the rest is the plain case. */
export function defineMove(family: Move['family'], given: Given): Move {
  const { tempo, usual, cautions = [], ...facts } = given;
  const [unit, young, five, older] = usual;
  const youngest = youngestTempo(family, unit);
  return {
    plural: pluralOf(given.name),
    aliases: [],
    family,
    landingsPerRep: 0,
    metresPerRep: 0,
    sided: false,
    fromAge: 3,
    posture: 'standing',
    space: family === 'travelling' ? 'lane' : 'spot',
    kit: [],
    surface: 'any',
    wall: false,
    quiet: true,
    cautions: cautions.map(cautionText),
    easier: null,
    harder: null,
    seated: null,
    figure: null,
    origin: 'our judgement',
    ...facts,
    secondsPerRep: { '3-4': round(tempo * youngest), '5': tempo, '6-7': tempo },
    usual: { unit, range: { '3-4': young, '5': five, '6-7': older } },
  };
}
