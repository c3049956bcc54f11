import type { BatchLane, StepState } from './lanes';
import { partOfStep } from './benchSteps';

/** What is weighed in a step: which part, on what, and to which figure, g. */
export interface PartWeight {
  readonly part: 'a' | 'b';
  readonly stepG: number;
  /** All of this part that is to be in the cup, and how much of it is still to go in. */
  readonly figureG: number;
  readonly addG: number;
  /** Of the other part in the same cup, and of both when the step is begun. */
  readonly otherG: number;
  readonly inG: number;
  /** What the scale is to read. */
  readonly targetG: number;
  readonly isTopUp: boolean;
  /** In a cup of its own. */
  readonly isAlone: boolean;
}

/** @param cups both parts in one cup, or each in its own first */
export function partWeightOf(
  { inCup, correction, batch }: BatchLane,
  kind: StepState['kind'],
  cups: 'one' | 'own',
): PartWeight {
  const part = partOfStep(kind) ?? 'a';
  const { stepG } = batch.group.onScale;
  const onScale = correction?.onScale ?? batch.group.onScale;
  const figureG = part === 'a' ? onScale.aG : onScale.bG;
  const own = { a: inCup.aG ?? 0, b: inCup.bG ?? 0 };
  const isTopUp = kind === 'more-a' || kind === 'more-b';
  // A cup of its own is tared for itself; what is topped up goes to what is together already.
  const isAlone = cups === 'own' && !isTopUp;
  const otherG = isAlone ? 0 : part === 'a' ? own.b : own.a;
  return {
    part,
    stepG,
    figureG,
    addG: figureG - own[part],
    otherG,
    inG: otherG + own[part],
    targetG: otherG + figureG,
    isTopUp,
    isAlone,
  };
}
