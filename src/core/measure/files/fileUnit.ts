import { InputError } from '../../problem';
import { fileUnitNames, fileUnits, guessUnit, type FileUnit } from '../mesh/fileUnits';

/**
 * The unit that a file is read in: the one that was chosen, or the one it states. It is never guessed silently.
 * @param extent greatest extent in the file's own numbers
 * @param statedMm mm per unit as the file says, if it does
 * @throws InputError `unit-unknown` (the file says nothing; with a guess by its size), `unit-doubtful` (the unit it
 *   says makes a size that nobody casts)
 */
export function unitOfFile(
  chosen: FileUnit | undefined,
  extent: number,
  statedMm: number | undefined,
): FileUnit {
  if (chosen !== undefined) return chosen;
  const { unit, stated, doubtful } = guessUnit(extent, statedMm);
  if (!stated) {
    const sizeMm = extent * fileUnits[unit];
    throw new InputError(
      'unit-unknown',
      undefined,
      { choices: fileUnitNames, guess: unit, sizeMm },
      'unit',
    );
  }
  if (doubtful) {
    const other = guessUnit(extent, undefined).unit;
    throw new InputError(
      'unit-doubtful',
      undefined,
      {
        choices: fileUnitNames,
        stated: unit,
        sizeMm: extent * fileUnits[unit],
        guess: other,
        guessMm: extent * fileUnits[other],
      },
      'unit',
    );
  }
  return unit;
}
