import { alphaOfGlass, glassTransitionC, type Curing } from './curing';
import { filmM, hardMarginK, shapeMarginK } from './saidFigures';
import { heatConstantsOf, heatKindOf, type HeatFamily, type HeatKind } from '../resin/families';
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
  readonly fullCure?: MarkTime | undefined;
}

/**
 * Degrees of cure at which something may be done, in their order: gelled ≤ sticky from ≤ tack-free ≤ sticky to, and sticky from
 * below sticky to.
 */
export interface CureMarks {
  readonly tackFree: number;
  readonly recoatFrom: number;
  readonly recoatTo: number;
  readonly demould: number;
  /** A demould also waits until it is no warmer than its glass transition and this, K. */
  readonly demouldOverGlassK: number;
  /** It is hard once its glass transition is so far over the warmest that it meets, K. */
  readonly hardMarginK: number;
  /** Those that were read off the label's times. */
  readonly fromLabel: readonly (keyof MarkTimes)[];
  /** Those of them that lay beyond the model's reach and are kept at its end. */
  readonly held: readonly (keyof MarkTimes)[];
}

/** Marks read off a label stay between these: beyond them the label means something else. */
const leastMark = 0.6;
const greatestMark = 0.9;
/** A window is never narrower than this in the degree of cure. */
const leastWindow = 0.02;
/** How far over its temperature a film's glass transition may be said to lie when the label calls it cured, K. */
const [leastHardK, greatestHardK] = [shapeMarginK, 15];
/** When a whole casting may leave its mould: how far cured, and how far over its glass transition at the most. */
const demouldMarks: Readonly<
  Record<HeatKind, { readonly alpha: number; readonly overGlassK: number }>
> = { epoxy: { alpha: 0.8, overGlassK: 8 }, polyurethane: { alpha: 0.85, overGlassK: 25 } };

/**
 * The marks of a family, where no label says otherwise. What they mean is how firm it is, so a resin whose glass transition climbs
 * otherwise than its family's has each at the same glass transition.
 */
export function usualMarks(family: HeatFamily, curing: Curing): CureMarks {
  const demould = demouldMarks[heatKindOf(family)];
  const own = heatConstantsOf(family).curing;
  const sameGlass = own.glassEndC === curing.glassEndC && own.glassLambda === curing.glassLambda;
  const firmAs = (alpha: number): number =>
    sameGlass ? alpha : alphaOfGlass(curing, glassTransitionC(own, alpha));
  return {
    tackFree: firmAs(0.72),
    recoatFrom: firmAs(0.6),
    recoatTo: firmAs(0.8),
    demould: firmAs(demould.alpha),
    demouldOverGlassK: demould.overGlassK,
    hardMarginK,
    fromLabel: [],
    held: [],
  };
}

/** How far the surface of a thin film has cured at a time of the label, and the least cured of it. */
function alphaAt(
  curing: Curing,
  { timeMin, temperatureC }: MarkTime,
): { readonly surface: number; readonly least: number } {
  const { alphas, domain } = runPour(
    usualSetting(filmM, temperatureC),
    curing,
    { grid: quickGrid, toleranceK: 0.2, untilS: timeMin * 60 },
    () => () => false,
  );
  const least = domain.resinCells.reduce((lowest, cell) => Math.min(lowest, alphas[cell]!), 1);
  return { surface: alphas[domain.cells - 1]!, least };
}

/**
 * Marks for a resin: the family's, and the label's where it gives a time. The degree of cure at that time is taken from a 3 mm
 * film at the label's temperature, kept between 0.6 and 0.9, and no mark comes before one that it must come after; full cure is read
 * off as the margin of its glass transition over that temperature, so that it means as much in a cooler room.
 * @param curing calibrated
 */
export function cureMarks(family: HeatFamily, curing: Curing, label: MarkTimes): CureMarks {
  const usual = usualMarks(family, curing);
  const fromLabel: (keyof MarkTimes)[] = [];
  const held: (keyof MarkTimes)[] = [];
  const mark = (what: 'tackFree' | 'recoatFrom' | 'recoatTo' | 'demould'): number => {
    const said = label[what];
    if (said === undefined) return usual[what];
    fromLabel.push(what);
    const { surface: alpha } = alphaAt(curing, said);
    const kept = Math.min(greatestMark, Math.max(leastMark, alpha));
    if (kept !== alpha) held.push(what);
    return kept;
  };
  const hardMargin = (): number => {
    const said = label.fullCure;
    if (said === undefined) return usual.hardMarginK;
    fromLabel.push('fullCure');
    const overK = glassTransitionC(curing, alphaAt(curing, said).least) - said.temperatureC;
    const kept = Math.min(greatestHardK, Math.max(leastHardK, overK));
    if (kept !== overK) held.push('fullCure');
    return kept;
  };
  // Nothing can be poured on before it has gelled, and it is not tack-free before it can be.
  const recoatFrom = Math.max(curing.gelAlpha, mark('recoatFrom'));
  const tackFree = Math.max(recoatFrom, mark('tackFree'));
  const labelTo = mark('recoatTo');
  return {
    tackFree,
    recoatFrom,
    recoatTo: Math.max(labelTo, tackFree, recoatFrom + leastWindow),
    demould: Math.max(curing.gelAlpha, mark('demould')),
    demouldOverGlassK: usual.demouldOverGlassK,
    hardMarginK: hardMargin(),
    fromLabel,
    held,
  };
}
