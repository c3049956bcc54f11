import type { CureState, CureTest } from '../record/cureTests';
import { climateAtC } from '../thermal/climate';
import type { CureMarks } from '../thermal/cureMarks';
import { alphaOfGlass, type Curing } from '../thermal/curing';
import type { Candidate } from '../thermal/fit/fitReadings';
import type { FeltTime } from '../thermal/fit/sampledRun';
import type { PourSetting } from '../thermal/pourSetting';

/** How firm somebody found a layer. */
export interface Felt {
  /** Counted from 0. */
  readonly layer: number;
  /** After the first layer was poured, s. */
  readonly timeS: number;
  readonly test: CureTest;
  readonly state: CureState;
}

/** How far a surface has cured that was found so, from the least to the most. */
function alphasOf(
  state: CureState,
  marks: CureMarks,
  curing: Curing,
  roomC: number,
): readonly [least: number, most: number] {
  const hard = Math.min(1, alphaOfGlass(curing, roomC + marks.hardMarginK));
  const spans: Readonly<Record<CureState, readonly [number, number]>> = {
    liquid: [0, curing.gelAlpha],
    gelled: [curing.gelAlpha, marks.recoatFrom + 0.02],
    tacky: [curing.gelAlpha, marks.tackFree],
    'tack-free': [marks.tackFree, 1],
    firm: [Math.max(marks.tackFree, marks.demould - 0.02), 1],
    hard: [hard, 1],
  };
  return spans[state];
}

/** What was felt, as the model is held to it: the surface had cured at least, and at most, so far. */
export const feltOf = (
  { layer, timeS, state }: Felt,
  { marks, curing }: Candidate,
  { room }: PourSetting,
): FeltTime => {
  const [leastAlpha, mostAlpha] = alphasOf(state, marks, curing, climateAtC(room, timeS));
  return { layer, timeS, leastAlpha, mostAlpha };
};
