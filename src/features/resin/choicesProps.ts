import type { ResinChoice } from '../../core/plan/choose/chooseResin';
import { ownHardener } from '../../core/resin/withHardener';

/** Choices in their order, and what becomes of a tap. */
export interface ChoicesProps {
  readonly choices: readonly ResinChoice[];
  readonly currency: string;
  readonly isChosen: (choice: ResinChoice) => boolean;
  readonly onChoose: (choice: ResinChoice) => void;
}

/** A resin, and its hardener where that is one of several. */
export const sayChoiceName = ({ name, hardenerName }: ResinChoice): string =>
  hardenerName === ownHardener ? name : `${name}, ${hardenerName}`;
