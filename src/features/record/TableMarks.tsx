import { InputError } from '../../core/problem';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';

/** How the figures of a table are written. */
interface Marks {
  readonly degrees: 'C' | 'F';
  readonly decimal: '.' | ',';
}

interface TableMarksProps extends Marks {
  /** What its degrees are must be said first. */
  readonly asksDegrees?: boolean;
  readonly onChange: (marks: Partial<Marks>) => void;
}

const units = [
  { value: 'C', label: '°C' },
  { value: 'F', label: '°F' },
] as const;
const marks = [
  { value: '.', label: 'a point, 21.5' },
  { value: ',', label: 'a comma, 21,5' },
] as const;

/** Units and marks that a table does not say. */
export function TableMarks({ degrees, decimal, asksDegrees = false, onChange }: TableMarksProps) {
  return (
    <>
      <ChoiceLine
        label="Degrees are"
        value={degrees}
        choices={units}
        asks={asksDegrees}
        onChange={(unit) => onChange({ degrees: unit })}
      />
      <ChoiceLine
        label="Decimals have"
        value={decimal}
        choices={marks}
        onChange={(mark) => onChange({ decimal: mark })}
      />
    </>
  );
}

/** What comes of reading a table, or why nothing does. */
export function tried<T>(work: () => T): T | InputError {
  try {
    return work();
  } catch (error) {
    if (error instanceof InputError) return error;
    throw error;
  }
}
