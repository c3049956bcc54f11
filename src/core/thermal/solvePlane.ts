import { climateAtC, type Climate } from './climate';
import { adiabaticRiseK, type Curing } from './curing';
import type { Plane } from './plane';
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
import { stepper, type RunEnd, type RunStart } from './stepThrough';

const stepThrough = stepper<Work>();

/** γ of ROS2: with it the method is L-stable. */
const gamma = 1 - Math.SQRT1_2;

/** Surroundings of a cross-section. */
export interface PlaneRooms {
  readonly above: Climate;
  readonly below: Climate;
  readonly beside: Climate;
}

/** What the steps of one run have in hand. */
interface Work {
  readonly plane: Plane;
  readonly rooms: PlaneRooms;
  readonly resins: readonly ResinRates[];
  /** H/c of each cell's resin, K. */
  readonly heats: Float64Array;
  readonly perToleranceT: number;
  readonly perToleranceA: number;
  readonly byTemperature: Float64Array;
  readonly byAlpha: Float64Array;
  readonly perCure: Float64Array;
  readonly coupling: Float64Array;
  readonly acrossLower: Float64Array;
  readonly perAcross: Float64Array;
  readonly alongLower: Float64Array;
  readonly perAlong: Float64Array;
  readonly stageT: Float64Array;
  readonly stageA: Float64Array;
  readonly stageRate: Float64Array;
  readonly stageWarming: Float64Array;
  readonly u1T: Float64Array;
  readonly u1A: Float64Array;
  readonly u2T: Float64Array;
  readonly u2A: Float64Array;
  /** A row of what lies below, and one of the air. */
  readonly floor: Float64Array;
  readonly air: Float64Array;
}

/**
 * Conduction and cure of a cross-section by ROS2 as a W-method (Verwer and others 1999), second order whatever stands for
 * the Jacobian. Here that is (I − γh(R + Ax))(I − γhAy): each row with its cure as in the chain, then each column. So a step
 * is solved along lines only, and what flows from cell to cell is still conserved exactly.
 * Rows are swept in the order they lie in memory; columns all side by side.
 * @param fromS, toS the run, s
 * @throws InputError `heat-lost-itself`
 */
export function solvePlane(
  plane: Plane,
  curing: Curing,
  rooms: PlaneRooms,
  start: RunStart,
  fromS: number,
  toS: number,
  rules: StepRules,
  watch: Watch,
): RunEnd {
  const { columns, rows, firstResinRow } = plane;
  const make = scratchOf(columns * rows, 2 * arraysOfMoment + 17);
  const before = momentIn(make);
  before.temperaturesC.set(start.temperaturesC);
  before.alphas.set(start.alphas);
  before.timeS = fromS;
  const after = momentIn(make);
  const heats = make();
  heats.fill(adiabaticRiseK(curing));
  for (const each of plane.resins ?? []) {
    heats.fill(adiabaticRiseK(each.curing), each.from * columns, each.to * columns);
  }
  const work: Work = {
    plane,
    rooms,
    resins: ratesOfResins(plane.resins ?? [{ from: firstResinRow, to: rows, curing }]),
    heats,
    perToleranceT: 1 / rules.toleranceK,
    perToleranceA: 100 / rules.toleranceK,
    byTemperature: make(),
    byAlpha: make(),
    perCure: make(),
    coupling: make(),
    acrossLower: make(),
    perAcross: make(),
    alongLower: make(),
    perAlong: make(),
    stageT: make(),
    stageA: make(),
    stageRate: make(),
    stageWarming: make(),
    u1T: make(),
    u1A: make(),
    u2T: make(),
    u2A: make(),
    floor: new Float64Array(plane.columns),
    air: new Float64Array(plane.columns),
  };
  look(work, before);
  return stepThrough(work, before, after, toS, rules, 2, attempt, look, watch);
}

// What follows are functions of the module, not closures of one run, so that they are compiled once for all runs.

