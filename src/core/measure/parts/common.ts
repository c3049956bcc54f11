import { numberSchema } from '../../schema/numberSchema';
import { noteSchema } from '../../schema/textSchema';

/** What every part carries, whatever its shape. */
export const commonKeys = {
  /** What the person calls it. */
  name: noteSchema(60),
  /** How many of it there are. */
  count: numberSchema({ greatest: 10_000, whole: true, example: '3' }),
};

export interface CommonKeys {
  readonly name?: string | undefined;
  readonly count: number;
}
