import type { PressureSection } from './familySections';
import type { ResolvedPour } from '../job/resolveJob';
import type { MouldBox } from '../mouldBox/mouldBox';
import { within } from '../measure/within';
import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { altitudeRule, gaugeRule, lengthRule, timeRule } from '../quantity/rules';
import { isOver } from '../quantity/tolerance';
import { timeAtMin } from '../resin/inRoom';
import { airKPa } from '../vessel/air';
import {
  diameterRatio,
  dissolvedByMm,
  dissolvesS,
  volumeRatio,
  type Pressed,
} from '../vessel/bubbleUnderPressure';
import { fitInPot, leastPotMm, type Outside, type PotInside } from '../vessel/fitInPot';
import type { Pressure } from '../vessel/vesselSchemas';
import type { MixedAt } from './batchClock';
import type { PlannedLayer, PourPlan, Warning } from './planTypes';

/** A pot is used up to this of what it is rated at. */
export const mostOfRating = 0.8;
/** Moulds in, lid on, clamps even, air in: min. */
const usualClosingMin = 2;
/** The last place gels later than the first by about this; nothing moves in it then. */
const allGelled = 1.25;
const shownBubblesMm = [0.1, 0.2, 0.5, 1];

const optional = (
  typed: string | undefined,
  read: (typed: string) => number,
): number | undefined => (typed === undefined ? undefined : read(typed));
const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;
const gauge = (typed: string): number => readQuantity(typed, gaugeRule).value;

/** @throws InputError `pressure-over-rating` */
function refuseOverRating(gaugeKPa: number, ratingKPa: number | undefined, typed: string): void {
  if (ratingKPa === undefined || !isOver(gaugeKPa, ratingKPa * mostOfRating)) return;
  throw new InputError(
    'pressure-over-rating',
    typed,
    { gaugeKPa, ratingKPa, mostKPa: ratingKPa * mostOfRating },
    'gauge',
  );
}

/** @throws InputError `pot-too-small` where not even one goes in */
function fitOf(
  { pot, mould, count = 1 }: Pressure,
  own: Outside | undefined,
): PressureSection['fit'] {
  if (pot === undefined) return undefined;
  const inside: PotInside = {
    diameterMm: lengthMm(pot.diameter),
    heightMm: lengthMm(pot.height),
  };
  const outside: Outside | undefined = mould
    ? {
        lengthMm: lengthMm(mould.length),
        widthMm: lengthMm(mould.width),
        heightMm: lengthMm(mould.height),
      }
    : own;
  if (outside === undefined) return undefined;
  const fit = fitInPot(outside, inside);
  if (fit.count === 0) {
    const narrow = leastPotMm(outside) > inside.diameterMm;
    throw new InputError(
      'pot-too-small',
      narrow ? pot.diameter : pot.height,
      { ...inside, leastDiameterMm: leastPotMm(outside), leastHeightMm: outside.heightMm },
      narrow ? 'pot.diameter' : 'pot.height',
    );
  }
  return { ...fit, wanted: count };
}

/** When it gels first and when it may come out, min after it is poured, by the model or by the label. */
function clocksOf(
  { said, resin }: ResolvedPour,
  layers: readonly Pick<PlannedLayer, 'cure'>[],
  { roomC }: MixedAt,
): { readonly gelMin: number | undefined; readonly outMin: number | undefined } {
  const cures = layers.map(({ cure }) => cure);
  const hours = (of: 'gelH' | 'demouldH'): number | undefined => {
    const all = cures.map((cure) => cure?.[of]);
    return all.some((each) => each === undefined) ? undefined : Math.max(...all.map((h) => h ?? 0));
  };
  // What a run is planned with stands over the label.
  const ofRun = optional(said.run?.demould, (typed) => readQuantity(typed, timeRule).value);
  const label = ofRun ?? (resin.times.demould && timeAtMin(resin.times.demould, roomC));
  const [gelH, outH] = [hours('gelH'), hours('demouldH')];
  return {
    gelMin: gelH === undefined ? undefined : gelH * 60,
    outMin: label ?? (outH === undefined ? undefined : outH * 60),
  };
}

/** The outside of a mould that the job makes: the inside of the box that it is poured in. */
export const outsideOf = ({ made, heightMm }: MouldBox): Outside => ({
  lengthMm: made.lengthMm,
  widthMm: made.widthMm,
  heightMm,
});

/**
 * What a pressure pot does for a pour, and what it must hold, last and take.
 * @param own the outside of the mould that the job makes; what is typed stands over it
 * @returns undefined where none is said
 * @throws InputError `pressure-over-rating`, `pot-too-small`, told from the pour
 */
