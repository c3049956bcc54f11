import { sayCoded, type Sentences } from '../core/codes/coded';
import type { ChoiceOrder } from '../core/plan/choose/choiceOrder';
import type { ChoiceCodes, Fit, Suits } from '../core/plan/choose/choiceReasons';
import type { ResinChoice } from '../core/plan/choose/chooseResin';
import type { Warning } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayMl, sayMm, sayMoney, sayPercent } from './figures';
import { sayRoughly } from './rough';
import { clarityNames } from './names';
import { familyOf, hasHeat } from '../core/resin/families';
import { sayClock, sayPeakAbout } from './heat';
import { sayProblem } from './problems';
import { sayWarning } from './warnings';

/** What the choices are ordered by, in words: the rule stands over the list. */
export const orderNames: Readonly<Record<ChoiceOrder, string>> = {
  soonest: 'Soonest',
  cheapest: 'Cheapest',
  safest: 'Safest',
  clearest: 'Clearest',
};

export const orderRules: Readonly<Record<ChoiceOrder, string>> = {
  soonest: 'Fewest days until the last layer is cured, in this room.',
  cheapest: 'Lowest cost of whole kits with delivery, after using what is on the shelf.',
  safest:
    'The layer that takes least of the depth the resin may have, then most pot life to spare.',
  clearest: 'The clearest by its card, then the fewest layers, then the thinnest.',
};

export const suitsNames: Readonly<Record<Suits, string>> = {
  good: 'Good',
  possible: 'Possible',
  no: 'No',
};

const againstIt: Sentences<ChoiceCodes> = {
  'not-for-moulds': ({ family }) => `${familyOf(family).name} makes no mould: take a silicone.`,
  'not-for-castings': () => 'Silicone is for moulds.',
  'too-thick-for-detail': ({ viscosityMPaS, limitMPaS }) =>
    `Too thick for fine detail: ${formatPlain(viscosityMPaS, 0)} mPa·s, ${formatPlain(limitMPaS, 0)} at the most.`,
  'too-thin-for-glitter': ({ viscosityMPaS, limitMPaS }) =>
    `Too thin for glitter, which sinks: ${formatPlain(viscosityMPaS, 0)} mPa·s, ${formatPlain(limitMPaS, 0)} at the least.`,
  'no-light-through-pigment': () => 'Pigment keeps the lamp out: it may never cure.',
  'opaque-over': ({ what }) =>
    what === 'tint'
      ? 'Opaque: a transparent tint in it comes out pale.'
      : 'Opaque: it hides what stands in it.',
  'many-layers': ({ layers, tooMany }) =>
    tooMany
      ? `${layers} layers are too many: take a resin for deeper pours.`
      : `${layers} layers, each to wait for.`,
  'many-batches': ({ batches, tooMany }) =>
    tooMany
      ? `${batches} batches for one layer: the first goes off before the last is poured.`
      : `${batches} batches for one layer, each mixed in a hurry.`,
  'window-at-night': ({ pouredAtMin }) =>
    `${pouredAtMin === undefined ? 'Whenever it is begun' : `Begun at ${sayClock(pouredAtMin)}`}, a layer would have to follow at night.`,
  'under-least-batch': ({ surplusMl }) =>
    `Less than the maker's least batch: ${sayMl(surplusMl)} would be left over.`,
};

/** A warning of a plan as it is said of one choice among many: shorter, where it says much. */
function sayShort(warning: Warning): string {
  switch (warning.code) {
    case 'deeper-than-label':
      return `Too deep: ${sayMm(warning.data.depthMm)}, the label says ${sayMm(warning.data.greatestDepthMm)}.`;
    case 'deeper-than-room':
      return `Too deep for this room: ${sayMm(warning.data.depthMm)}, it takes about ${sayMm(warning.data.roomMm)}.`;
    case 'thinner-than-least':
      return `Too thin to warm itself: ${sayMm(warning.data.depthMm)}, it needs ${sayMm(warning.data.leastDepthMm)}.`;
    default:
      return sayWarning(warning);
  }
}

/** Why a resin does not fit, or what to mind. */
export function sayFit(fit: Fit): string {
  switch (fit.from) {
    case 'choice':
      return sayCoded(againstIt, fit);
    case 'plan':
      return sayShort(fit.warning);
    case 'refusal':
      return sayProblem(fit.problem);
  }
}

/** The figures of a choice by what they are; a dash where the card does not say. */
export function sayChoice(choice: ResinChoice, currency: string): Record<ChoiceFigure, string> {
  const { layers, doneMin, potLifeMin, workingMin, cost, leftoverMl, clarity, depthUsed, peakC } =
    choice;
  const none = '–';
  return {
    layers: layers === undefined ? none : String(layers),
    done: doneMin === undefined ? none : sayRoughly(doneMin),
    potLife:
      potLifeMin === undefined || workingMin === undefined
        ? none
        : `about ${sayRoughly(potLifeMin)} for ${sayRoughly(workingMin)}`,
    cost: cost === undefined ? none : sayMoney(cost, currency),
    leftover: leftoverMl === undefined ? none : sayMl(leftoverMl),
    depth: depthUsed === undefined ? none : sayPercent(depthUsed),
    clarity: clarity === undefined ? none : clarityNames[clarity],
    peak:
      peakC === undefined || !hasHeat(choice.family) ? none : sayPeakAbout(choice.family, peakC),
  };
}

export const choiceFigures = [
  'layers',
  'done',
  'potLife',
  'cost',
  'leftover',
  'depth',
  'clarity',
  'peak',
] as const;
export type ChoiceFigure = (typeof choiceFigures)[number];

export const choiceFigureNames: Readonly<Record<ChoiceFigure, string>> = {
  layers: 'Layers',
  done: 'Done in',
  potLife: 'Pot life',
  cost: 'To buy',
  leftover: 'Left over',
  depth: 'Of its depth',
  clarity: 'Clarity',
  peak: 'Peak',
};