/** dT/dt of every cell: what flows in from four sides, and the cure. */
function warm(
  { plane, rooms, heats, floor, air }: Work,
  at: Float64Array,
  rate: Float64Array,
  timeS: number,
  into: Float64Array,
): void {
  const { columns, rows, inwards, outwards, downwards, upwards } = plane;
  floor.fill(climateAtC(rooms.below, timeS));
  air.fill(climateAtC(rooms.above, timeS));
  const besideC = climateAtC(rooms.beside, timeS);
  for (let row = 0; row < rows; row += 1) {
    const first = row * columns;
    const last = first + columns - 1;
    const under = row === 0 ? floor : at;
    const underAt = row === 0 ? -first : -columns;
    const over = row === rows - 1 ? air : at;
    const overAt = row === rows - 1 ? -first : columns;
    let from = 0;
    let here = at[first]!;
    for (let cell = first; cell <= last; cell += 1) {
      const next = cell === last ? besideC : at[cell + 1]!;
      into[cell] =
        inwards[cell]! * (from - here) +
        outwards[cell]! * (next - here) +
        downwards[cell]! * (under[cell + underAt]! - here) +
        upwards[cell]! * (over[cell + overAt]! - here) +
        heats[cell]! * rate[cell]!;
      from = here;
      here = next;
    }
  }
}

/** Rates, their slopes and dT/dt where the next step starts. */
function look(work: Work, at: Moment): void {
  const { plane, resins, byTemperature, byAlpha } = work;
  const { temperaturesC, alphas, curing: rate } = at;
  for (let which = 0; which < resins.length; which += 1) {
    const { constants, from, to } = resins[which]!;
    for (let row = from; row < to; row += 1) {
      const first = row * plane.columns;
      const end = first + plane.resinColumns;
      fillSlopes(constants, temperaturesC, alphas, first, end, rate, byTemperature, byAlpha);
    }
  }
  warm(work, temperaturesC, rate, at.timeS, at.warming);
}

/** Factors both matrices; false where the step is too long for the first to keep its sign. */
function factor(work: Work, g: number): boolean {
  const { plane, heats, byTemperature, byAlpha, perCure, coupling } = work;
  const { acrossLower, perAcross, alongLower, perAlong } = work;
  const { columns, rows, inwards, outwards, downwards, upwards } = plane;
  const leastTerm = leastCureTerm;
  const least = leastPivot;
  for (let row = 0; row < rows; row += 1) {
    const first = row * columns;
    const end = first + columns;
    let perLast = 0;
    let lastOutwards = 0;
    for (let cell = first; cell < end; cell += 1) {
      const slope = byAlpha[cell]!;
      const term = 1 - g * slope;
      const share = slope === 0 ? 1 : 1 / term;
      const gHeat = g * heats[cell]!;
      const inward = g * inwards[cell]!;
      const outward = g * outwards[cell]!;
      const multiplier = inward * perLast;
      const pivot =
        1 + inward + outward - gHeat * byTemperature[cell]! * share - multiplier * lastOutwards;
      if (!(term >= leastTerm) || !(pivot >= least)) return false;
      perLast = 1 / pivot;
      lastOutwards = outward;
      perCure[cell] = share;
      coupling[cell] = gHeat * slope * share;
      acrossLower[cell] = multiplier;
      perAcross[cell] = perLast;
    }
    for (let cell = first; cell < end; cell += 1) {
      const downward = g * downwards[cell]!;
      const fromBelow = row === 0 ? 0 : downward * perAlong[cell - columns]!;
      const back = row === 0 ? 0 : fromBelow * g * upwards[cell - columns]!;
      alongLower[cell] = fromBelow;
      perAlong[cell] = 1 / (1 + downward + g * upwards[cell]! - back);
    }
  }
  return true;
}

/**
 * Solves for a stage, in place of its right side: rows with the cure, then columns upwards. Columns downwards are left to the
 * caller, who makes what comes next of them.
 */
function solveRows(work: Work, g: number, uT: Float64Array, uA: Float64Array): void {
  const { plane, byTemperature, perCure, coupling, acrossLower, perAcross, alongLower } = work;
  const { columns, rows, outwards } = plane;
  for (let row = 0; row < rows; row += 1) {
    const first = row * columns;
    const end = first + columns;
    let carried = 0;
    for (let cell = first; cell < end; cell += 1) {
      carried = uT[cell]! + coupling[cell]! * uA[cell]! + acrossLower[cell]! * carried;
      uT[cell] = carried;
    }
    carried = 0;
    for (let cell = end - 1; cell >= first; cell -= 1) {
      carried = (uT[cell]! + g * outwards[cell]! * carried) * perAcross[cell]!;
      uA[cell] = perCure[cell]! * (uA[cell]! + g * byTemperature[cell]! * carried);
      uT[cell] = row === 0 ? carried : carried + alongLower[cell]! * uT[cell - columns]!;
    }
  }
}

