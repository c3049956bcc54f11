import type { Chain } from './chain';
import { climateAtC, climateSlope, type Climate } from './climate';
import { adiabaticRiseK, type Curing } from './curing';
import { ratesOf } from './rates';
import { arraysOfMoment, momentIn, scratchOf } from './scratch';
import {
  growthAfter,
  leastCureTerm,
  leastPivot,
  shorter,
  unsafeCut,
  type Moment,
  type StepRules,
  type Watch,
} from './stepping';

/** γ of ROS3P and its coefficients in the form that needs no product with the Jacobian. */
const gamma = 0.7886751345948129;
const a21 = 1.267949192431123;
const c21 = -1.607695154586736;
const c31 = -3.464101615137755;
const c32 = -1.732050807568877;
const m2 = 0.5773502691896258;
const m3 = 0.4226497308103742;
/** m − m̂: what the embedded method of second order leaves. */
const e1 = 2 - 2.113248654051871;
const e2 = 0.5773502691896258 - 1;
/** Σ γᵢⱼ, the weight of ∂F/∂t in each stage. */
const slopeWeight2 = gamma - 1;
const slopeWeight3 = 0.5 - 2 * gamma;

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

/** Surroundings of a chain. */
export interface ChainRooms {
  readonly above: Climate;
  readonly below: Climate;
}

/**
 * Conduction and cure of a chain: ∂T/∂t = (1/ρc) ∂(k ∂T/∂x)/∂x + (H/c) r, ∂α/∂t = r, by ROS3P (Lang and Verwer 2001), third
 * order with an error estimate. α is eliminated cell by cell, so a step is one tridiagonal factorisation and three solves.
 * Stages two and three stand at the same place, so the rates are worked out twice a step.
 *
 * Each stage is two sweeps: upwards the right side is made and eliminated in one go, downwards the solution is put in and
 * what comes next is made of it. Cells that do not cure go through the same lines with a rate of 0.
 * @param fromS, toS the run, s; the climates count from 0
 * @param watch hears of every step
 * @throws InputError `heat-lost-itself` where no step is short enough, which only nonsense can bring about
 */
