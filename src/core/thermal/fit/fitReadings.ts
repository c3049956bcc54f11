import { determinant, Matrix } from 'ml-matrix';
import type { Coded } from '../../codes/coded';
import type { Nothing } from '../../codes/problems/problemData';
import { flatK } from '../bands';
import type { CureMarks } from '../cureMarks';
import type { Curing } from '../curing';
import type { PourSetting } from '../pourSetting';
import { fitPour, type FitEnd, type FitSpreads, type Unknown } from './fitPour';
import { mixtureRange, type FactorRange } from './mixture';
import type { FeltTime, PourReading, SeenTime } from './sampledRun';

/** What a label leaves a resin to be: the card's own calibration, or a member of it. */
export interface Candidate {
  readonly curing: Curing;
  readonly marks: CureMarks;
  /** How well it keeps the label's times, the best 1. */
  readonly weight: number;
}

/** Why readings tell nothing; K, and factors. */
export type NoFit = Coded<{
  /** Nothing was measured or seen. */
  nothing: Nothing;
  'too-few': { readonly count: number; readonly needed: number };
  /** The middle hardly warmed: whatever the rate, such a curve looks the same. */
  flat: { readonly riseK: number; readonly leastK: number };
  /** Rate and air explain it in too many ways. */
  'cannot-tell': { readonly low: number; readonly high: number };
  /** No rate and no air bring the model near it. */
  'does-not-follow': { readonly offK: number };
}>;

/** A pour with what was measured and seen of it. */
export interface MeasuredPour {
  readonly setting: PourSetting;
  readonly readings: readonly PourReading[];
  readonly seen: readonly SeenTime[];
  readonly felt?: readonly FeltTime[];
}

/** What one pour says of its resin, as factors on the card's rate, on the films of the setting and on κ. */
export interface ReadingsFit {
  readonly rate: FactorRange;
  readonly film: FactorRange;
  /** Undefined where the readings need no other κ than the card's. */
  readonly kappa: FactorRange | undefined;
  /** How far readings lie about the best curve, °C; undefined without any. */
  readonly noiseC: number | undefined;
  /** Then the factors are those that are taken without any readings, or as wide as they were found. */
  readonly refused: NoFit | undefined;
}

/** Two unknowns want so many readings, a third one so many. */
const [readingsForTwo, readingsForThree] = [12, 20];
/** What is expected before anything was measured: weak, so that readings decide. Spreads of logarithms. */
const priorLn = { rate: 0.7, film: 0.6, kappa: 0.5 } as const;
/** Nobody looks every minute: a time that was seen may be off by an eighth. */
const seenLn = 0.125;
/** Thermometers of a shop: what is taken before the readings say better, and never less than their last digit, °C. */
const [usualNoiseC, leastNoiseC] = [0.5, 0.15];
/** The usual noise counts as so many readings. */
const noiseWeight = 4;
/** A rate that may as well be half or double is none: greatest over least. */
const mostSpread = 1.8;
/** A curve that lies further off is another pour's: K, or this share of its rise. */
const [mostOffK, mostOffShare] = [2.5, 0.12];
/** Another κ is believed where it lowers the misfit by so much: by chance that happens once in two hundred. */
const kappaGain = 8;
/** What few cells and long steps leave open of a factor, in its logarithm. */
const solverLn = 0.004;
/** Rates to begin from, in logarithms: from too far away the slope may lead astray. */
const startsLn = [0, -0.6, 0.6] as const;

const square = (value: number): number => value * value;
const sumOfSquares = (values: readonly number[]): number =>
  values.reduce((sum, each) => sum + square(each), 0);

/** How many readings that err by themselves a series is worth, as a share: neighbours that err together tell once. */
function independence(leftC: readonly number[]): number {
  const all = sumOfSquares(leftC);
  if (leftC.length < 3 || all === 0) return 1;
  const pairs = leftC.slice(1).reduce((sum, each, at) => sum + each * leftC[at]!, 0);
  // Of errors by themselves the share lies within two over the root of their count.
  const along = Math.min(0.9, pairs / all - 2 / Math.sqrt(leftC.length));
  return along <= 0 ? 1 : (1 - along) / (1 + along);
}

const noiseOf = ({ leftC, ln }: FitEnd): number =>
  Math.max(
    leastNoiseC,
    Math.sqrt(
      (sumOfSquares(leftC) + noiseWeight * square(usualNoiseC)) /
        (Math.max(0, leftC.length - ln.length) + noiseWeight),
    ),
  );

/** How much the middle warmed over what it was poured at and what stood round it, K. */
export const riseOfReadings = (
  { room, resinC }: Pick<PourSetting, 'room' | 'resinC'>,
  readings: readonly PourReading[],
): number =>
  readings.reduce((most, { c }) => Math.max(most, c), -Infinity) -
  Math.max(resinC, room.meanC + room.swingC);

const unmeasured = (what: Unknown): FactorRange =>
  mixtureRange([{ ln: 0, sigma: priorLn[what], weight: 1 }]);

const refusedWith = (refused: NoFit): ReadingsFit => ({
  rate: unmeasured('rate'),
  film: unmeasured('film'),
  kappa: undefined,
  noiseC: undefined,
  refused,
});

