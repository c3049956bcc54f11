import { readQuantity } from '../quantity/readQuantity';
import { timeRule } from '../quantity/rules';
import { hoursOf, nightOf, type DaySpan } from './hoursSchema';
import type { BubbleTool, PersonTyped, SealedFaces, Sealing, Season } from './personSchema';

/** When and how fast somebody works, with the usual where they said nothing. */
export interface Person {
  /** Hours in which hands are free, Monday first. */
  readonly hours: readonly (readonly DaySpan[])[];
  readonly sleep: DaySpan;
  /** Days of the calendar, both among them. */
  readonly away: readonly { readonly from: string; readonly to: string }[];
  /** Weighing out one batch, min. */
  readonly weighMin: number;
  readonly sealing: Sealing;
  readonly sealedFaces: SealedFaces;
  readonly sealantCureMin: number;
  readonly bubbleTool: BubbleTool;
  /** Undefined where nobody counted them. */
  readonly clamps: number | undefined;
}

const usualHours = '8:00-20:00';
const usualNight = '22:00-7:00';

/** Two cups, a steady hand and a look at the figures: general practice. */
export const usualWeighMin = 5;

/** A night: sealants cure from the outside in, and the skin says nothing of it. */
export const usualSealantCureMin = 12 * 60;

const minutes = (typed: string | undefined, usual: number): number =>
  typed === undefined ? usual : readQuantity(typed, timeRule).value;

const weekDays = 7;

/**
 * What a person said of their days, read.
 * @param typed as checked by `personSchema`
 */
export function personOf(typed: PersonTyped | undefined): Person {
  const hours = typed?.hours ?? Array.from({ length: weekDays }, () => usualHours);
  return {
    hours: hours.map((day) => hoursOf(day ?? '') ?? []),
    sleep: nightOf(typed?.sleep ?? usualNight)!,
    away: (typed?.away ?? []).flatMap(({ from, to }) =>
      from === undefined || to === undefined ? [] : [{ from, to }],
    ),
    weighMin: minutes(typed?.weigh, usualWeighMin),
    sealing: typed?.sealing ?? 'quick-epoxy',
    sealedFaces: typed?.sealedFaces ?? 'edges',
    sealantCureMin: minutes(typed?.sealantCure, usualSealantCureMin),
    bubbleTool: typed?.bubbleTool ?? 'heat-gun',
    clamps: typed?.clamps,
  };
}

/** By the calendar of the north, three months each. */
const seasons: readonly Season[] = ['winter', 'spring', 'summer', 'autumn'];

/** @param day `2026-11-23` */
export function seasonOf(day: string): Season {
  const month = Number(day.slice(5, 7));
  return seasons[Math.floor((month % 12) / 3)]!;
}