/** Columns downwards after the first stage, and the place of the second. */
function standAtStage(work: Work, g: number, { temperaturesC: t0, alphas: a0 }: Moment): void {
  const { plane, perAlong, stageT, stageA, u1T, u1A } = work;
  const { columns, rows, upwards } = plane;
  const cells = columns * rows;
  const topRow = cells - columns;
  const perGamma = 1 / gamma;
  for (let cell = cells - 1; cell >= 0; cell -= 1) {
    const above = cell >= topRow ? 0 : g * upwards[cell]! * u1T[cell + columns]!;
    const own = (u1T[cell]! + above) * perAlong[cell]!;
    u1T[cell] = own;
    stageT[cell] = t0[cell]! + own * perGamma;
    stageA[cell] = a0[cell]! + u1A[cell]! * perGamma;
  }
}

/** Columns downwards after the second stage, and the end of the step; gives its error over the tolerance. */
function finish(work: Work, g: number, before: Moment, after: Moment): number {
  const { plane, perAlong, u1T, u1A, u2T, u2A, perToleranceT, perToleranceA } = work;
  const { columns, rows, upwards } = plane;
  const { temperaturesC: t0, alphas: a0 } = before;
  const { temperaturesC: t1, alphas: a1 } = after;
  const cells = columns * rows;
  const topRow = cells - columns;
  const perGamma = 1 / gamma;
  // The sum below is 2γ times the error.
  const perToleranceFall = perToleranceA * fallsWeigh * 2 * gamma;
  let error = 0;
  for (let cell = cells - 1; cell >= 0; cell -= 1) {
    const above = cell >= topRow ? 0 : g * upwards[cell]! * u2T[cell + columns]!;
    const own = (u2T[cell]! + above) * perAlong[cell]!;
    u2T[cell] = own;
    const firstT = u1T[cell]!;
    const firstA = u1A[cell]!;
    const secondA = u2A[cell]!;
    t1[cell] = t0[cell]! + (1.5 * firstT + 0.5 * own) * perGamma;
    const cured = (1.5 * firstA + 0.5 * secondA) * perGamma;
    a1[cell] = a0[cell]! + cured;
    const offT = Math.abs(firstT + own) * perToleranceT;
    const offA = Math.abs(firstA + secondA) * perToleranceA;
    // Written so that an error that is no number stays one.
    if (!(offT <= error)) error = error !== error ? error : offT;
    if (!(offA <= error)) error = error !== error ? error : offA;
    // A cure does not go back; see the chain.
    const fallen = -cured * perToleranceFall;
    if (fallen > error) error = fallen;
  }
  return (error * perGamma) / 2;
}

/** One step into `after`; gives its error over the tolerance, no number where the step is too long to be tried. */
function attempt(work: Work, h: number, before: Moment, after: Moment): number {
  const g = gamma * h;
  if (!factor(work, g)) return NaN;
  const { plane, resins, stageT, stageA, stageRate, stageWarming, u1T, u1A, u2T, u2A } = work;
  const { warming, curing: rate } = before;
  const cells = plane.columns * plane.rows;
  for (let cell = 0; cell < cells; cell += 1) {
    u1T[cell] = g * warming[cell]!;
    u1A[cell] = g * rate[cell]!;
  }
  solveRows(work, g, u1T, u1A);
  standAtStage(work, g, before);
  for (let which = 0; which < resins.length; which += 1) {
    const { constants, from, to } = resins[which]!;
    for (let row = from; row < to; row += 1) {
      const first = row * plane.columns;
      fillRates(constants, stageT, stageA, first, first + plane.resinColumns, stageRate);
    }
  }
  warm(work, stageT, stageRate, before.timeS + h, stageWarming);
  for (let cell = 0; cell < cells; cell += 1) {
    u2T[cell] = g * stageWarming[cell]! - 2 * u1T[cell]!;
    u2A[cell] = g * stageRate[cell]! - 2 * u1A[cell]!;
  }
  solveRows(work, g, u2T, u2A);
  return finish(work, g, before, after);
}
