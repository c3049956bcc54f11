import type { Curing } from './curing';
import { heatKindOf, type HeatFamily, type HeatKind } from '../resin/families';
import { quickGrid } from './pourSetting';
import { runPour } from './runPour';
import { usualSetting } from './usualSetting';

/** A time that the label gives, and its temperature. */
export interface MarkTime {
  readonly timeMin: number;
  readonly temperatureC: number;
}

/** What the label says of the cure; undefined where it says nothing. */
export interface MarkTimes {
  readonly tackFree?: MarkTime | undefined;
  readonly recoatFrom?: MarkTime | undefined;
  readonly recoatTo?: MarkTime | undefined;
  readonly demould?: MarkTime | undefined;
}

/** Degrees of cure at which something may be done. */
export interface CureMarks {
  readonly tackFree: number;
  readonly recoatFrom: number;
  readonly recoatTo: number;
  readonly demould: number;
  /** A demould also waits until it is no warmer than its glass transition and this, K. */
  readonly demouldOverGlassK: number;
  /** Those that were read off the label's times. */
  readonly fromLabel: readonly (keyof MarkTimes)[];
  /** Those of them that lay beyond the model's reach and are kept at its end. */
  readonly held: readonly (keyof MarkTimes)[];
}

/** Marks read off a label stay between these: beyond them the label means something else. */
const leastMark = 0.6;
const greatestMark = 0.9;
/** Labels tell their times of a thin film. */
const filmM = 0.003;

/** When a whole casting may leave its mould: how far cured, and how far over its glass transition at the most. */
const demouldMarks: Readonly<
  Record<HeatKind, { readonly alpha: number; readonly overGlassK: number }>
> = { epoxy: { alpha: 0.8, overGlassK: 8 }, polyurethane: { alpha: 0.85, overGlassK: 25 } };

/** How far a thin film has cured at a time of the label. */
function alphaAt(curing: Curing, { timeMin, temperatureC }: MarkTime): number {
  const { alphas, domain } = runPour(
    usualSetting(filmM, temperatureC),
    curing,
    { grid: quickGrid, toleranceK: 0.2, untilS: timeMin * 60 },
    () => () => false,
  );
  return alphas[domain.cells - 1]!;
}

/**
 * Marks for a resin: the family's, and the label's where it gives a time. The degree of cure at that time is taken from a 3 mm
 * film at the label's temperature, kept between 0.6 and 0.9.
 * @param curing calibrated
 */
export function cureMarks(family: HeatFamily, curing: Curing, label: MarkTimes): CureMarks {
  const usual = {
    tackFree: 0.72,
    recoatFrom: 0.6,
    recoatTo: 0.8,
    demould: demouldMarks[heatKindOf(family)].alpha,
  };
  const fromLabel: (keyof MarkTimes)[] = [];
  const held: (keyof MarkTimes)[] = [];
  const mark = (what: keyof MarkTimes): number => {
    const said = label[what];
    if (said === undefined) return usual[what];
    fromLabel.push(what);
    const alpha = alphaAt(curing, said);
    const kept = Math.min(greatestMark, Math.max(leastMark, alpha));
    if (kept !== alpha) held.push(what);
    return kept;
  };
  const recoatFrom = mark('recoatFrom');
  const labelTo = mark('recoatTo');
  return {
    tackFree: mark('tackFree'),
    recoatFrom,
    // A label whose window is over before the model's film has gelled tells nothing of its end.
    recoatTo: labelTo > recoatFrom ? labelTo : Math.max(recoatFrom, usual.recoatTo),
    demould: mark('demould'),
    demouldOverGlassK: demouldMarks[heatKindOf(family)].overGlassK,
    fromLabel,
    held,
  };
}
