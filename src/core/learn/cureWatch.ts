import type { CureTest, CureState } from '../record/cureTests';
import type { HeatFamily } from '../resin/families';
import { flatK } from '../thermal/bands';
import { climateAtC } from '../thermal/climate';
import type { CureMarks } from '../thermal/cureMarks';
import { alphaOfGlass, type Curing } from '../thermal/curing';
import { factorOf, fitPour, moved, type FitSpreads } from '../thermal/fit/fitPour';
import type { Candidate } from '../thermal/fit/fitReadings';
import { sampledRun, type FeltTime, type PourReading } from '../thermal/fit/sampledRun';
import { keystrokeGrid, type PourSetting } from '../thermal/pourSetting';
import { predictMiddle, withBorder, type LayerHeat } from '../thermal/predict';

/** How firm somebody found a layer. */
export interface Felt {
  /** Counted from 0. */
  readonly layer: number;
  /** After the first layer was poured, s. */
  readonly timeS: number;
  readonly test: CureTest;
  readonly state: CureState;
}

/** A pour that is curing, as it was really poured, with what was measured and felt of it since. */
export interface CuringPour {
  readonly setting: PourSetting;
  readonly family: HeatFamily;
  /** The card's own calibration first, then what else its label bears. */
  readonly candidates: readonly [Candidate, ...(readonly Candidate[])];
  readonly readings: readonly PourReading[];
  readonly felt: readonly Felt[];
}

/** What readings make of a pour that is curing. */
export interface CureWatch {
  /** Factors on the card's rate and on the films; 1 without readings. */
  readonly rate: number;
  readonly film: number;
  /** As it was expected, and as readings have it; as many as there are layers. */
  readonly expected: readonly LayerHeat[];
  readonly corrected: readonly LayerHeat[];
  /** By every other reading of the label, moved alike: what the corrected times may be off. */
  readonly others: readonly (readonly LayerHeat[])[];
  /** The latest reading of the warmest place over what was expected then, K; undefined without one. */
  readonly overK: number | undefined;
  /** How much sooner it comes to its peak than expected, or gels where it hardly warms, h; below 0 for later. */
  readonly aheadH: number | undefined;
}

/**
 * What is expected of a pour before it is measured: a lot cures within a third of its label, a shed's air moves within a third of
 * what is assumed, a thermometer in a pour is right to a degree. Assumed, as for a batch in its cup.
 */
const spreads: FitSpreads = {
  priorLn: { rate: 0.3, film: 0.3, kappa: 0.5 },
  readingC: 1,
  seenLn: 0.125,
};

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

const feltOf = (
  { layer, timeS, state }: Felt,
  { marks, curing }: Candidate,
  { room }: PourSetting,
): FeltTime => {
  const [leastAlpha, mostAlpha] = alphasOf(state, marks, curing, climateAtC(room, timeS));
  return { layer, timeS, leastAlpha, mostAlpha };
};

const layersOf = (
  setting: PourSetting,
  curing: Curing,
  family: HeatFamily,
  marks: CureMarks,
): readonly LayerHeat[] =>
  withBorder(
    predictMiddle(setting, family, curing, marks, keystrokeGrid(setting)).layers,
    setting,
    family,
    curing,
    marks,
  );

/** How much sooner something comes, h; undefined where it comes only in one of them. */
const sooner = (expected: number | undefined, corrected: number | undefined): number | undefined =>
  expected === undefined || corrected === undefined ? undefined : expected - corrected;

/**
 * Where a pour stands by what was measured and felt of it: the rate and the films that are likeliest with what the model expects,
 * and the times that follow.
 * @throws InputError `heat-lost-itself`
 */
export function watchCure(pour: CuringPour): CureWatch {
  const { setting, family, candidates, readings, felt } = pour;
  const [own, ...members] = candidates;
  const expected = layersOf(setting, own.curing, family, own.marks);
  if (readings.length === 0 && felt.length === 0) {
    return {
      rate: 1,
      film: 1,
      expected,
      corrected: expected,
      others: members.map(({ curing, marks }) => layersOf(setting, curing, family, marks)),
      overK: undefined,
      aheadH: undefined,
    };
  }
  const end = fitPour(
    {
      setting,
      curing: own.curing,
      marks: own.marks,
      readings,
      seen: [],
      felt: felt.map((each) => feltOf(each, own, setting)),
    },
    ['rate', 'film'],
    spreads,
  );
  const movedBy = ({ curing, marks }: Candidate): readonly LayerHeat[] => {
    const it = moved({ setting, curing }, (what) => factorOf(end, what));
    return layersOf(it.setting, it.curing, family, marks);
  };
  const corrected = movedBy(own);
  const core = readings.filter(({ place }) => place === 'core');
  const latest = core.reduce<PourReading | undefined>(
    (last, each) => (last === undefined || each.timeS > last.timeS ? each : last),
    undefined,
  );
  const expectedC =
    latest && sampledRun(setting, own.curing, own.marks, [latest], []).readingsC[0]!;
  const before = expected.at(-1)!;
  const after = corrected.at(-1)!;
  const warms = before.peakC - setting.resinC >= flatK;
  return {
    rate: factorOf(end, 'rate'),
    film: factorOf(end, 'film'),
    expected,
    corrected,
    others: members.map(movedBy),
    overK: latest && expectedC !== undefined ? latest.c - expectedC : undefined,
    aheadH:
      (warms ? sooner(before.peakH, after.peakH) : undefined) ?? sooner(before.gelH, after.gelH),
  };
}
