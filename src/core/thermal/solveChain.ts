import type { Chain } from './chain';
import { climateAtC, climateSlope, type Climate } from './climate';
import { adiabaticRiseK, type Curing } from './curing';
import { fillRates, fillSlopes, ratesOfResins, type ResinRates } from './rates';
import { arraysOfMoment, momentIn, scratchOf } from './scratch';
import {
  fallsWeigh,
  leastCureTerm,
  leastPivot,
  type Moment,
  type StepRules,
  type Watch,
} from './stepping';
import { stepper, type OpenMoment, type RunEnd, type RunStart } from './stepThrough';

const stepThrough = stepper<Work>();

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

/** The most that a damped step may cure. */
const greatestEulerCure = 1e-3;

/** Surroundings of a chain. */
export interface ChainRooms {
  readonly above: Climate;
  readonly below: Climate;
}

/** What the steps of one run have in hand. */
interface Work {
  readonly chain: Chain;
  readonly rooms: ChainRooms;
  readonly resins: readonly ResinRates[];
  /** H/c of each cell's resin, K; of what does not cure nothing counts. */
  readonly heats: Float64Array;
  readonly perToleranceT: number;
  readonly perToleranceA: number;
  /** Conductance over the cell's own capacity, 1/s. */
  readonly down: Float64Array;
  readonly up: Float64Array;
  readonly byTemperature: Float64Array;
  readonly byAlpha: Float64Array;
  readonly perCure: Float64Array;
  readonly coupling: Float64Array;
  readonly lower: Float64Array;
  readonly upper: Float64Array;
  readonly perPivot: Float64Array;
  readonly stageT: Float64Array;
  readonly stageA: Float64Array;
  readonly stageRate: Float64Array;
  readonly heated: Float64Array;
  readonly u1T: Float64Array;
  readonly u1A: Float64Array;
  readonly u2T: Float64Array;
  readonly u2A: Float64Array;
  readonly u3T: Float64Array;
  readonly u3A: Float64Array;
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
  const make = scratchOf(cells, 2 * arraysOfMoment + 20);
  const before = momentIn(make);
  before.temperaturesC.set(start.temperaturesC);
  before.alphas.set(start.alphas);
  before.timeS = fromS;
  const after = momentIn(make);
  const down = make();
  const up = make();
  for (let cell = 0; cell < cells; cell += 1) {
    down[cell] = conductances[cell]! / capacities[cell]!;
    up[cell] = conductances[cell + 1]! / capacities[cell]!;
  }
  const heats = make();
  heats.fill(adiabaticRiseK(curing));
  for (const each of chain.resins ?? []) {
    heats.fill(adiabaticRiseK(each.curing), each.from, each.to);
  }
  const work: Work = {
    chain,
    rooms,
    resins: ratesOfResins(chain.resins ?? [{ from: resinFrom, to: resinTo, curing }]),
    heats,
    perToleranceT: 1 / rules.toleranceK,
    perToleranceA: 100 / rules.toleranceK,
    down,
    up,
    byTemperature: make(),
    byAlpha: make(),
    perCure: make(),
    coupling: make(),
    lower: make(),
    upper: make(),
    perPivot: make(),
    stageT: make(),
    stageA: make(),
    stageRate: make(),
    heated: make(),
    u1T: make(),
    u1A: make(),
    u2T: make(),
    u2A: make(),
    u3T: make(),
    u3A: make(),
  };
  look(work, before);
  const [from, spare, steps] = damp(work, before, after, toS, rules, watch);
  const end = stepThrough(work, from, spare, toS, rules, 3, attempt, look, watch);
  return { ...end, steps: end.steps + steps };
}

// What follows are functions of the module, not closures of one run, so that they are compiled once for all runs.

/** Rates, their slopes and dT/dt where the next step starts. */
function look(work: Work, at: Moment): void {
  const { chain, resins, rooms, heats, down, up, byTemperature, byAlpha } = work;
  const { temperaturesC, alphas, warming, curing: rate, timeS } = at;
  for (let which = 0; which < resins.length; which += 1) {
    const { constants, from: first, to } = resins[which]!;
    fillSlopes(constants, temperaturesC, alphas, first, to, rate, byTemperature, byAlpha);
  }
  const last = chain.cells - 1;
  let from = climateAtC(rooms.below, timeS);
  let here = temperaturesC[0]!;
  for (let cell = 0; cell < last; cell += 1) {
    const next = temperaturesC[cell + 1]!;
    warming[cell] =
      down[cell]! * (from - here) + up[cell]! * (next - here) + heats[cell]! * rate[cell]!;
    from = here;
    here = next;
  }
  warming[last] =
    down[last]! * (from - here) +
    up[last]! * (climateAtC(rooms.above, timeS) - here) +
    heats[last]! * rate[last]!;
}