export function pressureSection(
  pour: ResolvedPour,
  layers: readonly Pick<PlannedLayer, 'cure' | 'mixedAt'>[],
  working: PourPlan['working'],
  own: Outside | undefined,
): PressureSection | undefined {
  const { pressure, mouldBefore } = pour.said;
  if (pressure === undefined) return undefined;
  return within('pressure', () => {
    const gaugeKPa = gauge(pressure.gauge);
    const ratingKPa = optional(pressure.rating, gauge);
    refuseOverRating(gaugeKPa, ratingKPa, pressure.gauge);
    const altitudeM =
      (optional(pressure.altitude, (typed) => readQuantity(typed, altitudeRule).value) ?? 0) / 1000;
    const pressed: Pressed = { gaugeKPa, airKPa: airKPa(altitudeM) };
    const { gelMin, outMin } = clocksOf(pour, layers, layers[0]!.mixedAt);
    const typedMin = optional(pressure.hold, (typed) => readQuantity(typed, timeRule).value);
    const leastMin = gelMin === undefined ? undefined : gelMin * allGelled;
    const closingMin =
      optional(pressure.closing, (typed) => readQuantity(typed, timeRule).value) ?? usualClosingMin;
    const shrinks = diameterRatio(pressed);
    return {
      ...pressed,
      absoluteKPa: pressed.airKPa + gaugeKPa,
      volumeRatio: volumeRatio(pressed),
      diameterRatio: shrinks,
      ratingKPa,
      mostKPa: ratingKPa && ratingKPa * mostOfRating,
      ofRating: ratingKPa && gaugeKPa / ratingKPa,
      bubbles: shownBubblesMm.map((mm) => {
        const takesS = dissolvesS(mm, pressed);
        return {
          mm,
          shrinksToMm: mm * shrinks,
          dissolvesS: takesS,
          isGone: gelMin === undefined ? undefined : takesS <= gelMin * 60,
        };
      }),
      goneUpToMm: gelMin && dissolvedByMm(gelMin * 60, pressed),
      gelMin,
      holdLeastMin: leastMin,
      holdMin: typedMin ?? (outMin === undefined ? leastMin : Math.max(outMin, leastMin ?? 0)),
      holdTyped: typedMin !== undefined,
      closedMin: working.longestMin + closingMin,
      potLifeMin: working.potLifeMin,
      fit: fitOf(pressure, own),
      mouldGaugeKPa:
        pressure.mouldMade === 'open'
          ? 0
          : (optional(pressure.mouldGauge, gauge) ??
            (mouldBefore === undefined ? undefined : (optional(mouldBefore.gauge, gauge) ?? 0))),
    };
  });
}

/** A mould that was made at another pressure than this bends under it, kPa. */
const sameKPa = 20;

/** Tells where a pot is not known, opened too soon, closed too late, or takes fewer moulds than wanted. */
export function pressureWarnings(
  section: PressureSection | undefined,
  { name, isInMould }: { readonly name: string; readonly isInMould: boolean },
): Warning[] {
  if (section === undefined) return [];
  const { gaugeKPa, ratingKPa, holdMin, holdLeastMin, closedMin, potLifeMin, fit } = section;
  const { mouldGaugeKPa } = section;
  const found: Warning[] = [];
  if (ratingKPa === undefined) {
    found.push({ code: 'rating-unknown', severity: 'warn', data: { gaugeKPa } });
  }
  if (holdMin !== undefined && holdLeastMin !== undefined && holdMin < holdLeastMin) {
    const data = { name, holdMin, leastMin: holdLeastMin };
    found.push({ code: 'opened-before-gel', severity: 'warn', data });
  }
  if (potLifeMin !== undefined && closedMin > potLifeMin) {
    found.push({
      code: 'closed-too-late',
      severity: 'warn',
      data: { name, closedMin, potLifeMin },
    });
  }
  if (fit !== undefined && fit.count < fit.wanted) {
    const data = { fits: fit.count, wanted: fit.wanted };
    found.push({ code: 'pot-takes-fewer', severity: 'warn', data });
  }
  if (isInMould && (mouldGaugeKPa === undefined || Math.abs(mouldGaugeKPa - gaugeKPa) > sameKPa)) {
    found.push({
      code: 'mould-made-otherwise',
      severity: mouldGaugeKPa === undefined ? 'tell' : 'warn',
      data: { gaugeKPa, mouldGaugeKPa },
    });
  }
  return found;
}
