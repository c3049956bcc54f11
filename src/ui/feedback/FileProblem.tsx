import type { Problem } from '../../core/problem';
import { sayProblemAt } from '../../words/problems';
import { Words } from '../text/Words';

/** What is wrong with a file, and where; nothing of it was taken. */
export function FileProblem({ problem }: { readonly problem: Problem | undefined }) {
  if (problem === undefined) return null;
  return (
    <Words colour="stop" role="alert">
      {sayProblemAt(problem)}
    </Words>
  );
}