/** Factors I − γhJ with α folded in; false where the step is too long for it to keep its sign. */
function factor(work: Work, g: number): boolean {
  const { chain, heats, down, up, byTemperature, byAlpha } = work;
  const { perCure, coupling, lower, upper, perPivot } = work;
  const { cells } = chain;
  const leastTerm = leastCureTerm;
  const least = leastPivot;
  let lastUpwards = 0;
  let perLast = 0;
  for (let cell = 0; cell < cells; cell += 1) {
    const slope = byAlpha[cell]!;
    const term = 1 - g * slope;
    const share = slope === 0 ? 1 : 1 / term;
    const gHeat = g * heats[cell]!;
    const downwards = g * down[cell]!;
    const upwards = g * up[cell]!;
    const multiplier = downwards * perLast;
    const pivot =
      1 + downwards + upwards - gHeat * byTemperature[cell]! * share - multiplier * lastUpwards;
    if (!(term >= leastTerm) || !(pivot >= least)) return false;
    perLast = 1 / pivot;
    lastUpwards = upwards;
    perCure[cell] = share;
    coupling[cell] = gHeat * slope * share;
    lower[cell] = multiplier;
    upper[cell] = upwards;
    perPivot[cell] = perLast;
  }
  return true;
}

/** One step of implicit Euler, linearised: y + (I − hJ)⁻¹ hf, which is the first stage with γ = 1. */
function eulerStep(work: Work, h: number, before: Moment, after: OpenMoment): boolean {
  if (!factor(work, h)) return false;
  const { chain, u1T, u1A } = work;
  firstStage(work, h, before, 0, 0);
  for (let cell = 0; cell < chain.cells; cell += 1) {
    after.temperaturesC[cell] = before.temperaturesC[cell]! + u1T[cell]!;
    after.alphas[cell] = before.alphas[cell]! + u1A[cell]!;
    // Nothing checks the error of these steps: a resin that is quick enough to cure in one goes without.
    if (!(Math.abs(u1A[cell]!) < greatestEulerCure)) return false;
  }
  after.timeS = before.timeS + h;
  return true;
}

/** The damped steps of `StepRules`; gives where they came to, the other moment, and how many there were. */
function damp(
  work: Work,
  before: OpenMoment,
  after: OpenMoment,
  toS: number,
  { dampedSteps = 0, firstStepS }: StepRules,
  watch: Watch,
): readonly [OpenMoment, OpenMoment, number] {
  let [now, next] = [before, after];
  let steps = 0;
  while (steps < dampedSteps && now.timeS + firstStepS < toS) {
    if (!eulerStep(work, firstStepS, now, next)) break;
    look(work, next);
    // What it says counts from the first step that may end the run.
    watch(now, next);
    [now, next] = [next, now];
    steps += 1;
  }
  return [now, next, steps];
}

/** First stage, and the place of the other two. */
function firstStage(
  work: Work,
  g: number,
  before: Moment,
  belowSlope: number,
  aboveSlope: number,
): void {
  const { chain, byTemperature, perCure, coupling, lower, upper, perPivot } = work;
  const { stageT, stageA, u1T, u1A } = work;
  const { temperaturesC: t0, alphas: a0, warming, curing: rate } = before;
  const { cells } = chain;
  let carried = 0;
  for (let cell = 0; cell < cells; cell += 1) {
    const own = g * rate[cell]!;
    carried = g * warming[cell]! + coupling[cell]! * own + lower[cell]! * carried;
    if (cell === 0) carried += gamma * belowSlope;
    u1A[cell] = own;
    u1T[cell] = carried;
  }
  u1T[cells - 1] = carried + gamma * aboveSlope;
  carried = 0;
  for (let cell = cells - 1; cell >= 0; cell -= 1) {
    carried = (u1T[cell]! + upper[cell]! * carried) * perPivot[cell]!;
    const own = perCure[cell]! * (u1A[cell]! + g * byTemperature[cell]! * carried);
    u1T[cell] = carried;
    u1A[cell] = own;
    stageT[cell] = t0[cell]! + a21 * carried;
    stageA[cell] = a0[cell]! + a21 * own;
  }
}

