import type { InputError } from '../../../core/problem';
import { FileProblem } from '../../../ui/feedback/FileProblem';
import { Screen } from '../../../ui/frame/Screen';

interface SharedCardProblemProps {
  readonly problem: InputError;
  readonly onBack: () => void;
}

/** A link whose card cannot be read. */
export const SharedCardProblem = ({ problem, onBack }: SharedCardProblemProps) => (
  <Screen title="Shared card" onBack={onBack}>
    <FileProblem problem={problem} />
  </Screen>
);
