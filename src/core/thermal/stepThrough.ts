import { isUnder } from '../quantity/tolerance';
import {
  growthAfter,
  shorter,
  unsafeCut,
  type Moment,
  type StepRules,
  type Watch,
} from './stepping';

/** Where a run begins: temperatures, °C, and degrees of cure of every cell. */
export interface RunStart {
  readonly temperaturesC: Float64Array;
  readonly alphas: Float64Array;
}

/** What a run was and where it ended. */
export interface RunEnd extends RunStart {
  readonly timeS: number;
  readonly steps: number;
  readonly refused: number;
}

/** A moment that is being written. */
export type OpenMoment = { -readonly [key in keyof Moment]: Moment[key] };

/**
 * Makes what takes steps until the end, each as long as its error allows.
 * Each solver makes its own: one that both used would be compiled for both at once, which made each of them half as slow again.
 * @param work what a solver has in hand for the run
 * @param before where it starts, with its rates; both moments are written over in turns
 * @param order of the error estimate plus one
 * @param attempt writes one step into its last argument and gives its error over the tolerance; no number where it is too long
 * @param look works out the rates of a step that was kept
 * @throws InputError `heat-lost-itself`
 */
export function stepper<Work>() {
  return function stepThrough(
    work: Work,
    before: OpenMoment,
    after: OpenMoment,
    toS: number,
    rules: StepRules,
    order: 2 | 3,
    attempt: (work: Work, h: number, before: Moment, after: Moment) => number,
    look: (work: Work, at: Moment) => void,
    watch: Watch,
  ): RunEnd {
    let [now, next] = [before, after];
    const fromS = before.timeS;
    const { longestStepS, longestShare = 0 } = rules;
    let stepS = Math.min(rules.firstStepS, toS - now.timeS);
    let steps = 0;
    let refused = 0;
    while (now.timeS < toS) {
      // The end is met exactly, and no sliver is left before it.
      const leftS = toS - now.timeS;
      const aged = longestShare * (now.timeS - fromS);
      const longest = aged > longestStepS ? aged : longestStepS;
      let h = stepS > longest ? longest : stepS;
      const isLast = !isUnder(h, leftS);
      if (isLast) h = leftS;
      const error = attempt(work, h, now, next);
      if (!(error <= 1)) {
        refused += 1;
        stepS = shorter(h * (error > 1 ? growthAfter(error, order) : unsafeCut), now.timeS);
        continue;
      }
      next.timeS = isLast ? toS : now.timeS + h;
      steps += 1;
      look(work, next);
      const enough = watch(now, next);
      [now, next] = [next, now];
      if (enough) break;
      stepS = h * growthAfter(error, order);
    }
    const { timeS, temperaturesC, alphas } = now;
    return { timeS, steps, refused, temperaturesC, alphas };
  };
}
