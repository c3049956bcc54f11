import { countSchema } from '../../schema/numberSchema';
import { noteSchema } from '../../schema/textSchema';

/** What every part carries, whatever its shape. */
export const commonKeys = {
  /** What the person calls it. */
  name: noteSchema(60),
  /** How many of it there are; one where a file does not say. */
  count: countSchema({ greatest: 10_000, whole: true, example: '3' }, 1),
};

export interface CommonKeys {
  readonly name?: string | undefined;
  readonly count: number;
}
