import type { Plan, PourPlan } from '../core/plan/planTypes';
import { countOf } from '../core/plan/reasons';
import { shoppingCost } from '../core/plan/shoppingOf';
import { sayPlusMinus } from './doubts';
import { sayDegrees, sayMl, sayHeight, sayMoney } from './figures';
import { bandNames } from './heat';
import { familyOf } from '../core/resin/families';
import { sayPlace } from './pours';
import { sayResin } from './sheet';

/** One figure for each step of a job, as its row in the list of the work tells it. */

export function sayMeasuredFigure({ form, together, pours }: Plan): string {
  // What a mould is poured round is what was measured.
  const mould = pours.find((pour) => pour.mould !== undefined)?.mould;
  if (form === undefined) {
    return sayMl(mould === undefined ? together.cavityMl : mould.pieceMl * mould.pieces);
  }
  const { cavityMl, cavityPlusMinusMl, cavityErrs } = form;
  const sure = cavityPlusMinusMl === 0;
  const told = sayPlusMinus({ plusMinusMl: cavityPlusMinusMl, errs: cavityErrs });
  return sure ? sayMl(cavityMl) : `${sayMl(cavityMl)} ${told}`;
}

export const sayPlaceFigure = (plan: Plan, pour: PourPlan): string => sayPlace(pour, plan);

export const sayResinFigure = (_: Plan, pour: PourPlan): string => sayResin(pour);

export function sayLayersFigure(_: Plan, { layers, depthMm }: PourPlan): string {
  const count = layers.length === 1 ? 'one pour' : `${layers.length} layers`;
  return depthMm === undefined ? count : `${count}, ${sayHeight(depthMm)}`;
}

/** The hottest of its layers, where a model follows them. */
export function sayHeatFigure(_: Plan, { layers, resin }: PourPlan): string {
  const cures = layers.flatMap(({ cure }) => cure ?? []);
  if (cures.length === 0)
    return familyOf(resin.family).heat === undefined ? 'hardly any' : 'not known';
  const hottest = cures.reduce((most, each) => (each.peakC > most.peakC ? each : most));
  return `about ${sayDegrees(hottest.peakC)}, ${bandNames[hottest.band].toLowerCase()}`;
}

export function sayColourFigure(_: Plan, { portions, tint }: PourPlan): string {
  if (portions.length > 0)
    return portions.length === 1 ? 'one colour' : `${portions.length} colours`;
  return tint === undefined ? 'as it is' : (tint.name ?? 'a tint');
}

export function sayMixFigure(_: Plan, { batches, totalMl }: PourPlan): string {
  const count = countOf(batches);
  return `${sayMl(totalMl)}, ${count === 1 ? 'one batch' : `${count} batches`}`;
}

/** The rubber of a mould, or that its box is still to be said. */
export const sayMouldBoxFigure = (_: Plan, { mould }: PourPlan): string =>
  mould === undefined
    ? 'round what is measured'
    : `${mould.count === 1 ? '' : `${mould.count} × `}${sayMl(mould.rubberMl)} round ${sayMl(mould.pieceMl * mould.pieces)}`;

/** How many mixes a run takes. */
export const sayRunFigure = (_: Plan, { batches, isRun }: PourPlan): string =>
  isRun === true ? `${countOf(batches)} mixes` : 'cast one after the other';

/** What is to be paid, or that nothing is to be bought. */
export function sayBuyFigure({ buying }: Plan, currency: string): string {
  if (buying.length > 0 && buying.every((each) => each.buying.needMl === 0)) return 'all is poured';
  const missing = buying.filter((each) => each.buying.missingMl > 0);
  if (missing.length === 0) return 'all on the shelf';
  const cost = shoppingCost(missing);
  const priced = missing.every((each) => each.buying.cost !== undefined);
  return priced && cost !== undefined ? sayMoney(cost, currency) : 'to buy, no price on the card';
}

/** How far a step is, in a word. */
export const stateNames = {
  wrong: 'something is not right yet',
  done: 'settled',
  next: 'next',
  open: 'open',
} as const;

/** What leads to a step, as something to do. */
export const stepTasks = {
  measure: 'Measure it',
  place: 'Say where it goes',
  resin: 'Choose a resin',
  layers: 'Cut it into layers',
  heat: 'See the heat',
  colour: 'Colour it',
  mix: 'See what to weigh',
  box: 'Build the mould box',
  run: 'Plan the run',
  buy: 'See what to buy',
  hold: 'Hold it down',
  prepare: 'Prepare it',
  days: 'Plan the days',
  pour: 'Pour it',
} as const;
