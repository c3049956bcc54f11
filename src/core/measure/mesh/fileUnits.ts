/** Units that a drawing or a mesh may be in, mm each. */
export const fileUnits = {
  mm: 1,
  cm: 10,
  m: 1000,
  in: 25.4,
  ft: 304.8,
} as const;

export type FileUnit = keyof typeof fileUnits;
export const fileUnitNames = Object.keys(fileUnits) as readonly FileUnit[];

/** Extents in the file's own numbers as they would be in a unit, mm. */
export const sizeInMm = (size: readonly number[], unit: FileUnit): readonly number[] =>
  size.map((each) => each * fileUnits[unit]);

/** Greatest extents that people cast: from a bead to a table. */
const plausibleMm = { least: 8, greatest: 700 } as const;
/** Units by how often files are in them. */
const byCommonness: readonly FileUnit[] = ['mm', 'in', 'cm', 'm', 'ft'];

const isPlausible = (mm: number): boolean => mm >= plausibleMm.least && mm <= plausibleMm.greatest;

/** What a unit would make of a file: shown beside each choice when the unit is asked. */
export interface UnitGuess {
  readonly unit: FileUnit;
  /** Whether the file says so itself. */
  readonly stated: boolean;
  /** Another unit would give a size that people cast, and this one does not. */
  readonly doubtful: boolean;
}

/**
 * The unit to offer first for a file of this extent. A stated unit stays first, but is doubtful where it gives a
 * size that nobody casts and another would not.
 * @param extent greatest extent in the file's own numbers
 * @param statedMm mm per unit as the file says, if it does
 */
export function guessUnit(extent: number, statedMm: number | undefined): UnitGuess {
  const likely = byCommonness.find((unit) => isPlausible(extent * fileUnits[unit]));
  const stated = fileUnitNames.find((unit) => fileUnits[unit] === statedMm);
  if (stated === undefined) return { unit: likely ?? 'mm', stated: false, doubtful: false };
  const doubtful = !isPlausible(extent * fileUnits[stated]) && likely !== undefined;
  return { unit: stated, stated: true, doubtful };
}
