import type { Nothing } from '../codes/problems/problemData';

/** Which way a method errs: a fill with grain reads low, rectangles laid over a cavity read high. */
export type Errs = 'low' | 'high' | 'either';

/** The rules that a doubt comes from, with the figures that went in; ml, mm, °C, g/ml and shares of 1. */
export interface DoubtRules {
  'as-given': Nothing;
  /** `most` is the field that most of it comes from. */
  reading: { readonly stepMm: number; readonly most?: string | undefined };
  stations: {
    readonly curveMl: number;
    readonly readingMl: number;
    readonly stations: number;
  };
  'two-stations': Nothing;
  rectangles: Nothing;
  'rectangles-narrowest': { readonly highMl: number };
  traced: {
    readonly tapsMl: number;
    readonly scaleMl: number;
    readonly depthMl: number;
    readonly by: string;
    readonly mmPerPx: number;
  };
  drawn: { readonly stepMm: number };
  'mesh-as-drawn': Nothing;
  'mesh-holes': Nothing;
  'wet-scale': { readonly waterC: number; readonly densityGPerMl: number };
  'wet-jug': { readonly jugShare: number };
  'dry-jug': { readonly packingShare: number };
  'dry-weight': { readonly packingShare: number };
  weighed: { readonly densityShare: number };
  displaced: { readonly readingMl: number };
  mould: { readonly name: string };
  /** How much more its weight may hold in fuller shoulders, ml. */
  dome: { readonly stepMm: number; readonly fullerMl: number };
  covered: { readonly areaMm2: number; readonly thicknessMm: number };
}

export type DoubtRule = keyof DoubtRules;

/** A rule, for a sentence, with its data. */
export type ByRule<Rule extends DoubtRule = DoubtRule> = {
  [R in Rule]: { readonly rule: R; readonly data: DoubtRules[R] };
}[Rule];

/** How sure a volume is, and why. */
export type Doubt = ByRule & {
  /** Half the width of the band; for a method that errs to one side, how far it may be off to that side. */
  readonly plusMinusMl: number;
  readonly errs: Errs;
};

/** A volume that somebody states and nobody measures here. */
export const asGiven: Doubt = { plusMinusMl: 0, errs: 'either', rule: 'as-given', data: {} };

/** Where a doubt comes from, without what it comes to. */
export const ruleOf = ({ plusMinusMl: _, errs: __, ...rule }: Doubt): ByRule => rule;

/** Independent doubts together: the root of the sum of their squares. */
export function rootSumSquare(values: readonly number[]): number {
  return Math.hypot(...values);
}

/** The way that several doubts err together: to one side only where all that matter do. */
export function errsTogether(doubts: readonly Pick<Doubt, 'plusMinusMl' | 'errs'>[]): Errs {
  const ways = new Set(doubts.filter(({ plusMinusMl }) => plusMinusMl > 0).map(({ errs }) => errs));
  const [only] = ways;
  return ways.size === 1 && only !== undefined ? only : 'either';
}
