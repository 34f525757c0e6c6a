/** Lengths are kept in metres; a presenter may think in feet. */
export const LENGTH_UNITS = ['metres', 'feet'] as const;
export type LengthUnit = (typeof LENGTH_UNITS)[number];

/** The international foot (1959): 0.3048 m, exactly. */
export const METRES_PER_FOOT = 0.3048;

/** A length in the unit that is shown: metres to a tenth, feet to a half. */
export function inUnit(metres: number, unit: LengthUnit): number {
  return unit === 'feet'
    ? Math.round((metres / METRES_PER_FOOT) * 2) / 2
    : Math.round(metres * 10) / 10;
}

/** A length that was given in the unit, in metres to a centimetre. */
export function fromUnit(length: number, unit: LengthUnit): number {
  return unit === 'feet' ? Math.round(length * METRES_PER_FOOT * 100) / 100 : length;
}

/** "10 m", "33 ft". */
export function lengthIn(metres: number, unit: LengthUnit): string {
  return `${inUnit(metres, unit)} ${unit === 'feet' ? 'ft' : 'm'}`;
}
