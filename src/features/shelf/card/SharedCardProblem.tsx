import type { InputError } from '../../../core/problem';
import { Screen } from '../../../ui/frame/Screen';
import { Words } from '../../../ui/text/Words';
import { sayProblemAt } from '../../../words/problems';

interface SharedCardProblemProps {
  readonly problem: InputError;
  readonly onBack: () => void;
}

/** A link whose card cannot be read. */
export const SharedCardProblem = ({ problem, onBack }: SharedCardProblemProps) => (
  <Screen title="Shared card" onBack={onBack}>
    <Words colour="stop" role="alert">
      {sayProblemAt(problem)}
    </Words>
  </Screen>
);