function secondStage(
  work: Work,
  g: number,
  laterS: number,
  belowSlope: number,
  aboveSlope: number,
): void {
  const { chain, rooms, heats, down, up, byTemperature, perCure, coupling } = work;
  const { lower, upper, perPivot, stageT, stageRate, heated, u1T, u1A, u2T, u2A } = work;
  const last = chain.cells - 1;
  const aboveC = climateAtC(rooms.above, laterS);
  let from = climateAtC(rooms.below, laterS);
  let here = stageT[0]!;
  let carried = 0;
  for (let cell = 0; cell <= last; cell += 1) {
    const next = cell === last ? aboveC : stageT[cell + 1]!;
    const rateHere = g * stageRate[cell]!;
    const warm =
      g * (down[cell]! * (from - here) + up[cell]! * (next - here)) + heats[cell]! * rateHere;
    const own = rateHere + gamma * c21 * u1A[cell]!;
    carried = warm + gamma * c21 * u1T[cell]! + coupling[cell]! * own + lower[cell]! * carried;
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
}

/** Third stage, at the place of the second; on its way down the step is finished. Gives its error over the tolerance. */
function thirdStage(
  work: Work,
  g: number,
  before: Moment,
  after: Moment,
  belowSlope: number,
  aboveSlope: number,
): number {
  const { chain, byTemperature, perCure, coupling, lower, upper, perPivot } = work;
  const { stageRate, heated, u1T, u1A, u2T, u2A, u3T, u3A } = work;
  const { perToleranceT, perToleranceA } = work;
  const perToleranceFall = perToleranceA * fallsWeigh;
  const { temperaturesC: t0, alphas: a0 } = before;
  const { temperaturesC: t1, alphas: a1 } = after;
  const { cells } = chain;
  let carried = 0;
  for (let cell = 0; cell < cells; cell += 1) {
    const own = g * stageRate[cell]! + gamma * (c31 * u1A[cell]! + c32 * u2A[cell]!);
    carried =
      heated[cell]! +
      gamma * (c31 * u1T[cell]! + c32 * u2T[cell]!) +
      coupling[cell]! * own +
      lower[cell]! * carried;
    if (cell === 0) carried += slopeWeight3 * belowSlope;
    u3A[cell] = own;
    u3T[cell] = carried;
  }
  u3T[cells - 1] = carried + slopeWeight3 * aboveSlope;
  carried = 0;
  let error = 0;
  for (let cell = cells - 1; cell >= 0; cell -= 1) {
    carried = (u3T[cell]! + upper[cell]! * carried) * perPivot[cell]!;
    const own = perCure[cell]! * (u3A[cell]! + g * byTemperature[cell]! * carried);
    const firstT = u1T[cell]!;
    const secondT = u2T[cell]!;
    const firstA = u1A[cell]!;
    const secondA = u2A[cell]!;
    t1[cell] = t0[cell]! + 2 * firstT + m2 * secondT + m3 * carried;
    const cured = 2 * firstA + m2 * secondA + m3 * own;
    a1[cell] = a0[cell]! + cured;
    const offT = Math.abs(e1 * firstT + e2 * secondT) * perToleranceT;
    const offA = Math.abs(e1 * firstA + e2 * secondA) * perToleranceA;
    // Written so that an error that is no number stays one.
    if (!(offT <= error)) error = error !== error ? error : offT;
    if (!(offA <= error)) error = error !== error ? error : offA;
    // A cure does not go back. One that did would go on doing so: below −κ the rate turns round.
    const fallen = -cured * perToleranceFall;
    if (fallen > error) error = fallen;
  }
  return error;
}

/** One step into `after`; gives its error over the tolerance, no number where the step is too long to be tried. */
function attempt(work: Work, h: number, before: Moment, after: Moment): number {
  const g = gamma * h;
  if (!factor(work, g)) return NaN;
  const { chain, rooms, resins, down, up, stageT, stageA, stageRate } = work;
  const { timeS } = before;
  const belowSlope = down[0]! * climateSlope(rooms.below, timeS) * g * h;
  const aboveSlope = up[chain.cells - 1]! * climateSlope(rooms.above, timeS) * g * h;
  firstStage(work, g, before, belowSlope, aboveSlope);
  for (let which = 0; which < resins.length; which += 1) {
    const { constants, from, to } = resins[which]!;
    fillRates(constants, stageT, stageA, from, to, stageRate);
  }
  secondStage(work, g, timeS + h, belowSlope, aboveSlope);
  return thirdStage(work, g, before, after, belowSlope, aboveSlope);
}
