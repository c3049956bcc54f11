import type { ProblemCode, ProblemCodes } from '../core/codes/problems/problemCodes';
import type { Problem } from '../core/problem';
import { cardProblems } from './problems/cardProblems';
import { colourProblems } from './problems/colourProblems';
import { familyProblems } from './problems/familyProblems';
import { fileProblems } from './problems/fileProblems';
import { heatProblems } from './problems/heatProblems';
import { inputProblems } from './problems/inputProblems';
import { layerProblems } from './problems/layerProblems';
import { learnProblems } from './problems/learnProblems';
import { measureProblems } from './problems/measureProblems';
import { mixProblems } from './problems/mixProblems';
import { outsideProblems } from './problems/outsideProblems';
import { pourProblems } from './problems/pourProblems';
import type { ProblemSentences } from './problems/sentence';
import { stockProblems } from './problems/stockProblems';

const sentences: ProblemSentences<ProblemCodes> = {
  ...inputProblems,
  ...cardProblems,
  ...heatProblems,
  ...layerProblems,
  ...learnProblems,
  ...mixProblems,
  ...colourProblems,
  ...stockProblems,
  ...measureProblems,
  ...fileProblems,
  ...familyProblems,
  ...pourProblems,
  ...outsideProblems,
};

/** What is wrong and what would be right, in plain words. */
export const sayProblem = <Code extends ProblemCode>({
  code,
  data,
  value,
}: Pick<Problem<Code>, 'code' | 'data' | 'value'>): string => sentences[code](data, value);

/** The same for a file, of which nothing was taken: with the place where it is wrong. */
export function sayProblemAt<Code extends ProblemCode>(
  problem: Pick<Problem<Code>, 'code' | 'data' | 'value' | 'field'>,
): string {
  const where = problem.field === '' ? '' : ` (at ${problem.field})`;
  return `Nothing was read${where}. ${sayProblem(problem)}`;
}
