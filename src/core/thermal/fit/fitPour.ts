import { levenbergMarquardt } from 'ml-levenberg-marquardt';
import { inverse, Matrix } from 'ml-matrix';
import type { CureMarks } from '../cureMarks';
import type { Curing } from '../curing';
import type { PourSetting } from '../pourSetting';
import { hardByS } from '../saidFigures';
import { sampledRun, type FeltTime, type PourReading, type SeenTime } from './sampledRun';

/** What readings can move: each a factor on what the card and the setting say, by its logarithm. */
export const unknowns = ['rate', 'film', 'kappa'] as const;
export type Unknown = (typeof unknowns)[number];

/** A pour with what was measured and seen of it. */
export interface FitQuestion {
  readonly setting: PourSetting;
  readonly curing: Curing;
  readonly marks: CureMarks;
  readonly readings: readonly PourReading[];
  readonly seen: readonly SeenTime[];
  readonly felt?: readonly FeltTime[];
}

/** How far things may lie from where they are expected, as spreads of normal distributions. */
export interface FitSpreads {
  /** Of what an unknown is multiplied by, in its logarithm. */
  readonly priorLn: Readonly<Record<Unknown, number>>;
  /** Of a reading, °C. */
  readonly readingC: number;
  /** Of a time that was seen, in its logarithm: nobody looks every minute. */
  readonly seenLn: number;
}

/** Where the sum of squares is least. */
export interface FitEnd {
  readonly unknowns: readonly Unknown[];
  /** Logarithms of the factors, in that order. */
  readonly ln: readonly number[];
  /** Of those logarithms, rows by columns. */
  readonly covariance: readonly (readonly number[])[];
  /** Twice the negative logarithm of the likelihood, priors counted. */
  readonly misfit: number;
  /** Measured less calculated, °C, in the order of the readings. */
  readonly leftC: readonly number[];
}

/** The factor of an unknown; 1 for one that was not asked for. */
export const factorOf = ({ unknowns: asked, ln }: FitEnd, what: Unknown): number => {
  const at = asked.indexOf(what);
  return at === -1 ? 1 : Math.exp(ln[at]!);
};

/** The same pour in livelier or stiller air: all its films. */
function withFilms(setting: PourSetting, factor: number): PourSetting {
  const { shape, underside, topU, fan } = setting;
  const outside = <T extends { readonly filmU: number }>(side: T): T => ({
    ...side,
    filmU: side.filmU * factor,
  });
  return {
    ...setting,
    shape:
      shape.kind === 'slab'
        ? { ...shape, side: shape.side && outside(shape.side) }
        : { ...shape, side: outside(shape.side) },
    underside: outside(underside),
    topU: topU * factor,
    fan: { ...fan, topU: fan.topU * factor, undersideU: fan.undersideU * factor },
  };
}

/** A pour with factors on its rate, its films and its κ. */
export function moved(
  { setting, curing }: Pick<FitQuestion, 'setting' | 'curing'>,
  factor: (what: Unknown) => number,
): { readonly setting: PourSetting; readonly curing: Curing } {
  return {
    setting: withFilms(setting, factor('film')),
    curing: {
      ...curing,
      ratePerS: curing.ratePerS * factor('rate'),
      kappa: curing.kappa * factor('kappa'),
    },
  };
}

/** Differences by which slopes are taken, of a logarithm: far over what a solver's steps leave, far under what bends. */
const slopeLn = 0.03;
/** No shed is further from a model that knows its label, in logarithms. */
const mostLn = 2.5;
/** The library goes on as long as it may. */
const iterations = 9;
/** What a step is damped with at first. */
const damping = 0.05;
/** A fingertip tells the degree of cure to this. */
const feltSpread = 0.03;
/** What does not happen in thirty days counts as happening then. */
const latestS = hardByS;

/**
 * The factors that are likeliest with what was measured, seen and expected: least squares by Levenberg and Marquardt, what is
 * expected standing among the data.
 * @param asked the unknowns, in the order of their logarithms
 * @param start logarithms to begin from
 * @throws InputError `heat-lost-itself`
 */
export function fitPour(
  question: FitQuestion,
  asked: readonly Unknown[],
  spreads: FitSpreads,
  start: readonly number[] = asked.map(() => 0),
): FitEnd {
  const { marks, readings, seen, felt = [] } = question;
  const fromPourS = ({ layer }: SeenTime): number => question.setting.layers[layer]!.pouredS;
  /** Everything that is known, each in units of its spread. */
  const data = [
    ...readings.map(({ c }) => c / spreads.readingC),
    ...seen.map((each) => Math.log(each.timeS - fromPourS(each)) / spreads.seenLn),
    ...felt.map(() => 0),
    ...asked.map(() => 0),
  ];
  const modelAt = (ln: readonly number[]): readonly number[] => {
    const { setting, curing } = moved(question, (what) => {
      const at = asked.indexOf(what);
      return at === -1 ? 1 : Math.exp(ln[at]!);
    });
    const { readingsC, seenS, feltAlpha } = sampledRun(
      setting,
      curing,
      marks,
      readings,
      seen,
      felt,
    );
    return [
      ...readingsC.map((c) => c / spreads.readingC),
      ...seen.map((each, at) => {
        const afterS = (seenS[at] ?? latestS + fromPourS(each)) - fromPourS(each);
        return Math.log(Math.max(1, afterS)) / spreads.seenLn;
      }),
      // Nothing pulls while it is as far as it was felt to be.
      ...felt.map(({ leastAlpha, mostAlpha }, at) => {
        const alpha = feltAlpha[at]!;
        return (Math.max(0, alpha - mostAlpha) - Math.max(0, leastAlpha - alpha)) / feltSpread;
      }),
      ...asked.map((what, at) => ln[at]! / spreads.priorLn[what]),
    ];
  };
  const { parameterValues } = levenbergMarquardt(
    { x: data.map((_, at) => at), y: [...data] },
    (ln: number[]) => {
      const model = modelAt(ln);
      return (at: number) => model[at]!;
    },
    {
      initialValues: [...start],
      damping,
      gradientDifference: slopeLn,
      maxIterations: iterations,
      minValues: asked.map(() => -mostLn),
      maxValues: asked.map(() => mostLn),
    },
  );
  const ln = [...parameterValues];
  const model = modelAt(ln);
  const slopes = asked.map((_, at) => {
    const beside = modelAt(ln.map((each, here) => (here === at ? each + slopeLn : each)));
    return beside.map((value, row) => (value - model[row]!) / slopeLn);
  });
  const normal = new Matrix(
    slopes.map((row) =>
      slopes.map((other) => row.reduce((sum, value, at) => sum + value * other[at]!, 0)),
    ),
  );
  return {
    unknowns: asked,
    ln,
    covariance: inverse(normal).to2DArray(),
    misfit: data.reduce((sum, value, at) => sum + (value - model[at]!) ** 2, 0),
    leftC: readings.map(({ c }, at) => c - model[at]! * spreads.readingC),
  };
}
