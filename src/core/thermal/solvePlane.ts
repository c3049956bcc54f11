import { climateAtC, type Climate } from './climate';
import { adiabaticRiseK, type Curing } from './curing';
import type { Plane } from './plane';
import { ratesOf } from './rates';
import { arraysOfMoment, momentIn, scratchOf } from './scratch';
import type { RunEnd, RunStart } from './solveChain';
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

/** γ of ROS2: with it the method is L-stable. */
const gamma = 1 - Math.SQRT1_2;

/** Surroundings of a cross-section. */
export interface PlaneRooms {
  readonly above: Climate;
  readonly below: Climate;
  readonly beside: Climate;
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
  const { columns, rows, inwards, outwards, downwards, upwards, resinColumns, firstResinRow } =
    plane;
  const cells = columns * rows;
  const { values, slopes } = ratesOf(curing);
  // Imported names are looked up anew each time; the loops want them at hand.
  const leastTerm = leastCureTerm;
  const least = leastPivot;
  const heatK = adiabaticRiseK(curing);
  const make = scratchOf(cells, 2 * arraysOfMoment + 16);

  let before = momentIn(make);
  let after = momentIn(make);
  before.temperaturesC.set(start.temperaturesC);
  before.alphas.set(start.alphas);
  before.timeS = fromS;
  const byTemperature = make();
  const byAlpha = make();
  const perCure = make();
  const coupling = make();
  const acrossLower = make();
  const perAcross = make();
  const alongLower = make();
  const perAlong = make();
  const stageT = make();
  const stageA = make();
  const stageRate = make();
  const stageWarming = make();
  const u1T = make();
  const u1A = make();
  const u2T = make();
  const u2A = make();
  const floor = new Float64Array(columns);
  const air = new Float64Array(columns);

  /** dT/dt of every cell: what flows in from four sides, and the cure. */
  function warm(at: Float64Array, rate: Float64Array, timeS: number, into: Float64Array): void {
    floor.fill(climateAtC(rooms.below, timeS));
    air.fill(climateAtC(rooms.above, timeS));
    const besideC = climateAtC(rooms.beside, timeS);
    for (let row = 0; row < rows; row += 1) {
      const first = row * columns;
      const under = row === 0 ? floor : at;
      const underAt = row === 0 ? 0 : first - columns;
      const over = row === rows - 1 ? air : at;
      const overAt = row === rows - 1 ? 0 : first + columns;
      let from = 0;
      let here = at[first]!;
      for (let column = 0; column < columns; column += 1) {
        const cell = first + column;
        const next = column === columns - 1 ? besideC : at[cell + 1]!;
        into[cell] =
          inwards[cell]! * (from - here) +
          outwards[cell]! * (next - here) +
          downwards[cell]! * (under[underAt + column]! - here) +
          upwards[cell]! * (over[overAt + column]! - here) +
          heatK * rate[cell]!;
        from = here;
        here = next;
      }
    }
  }

  /** Rates, their slopes and dT/dt where the next step starts. */
  function look(at: Moment): void {
    for (let row = firstResinRow; row < rows; row += 1) {
      const first = row * columns;
      slopes(
        at.temperaturesC,
        at.alphas,
        first,
        first + resinColumns,
        at.curing,
        byTemperature,
        byAlpha,
      );
    }
    warm(at.temperaturesC, at.curing, at.timeS, at.warming);
  }

  /** Factors both matrices; false where the step is too long for the first to keep its sign. */
  function factor(g: number): boolean {
    const gHeat = g * heatK;
    for (let row = 0; row < rows; row += 1) {
      const first = row * columns;
      const end = first + columns;
      let perLast = 0;
      let lastOutwards = 0;
      for (let cell = first; cell < end; cell += 1) {
        const slope = byAlpha[cell]!;
        const term = 1 - g * slope;
        const share = slope === 0 ? 1 : 1 / term;
        const inward = g * inwards[cell]!;
        const outward = g * outwards[cell]!;
        const multiplier = inward * perLast;
        const pivot =
          1 +
          inward +
          outward -
          gHeat * byTemperature[cell]! * share -
          multiplier * lastOutwards;
        if (!(term >= leastTerm) || !(pivot >= least)) return false;
        perLast = 1 / pivot;
        lastOutwards = outward;
        perCure[cell] = share;
        coupling[cell] = gHeat * slope * share;
        acrossLower[cell] = multiplier;
        perAcross[cell] = perLast;
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
  function solveRows(g: number, uT: Float64Array, uA: Float64Array): void {
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

  const topRow = cells - columns;
  const perGamma = 1 / gamma;
  const perToleranceT = 1 / rules.toleranceK;
  const perToleranceA = 100 / rules.toleranceK;
  let stepS = Math.min(rules.firstStepS, toS - fromS);
  let timeS = fromS;
  let steps = 0;
  let refused = 0;
  look(before);
  while (timeS < toS) {
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
    for (let cell = 0; cell < cells; cell += 1) {
      u1T[cell] = g * warming[cell]!;
      u1A[cell] = g * rate[cell]!;
    }
    solveRows(g, u1T, u1A);
    for (let cell = cells - 1; cell >= 0; cell -= 1) {
      const above = cell >= topRow ? 0 : g * upwards[cell]! * u1T[cell + columns]!;
      const own = (u1T[cell]! + above) * perAlong[cell]!;
      u1T[cell] = own;
      stageT[cell] = t0[cell]! + own * perGamma;
      stageA[cell] = a0[cell]! + u1A[cell]! * perGamma;
    }

    for (let row = firstResinRow; row < rows; row += 1) {
      const first = row * columns;
      values(stageT, stageA, first, first + resinColumns, stageRate);
    }
    warm(stageT, stageRate, timeS + h, stageWarming);
    for (let cell = 0; cell < cells; cell += 1) {
      u2T[cell] = g * stageWarming[cell]! - 2 * u1T[cell]!;
      u2A[cell] = g * stageRate[cell]! - 2 * u1A[cell]!;
    }
    solveRows(g, u2T, u2A);
    const { temperaturesC: t1, alphas: a1 } = after;
    let error = 0;
    for (let cell = cells - 1; cell >= 0; cell -= 1) {
      const above = cell >= topRow ? 0 : g * upwards[cell]! * u2T[cell + columns]!;
      const own = (u2T[cell]! + above) * perAlong[cell]!;
      u2T[cell] = own;
      const firstT = u1T[cell]!;
      const firstA = u1A[cell]!;
      const secondA = u2A[cell]!;
      t1[cell] = t0[cell]! + (1.5 * firstT + 0.5 * own) * perGamma;
      a1[cell] = a0[cell]! + (1.5 * firstA + 0.5 * secondA) * perGamma;
      const offT = Math.abs(firstT + own) * perToleranceT;
      const offA = Math.abs(firstA + secondA) * perToleranceA;
      // Written so that an error that is no number stays one.
      if (!(offT <= error)) error = error !== error ? error : offT;
      if (!(offA <= error)) error = error !== error ? error : offA;
    }
    error /= 2 * gamma;
    if (!(error <= 1)) {
      refused += 1;
      stepS = shorter(h * (error > 1 ? growthAfter(error, 2) : unsafeCut), timeS);
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
    stepS = h * growthAfter(error, 2);
  }
  const { temperaturesC, alphas } = before;
  return { timeS, steps, refused, temperaturesC, alphas };
}
