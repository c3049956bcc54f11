import {
  fileUnitNames,
  guessUnit,
  sizeInMm,
  type FileUnit,
} from '../../core/measure/mesh/fileUnits';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Words } from '../../ui/text/Words';
import { sayMm } from '../../words/figures';
import { fileUnitWords } from '../../words/names';

interface UnitQuestionProps {
  readonly value: FileUnit | undefined;
  readonly onChange: (unit: FileUnit) => void;
  /** Extents in the file's own numbers: what each unit would make of them is shown. */
  readonly size: readonly number[];
  /** mm per unit as the file says, if it does. */
  readonly stated: number | undefined;
}

const round = (mm: number): number => Number(mm.toPrecision(3));

/** Which unit a file is in: asked with the size that each would give, unless the file says it. Once it is said it stands on one line. */
export function UnitQuestion({ value, onChange, size, stated }: UnitQuestionProps) {
  const guess = guessUnit(Math.max(...size), stated);
  const sizeIn = (unit: FileUnit): string =>
    sizeInMm(size, unit).map(round).join(' × ') + '\u00a0mm';
  const other = guessUnit(Math.max(...size), undefined).unit;
  return (
    <>
      <ChoiceLine
        label="The file's unit"
        value={value}
        asks={value === undefined && (guess.doubtful || !guess.stated)}
        choices={fileUnitNames.map((unit) => ({
          value: unit,
          label: `${unit}${guess.unit === unit ? (guess.stated ? ' (the file says)' : ' (likely)') : ''}`,
          note: sizeIn(unit),
        }))}
        onChange={onChange}
      />
      {guess.doubtful && (
        <Words role="alert">
          The file says {fileUnitWords[guess.unit]}, which makes it{' '}
          {sayMm(round(Math.max(...sizeInMm(size, guess.unit))))} long. {fileUnitWords[other]} would
          be likelier. Check it against the piece.
        </Words>
      )}
    </>
  );
}
