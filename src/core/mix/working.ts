import type { JobPour } from '../job/jobPour';
import { readQuantity } from '../quantity/readQuantity';
import { streamMm } from '../flow/bubbles';
import { flowRule, keptBackRule, lengthRule, timeRule } from '../quantity/rules';
import type { ReadResin } from '../resin/readResin';
import { familyOf, type ResinFamily } from '../resin/families';

/** A person's own pace, as they typed it. */
export interface OwnPace {
  /** Of slow resins: quick ones are stirred for as long as they let one. */
  readonly stir?: string | undefined;
  readonly pourRate?: string | undefined;
}

/** From here on a family is stirred at the person's own pace, min. */
const slowFromMin = 3;

/** What a pour says of its mixing, with the person's own pace where it says nothing. */
export function mixingAtPace<M extends NonNullable<JobPour['mixing']>>(
  mixing: M | undefined,
  family: ResinFamily,
  pace: OwnPace | undefined,
): M | undefined {
  if (pace?.stir === undefined && pace?.pourRate === undefined) return mixing;
  const own = familyOf(family).stirMin >= slowFromMin ? pace.stir : undefined;
  const { stir = own, pourRate = pace.pourRate } = mixing ?? {};
  return { ...mixing, stir, pourRate } as M;
}

/** What mixing and pouring a batch takes, and how much of its time is not counted on. */
export interface Working {
  /** Pot life as the label quotes it, for its own mass and temperature. */
  readonly labelMin: number | undefined;
  readonly stirMin: number;
  readonly pourMlPerMin: number;
  readonly stirAssumed: boolean;
  readonly pourAssumed: boolean;
  /** Share of the pot life that nothing is planned into. */
  readonly keptBack: number;
  /** How thin it falls from a height; undefined where it is poured close to the mould. */
  readonly stream?: Stream | undefined;
}

/** A stream that falls: from where, how much a minute, and how thin it lands at the least. */
export interface Stream {
  readonly fallMm: number;
  readonly pourMlPerMin: number;
  readonly streamMm: number;
}

/** A thin stream that fills a litre in two minutes. */
const usualPourMlPerMin = 500;

/** Nobody pours to the last minute, and the model is not exact to a minute either. */
export const usualKeptBack = 1 / 3;

/** What the person says of their mixing, and the usual where they say nothing. */
export function workingOf(
  mixing: JobPour['mixing'],
  family: ResinFamily,
  { potLife }: ReadResin,
): Working {
  const { stir, pourRate, keptBack, pourFrom } = mixing ?? {};
  const pourMlPerMin =
    pourRate === undefined ? usualPourMlPerMin : readQuantity(pourRate, flowRule).value;
  const fallMm = pourFrom === undefined ? undefined : readQuantity(pourFrom, lengthRule).value;
  return {
    labelMin: potLife?.timeMin,
    stirMin: stir === undefined ? familyOf(family).stirMin : readQuantity(stir, timeRule).value,
    pourMlPerMin,
    stirAssumed: stir === undefined,
    pourAssumed: pourRate === undefined,
    keptBack: keptBack === undefined ? usualKeptBack : readQuantity(keptBack, keptBackRule).value,
    ...(fallMm === undefined
      ? {}
      : { stream: { fallMm, pourMlPerMin, streamMm: streamMm(pourMlPerMin, fallMm) } }),
  };
}

/** How long a batch takes from the first drop of hardener to an empty cup. */
export const workingMin = (
  ml: number,
  { stirMin, pourMlPerMin }: Pick<Working, 'stirMin' | 'pourMlPerMin'>,
): number => stirMin + ml / pourMlPerMin;

/** How long a batch must stay pourable for that, with what is kept back. */
export const lastingMin = (ml: number, working: Working): number =>
  workingMin(ml, working) / (1 - working.keptBack);