export function solveChain(
  chain: Chain,
  curing: Curing,
  rooms: ChainRooms,
  start: RunStart,
  fromS: number,
  toS: number,
  rules: StepRules,
  watch: Watch,
): RunEnd {
  const { cells, capacities, conductances, resinFrom, resinTo } = chain;
  const { values, slopes } = ratesOf(curing);
  // Imported names are looked up anew each time; the loops want them at hand.
  const leastTerm = leastCureTerm;
  const least = leastPivot;
  const heatK = adiabaticRiseK(curing);
  const last = cells - 1;
  const make = scratchOf(cells, 2 * arraysOfMoment + 19);
  const down = make();
  const up = make();
  for (let cell = 0; cell < cells; cell += 1) {
    down[cell] = conductances[cell]! / capacities[cell]!;
    up[cell] = conductances[cell + 1]! / capacities[cell]!;
  }
  const toBelow = down[0]!;
  const toAbove = up[last]!;

  let before = momentIn(make);
  let after = momentIn(make);
  before.temperaturesC.set(start.temperaturesC);
  before.alphas.set(start.alphas);
  before.timeS = fromS;
  const byTemperature = make();
  const byAlpha = make();
  const perCure = make();
  const coupling = make();
  const lower = make();
  const upper = make();
  const perPivot = make();
  const stageT = make();
  const stageA = make();
  const stageRate = make();
  const heated = make();
  const u1T = make();
  const u1A = make();
  const u2T = make();
  const u2A = make();
  const u3T = make();
  const u3A = make();

  /** Rates, their slopes and dT/dt where the next step starts. */
  function look(at: Moment): void {
    const { temperaturesC, alphas, warming, curing: rate, timeS } = at;
    slopes(temperaturesC, alphas, resinFrom, resinTo, rate, byTemperature, byAlpha);
    let from = climateAtC(rooms.below, timeS);
    let here = temperaturesC[0]!;
    for (let cell = 0; cell < last; cell += 1) {
      const next = temperaturesC[cell + 1]!;
      warming[cell] = down[cell]! * (from - here) + up[cell]! * (next - here) + heatK * rate[cell]!;
      from = here;
      here = next;
    }
    warming[last] =
      down[last]! * (from - here) +
      toAbove * (climateAtC(rooms.above, timeS) - here) +
      heatK * rate[last]!;
  }

  /** Factors I − γhJ with α folded in; false where the step is too long for it to keep its sign. */
  function factor(g: number): boolean {
    let multiplied = 0;
    let perLast = 1;
    for (let cell = 0; cell < cells; cell += 1) {
      const term = 1 - g * byAlpha[cell]!;
      const share = 1 / term;
      const downwards = g * down[cell]!;
      const upwards = g * up[cell]!;
      const multiplier = cell === 0 ? 0 : -downwards * perLast;
      const pivot =
        1 +
        downwards +
        upwards -
        g * heatK * byTemperature[cell]! * share +
        multiplier * multiplied;
      if (!(term >= leastTerm) || !(pivot >= least)) return false;
      perLast = 1 / pivot;
      multiplied = upwards;
      perCure[cell] = share;
      coupling[cell] = g * heatK * byAlpha[cell]! * share;
      lower[cell] = multiplier;
      upper[cell] = upwards;
      perPivot[cell] = perLast;
    }
    return true;
  }

  const perToleranceT = 1 / rules.toleranceK;
  const perToleranceA = 100 / rules.toleranceK;
  let stepS = Math.min(rules.firstStepS, toS - fromS);
  let timeS = fromS;
  let steps = 0;
  let refused = 0;
  look(before);
  while (timeS < toS) {
    // The end is met exactly, and no sliver is left before it.
    const leftS = toS - timeS;
    let h = stepS > rules.longestStepS ? rules.longestStepS : stepS;
    const isLast = h >= leftS * (1 - 1e-9);
    if (isLast) h = leftS;
    const g = gamma * h;
    if (!factor(g)) {
      refused += 1;
      stepS = shorter(h * unsafeCut, timeS);
      continue;
    }
    const { temperaturesC: t0, alphas: a0, warming, curing: rate } = before;
    const belowSlope = toBelow * climateSlope(rooms.below, timeS) * g * h;
    const aboveSlope = toAbove * climateSlope(rooms.above, timeS) * g * h;

    // First stage.
    let carried = 0;
    for (let cell = 0; cell < cells; cell += 1) {
      const own = g * rate[cell]!;
      carried = g * warming[cell]! + coupling[cell]! * own - lower[cell]! * carried;
      if (cell === 0) carried += gamma * belowSlope;
      u1A[cell] = own;
      u1T[cell] = carried;
    }
    u1T[last] = carried + gamma * aboveSlope;
    carried = 0;
    for (let cell = last; cell >= 0; cell -= 1) {
      carried = (u1T[cell]! + upper[cell]! * carried) * perPivot[cell]!;
      const own = perCure[cell]! * (u1A[cell]! + g * byTemperature[cell]! * carried);
      u1T[cell] = carried;
      u1A[cell] = own;
      stageT[cell] = t0[cell]! + a21 * carried;
      stageA[cell] = a0[cell]! + a21 * own;
    }

    // Second stage.
    values(stageT, stageA, resinFrom, resinTo, stageRate);
    let from = climateAtC(rooms.below, timeS + h);
    let here = stageT[0]!;
    carried = 0;
    for (let cell = 0; cell < cells; cell += 1) {
      const next = cell === last ? climateAtC(rooms.above, timeS + h) : stageT[cell + 1]!;
      const rateHere = g * stageRate[cell]!;
      const warm = g * (down[cell]! * (from - here) + up[cell]! * (next - here)) + heatK * rateHere;
      const own = rateHere + gamma * c21 * u1A[cell]!;
      carried = warm + gamma * c21 * u1T[cell]! + coupling[cell]! * own - lower[cell]! * carried;
      if (cell === 0) carried += slopeWeight2 * belowSlope;
      heated[cell] = warm;
      u2A[cell] = own;
      u2T[cell] = carried;
      from = here;
      here = next;
    }
    u2T[last] = carried + slopeWeight2 * aboveSlope;
    carried = 0;
    for (let cell = last; cell >= 0; cell -= 1) {
      carried = (u2T[cell]! + upper[cell]! * carried) * perPivot[cell]!;
      u2T[cell] = carried;
      u2A[cell] = perCure[cell]! * (u2A[cell]! + g * byTemperature[cell]! * carried);
    }

    // Third stage, at the place of the second; on its way down the step is finished and its error taken.
    carried = 0;
    for (let cell = 0; cell < cells; cell += 1) {
      const own = g * stageRate[cell]! + gamma * (c31 * u1A[cell]! + c32 * u2A[cell]!);
      carried =
        heated[cell]! +
        gamma * (c31 * u1T[cell]! + c32 * u2T[cell]!) +
        coupling[cell]! * own -
        lower[cell]! * carried;
      if (cell === 0) carried += slopeWeight3 * belowSlope;
      u3A[cell] = own;
      u3T[cell] = carried;
    }
    u3T[last] = carried + slopeWeight3 * aboveSlope;
    carried = 0;
    const { temperaturesC: t1, alphas: a1 } = after;
    let error = 0;
    for (let cell = last; cell >= 0; cell -= 1) {
      carried = (u3T[cell]! + upper[cell]! * carried) * perPivot[cell]!;
      const own = perCure[cell]! * (u3A[cell]! + g * byTemperature[cell]! * carried);
      const firstT = u1T[cell]!;
      const secondT = u2T[cell]!;
      const firstA = u1A[cell]!;
      const secondA = u2A[cell]!;
      t1[cell] = t0[cell]! + 2 * firstT + m2 * secondT + m3 * carried;
      a1[cell] = a0[cell]! + 2 * firstA + m2 * secondA + m3 * own;
      const offT = Math.abs(e1 * firstT + e2 * secondT) * perToleranceT;
      const offA = Math.abs(e1 * firstA + e2 * secondA) * perToleranceA;
      // Written so that an error that is no number stays one.
      if (!(offT <= error)) error = error !== error ? error : offT;
      if (!(offA <= error)) error = error !== error ? error : offA;
    }
    if (!(error <= 1)) {
      refused += 1;
      stepS = shorter(h * (error > 1 ? growthAfter(error, 3) : unsafeCut), timeS);
      continue;
    }
    timeS = isLast ? toS : timeS + h;
    after.timeS = timeS;
    steps += 1;
    look(after);
    const enough = watch(before, after);
    const old = before;
    before = after;
    after = old;
    if (enough) break;
    stepS = h * growthAfter(error, 3);
  }
  const { temperaturesC, alphas } = before;
  return { timeS, steps, refused, temperaturesC, alphas };
}
