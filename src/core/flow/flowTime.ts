import type { Curing } from '../thermal/curing';
import { rateOf } from '../thermal/curing';
import { crossingOf, cubicAt } from '../thermal/hermite';
import type { HeatRecord } from '../thermal/record';
import { thickening } from './viscosity';

/**
 * How long a resin still flows, told as hours at the viscosity that it has at 25 °C before it cures: F(t) = ∫ₜ^gel η₂₅/η dt. What
 * moves through it at a speed of k/η goes k F/η₂₅ until gel, whatever its viscosity on the card. Both lists run from the pour to
 * just before gel.
 */
export interface FlowTime {
  /** Hours from the pour of the layer. */
  readonly gelH: number;
  /** Hours before gel, falling, and the flow that is left then, h. */
  readonly beforeGelH: readonly number[];
  readonly leftH: readonly number[];
}

/** Between two steps of the solver the integral is taken in pieces, up to these shares of the way. */
const evenly = [0.25, 0.5, 0.75, 1];
/** Where it gels within the step, η grows without bound: pieces as much nearer to gel each. */
const towardsGel = [...Array.from({ length: 12 }, (_, at) => 1 - 0.6 ** (at + 1)), 1];
/** Moments that are told: from the pour to a thousandth of it before gel, each as much nearer. */
const moments = 40;
const nearest = 1e-3;

const hourS = 3600;

interface Walked {
  /** From the pour to the gel of the place. */
  readonly timesS: readonly number[];
  /** ∫ η₂₅/η dt from the pour on, s. */
  readonly flowS: readonly number[];
}

/** The place until it gels, with the flow that it has had by each moment; undefined where it does not gel. */
function walk(
  { timesS, frames, cells, temperaturesC, alphas }: HeatRecord,
  [one, other]: readonly [number, number],
  curing: Curing,
  fromS: number,
): Walked | undefined {
  const { gelAlpha } = curing;
  const times: number[] = [0];
  const flows: number[] = [0];
  let flow = 0;
  for (let frame = 0; frame < frames - 1; frame += 1) {
    const startS = timesS[frame]!;
    const spanS = timesS[frame + 1]! - startS;
    const between = (of: Float32Array, at: number): number =>
      (of[at * cells + one]! + of[at * cells + other]!) / 2;
    const [start, startC] = [between(alphas, frame), between(temperaturesC, frame)];
    const [end, endC] = [between(alphas, frame + 1), between(temperaturesC, frame + 1)];
    // Before its own pour a layer is not there.
    if (startS < fromS || spanS <= 0 || Number.isNaN(start)) continue;
    const course = {
      start,
      end,
      startSlope: rateOf(curing, startC, start) * spanS,
      endSlope: rateOf(curing, endC, end) * spanS,
    };
    const gels = end >= gelAlpha;
    const share = gels ? crossingOf(course, gelAlpha) : 1;
    const fluidity = (at: number): number =>
      1 / thickening(startC + (endC - startC) * at, cubicAt(course, at), gelAlpha);
    let from = 0;
    let before = fluidity(0);
    for (const piece of gels ? towardsGel : evenly) {
      const to = share * piece;
      const after = gels && piece === 1 ? 0 : fluidity(to);
      // Simpson's rule.
      flow += ((before + 4 * fluidity((from + to) / 2) + after) / 6) * (to - from) * spanS;
      times.push(startS - fromS + spanS * to);
      flows.push(flow);
      from = to;
      before = after;
    }
    if (gels) return { timesS: times, flowS: flows };
  }
  return undefined;
}

/**
 * What is left at a moment before gel, between those that are known: near gel it falls with a power of the time that is left.
 * @param beforeS falling, the last above 0
 */
function leftAt(beforeS: readonly number[], leftS: readonly number[], atS: number): number {
  const after = beforeS.findIndex((each) => each <= atS);
  const at = Math.max(1, after === -1 ? beforeS.length - 1 : after);
  const [b0, b1] = [Math.log(beforeS[at - 1]!), Math.log(beforeS[at]!)];
  const [l0, l1] = [Math.log(leftS[at - 1]!), Math.log(leftS[at]!)];
  return Math.exp(l0 + ((l1 - l0) * (Math.log(atS) - b0)) / (b1 - b0));
}

/**
 * How a place in a pour flows until it gels.
 * @param between two cells of the record, or one twice
 * @param fromS when its layer was poured, after the first
 * @returns undefined for what does not gel
 */
export function flowTimeOf(
  record: HeatRecord,
  between: readonly [number, number],
  curing: Curing,
  fromS: number,
): FlowTime | undefined {
  const walked = walk(record, between, curing, fromS);
  if (walked === undefined) return undefined;
  const { timesS, flowS } = walked;
  const gelS = timesS.at(-1)!;
  const wholeS = flowS.at(-1)!;
  // At gel itself there is nothing left, of which there is no logarithm.
  const beforeS = timesS.slice(0, -1).map((each) => gelS - each);
  const leftS = flowS.slice(0, -1).map((each) => wholeS - each);
  const beforeGelS = Array.from(
    { length: moments },
    (_, at) => gelS * nearest ** (at / (moments - 1)),
  );
  return {
    gelH: gelS / hourS,
    beforeGelH: beforeGelS.map((each) => each / hourS),
    leftH: beforeGelS.map((each) => leftAt(beforeS, leftS, each) / hourS),
  };
}