/** Why there is nothing to fit; undefined where there is. */
function tooLittle({ setting, readings, seen }: MeasuredPour): NoFit | undefined {
  if (readings.length === 0 && seen.length === 0) return { code: 'nothing', data: {} };
  // A time that was seen tells of the rate by itself.
  if (seen.length > 0) return undefined;
  if (readings.length < readingsForTwo) {
    return { code: 'too-few', data: { count: readings.length, needed: readingsForTwo } };
  }
  const riseK = riseOfReadings(setting, readings);
  return riseK < flatK ? { code: 'flat', data: { riseK, leastK: flatK } } : undefined;
}

/** The best end of several beginnings. */
function fitFrom(
  pour: MeasuredPour,
  { curing, marks }: Candidate,
  asked: readonly Unknown[],
  spreads: FitSpreads,
  starts: readonly (readonly number[])[],
): FitEnd {
  const ends = starts.map((start) => fitPour({ ...pour, curing, marks }, asked, spreads, start));
  return ends.reduce((best, each) => (each.misfit < best.misfit ? each : best));
}

interface Fitted {
  readonly end: FitEnd;
  readonly weight: number;
}

const areaOf = ({ covariance }: FitEnd): number =>
  Math.sqrt(Math.max(0, determinant(new Matrix(covariance.map((row) => [...row])))));

/** The range of an unknown over all candidates, each with the weight of its evidence (Laplace's approximation). */
function rangeOf(fitted: readonly Fitted[], what: Unknown, widened: number): FactorRange {
  const least = Math.min(...fitted.map(({ end }) => end.misfit));
  return mixtureRange(
    fitted.map(({ end, weight }) => {
      const at = end.unknowns.indexOf(what);
      return {
        ln: end.ln[at]!,
        sigma: Math.hypot(solverLn, Math.sqrt(end.covariance[at]![at]!) * widened),
        weight: weight * areaOf(end) * Math.exp((least - end.misfit) / 2),
      };
    }),
  );
}

/**
 * What a pour that was measured says of its resin: the factors on the card's rate and on the films that are likeliest, over all that
 * the label leaves the resin to be, each weighed by how well it explains the readings.
 * @param candidates the card's own calibration first
 * @throws InputError `heat-lost-itself`
 */
export function fitReadings(
  pour: MeasuredPour,
  candidates: readonly [Candidate, ...(readonly Candidate[])],
): ReadingsFit {
  const refused = tooLittle(pour);
  if (refused !== undefined) return refusedWith(refused);
  const { readings } = pour;
  const spreadsAt = (readingC: number): FitSpreads => ({ priorLn, readingC, seenLn });
  const two: readonly Unknown[] = ['rate', 'film'];

  const [card, ...members] = candidates;
  const own = fitFrom(
    pour,
    card,
    two,
    spreadsAt(usualNoiseC),
    startsLn.map((ln) => [ln, 0]),
  );
  const first = [
    own,
    ...members.map((each) => fitFrom(pour, each, two, spreadsAt(usualNoiseC), [own.ln])),
  ];
  const noiseC = Math.min(...first.map(noiseOf));
  const fitAll = (asked: readonly Unknown[], starts: readonly FitEnd[]): readonly Fitted[] =>
    candidates.map((each, at) => ({
      end: fitFrom(pour, each, asked, spreadsAt(noiseC), [
        asked.map((_, unknown) => starts[at]!.ln[unknown] ?? 0),
      ]),
      weight: each.weight,
    }));
  const byTwo = fitAll(two, first);
  const leastOf = (fitted: readonly Fitted[]): Fitted =>
    fitted.reduce((best, each) => (each.end.misfit < best.end.misfit ? each : best));

  // Only where no reading of the label explains it with the card's κ.
  const byThree =
    readings.length >= readingsForThree && noiseC > usualNoiseC
      ? fitAll(
          [...two, 'kappa'],
          byTwo.map(({ end }) => end),
        )
      : undefined;
  const isNeeded =
    byThree !== undefined && leastOf(byTwo).end.misfit - leastOf(byThree).end.misfit > kappaGain;
  const fitted = isNeeded ? byThree : byTwo;
  const { leftC } = leastOf(fitted).end;
  const widened = 1 / Math.sqrt(independence(leftC));
  const rate = rangeOf(fitted, 'rate', widened);
  const found: ReadingsFit = {
    rate,
    film: rangeOf(fitted, 'film', widened),
    kappa: isNeeded ? rangeOf(fitted, 'kappa', widened) : undefined,
    noiseC: readings.length === 0 ? undefined : noiseC,
    refused: undefined,
  };
  const offK = Math.sqrt(sumOfSquares(leftC) / Math.max(1, leftC.length));
  const mostOff = Math.max(mostOffK, mostOffShare * riseOfReadings(pour.setting, readings));
  if (offK > mostOff) return { ...found, refused: { code: 'does-not-follow', data: { offK } } };
  if (rate.high / rate.low > mostSpread) {
    const { low, high } = rate;
    return { ...found, refused: { code: 'cannot-tell', data: { low, high } } };
  }
  return found;
}
