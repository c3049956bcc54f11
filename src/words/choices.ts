import type { ChoiceOrder, Fit, ResinChoice } from '../core/plan/chooseResin';
import type { Warning } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayMl, sayMm, sayMoney, sayPercent, sayTime } from './figures';
import { clarityNames } from './names';
import { familyOf, type ResinFamily } from '../core/resin/families';
import { hasHeat } from '../core/resin/families';
import { sayPeakAbout } from './heat';
import { saidCodes, sayProblem } from './problems';
import { sayWarning } from './warnings';

/** What the choices are ordered by, in words: the rule stands over the list. */
export const orderNames: Readonly<Record<ChoiceOrder, string>> = {
  soonest: 'Soonest',
  cheapest: 'Cheapest',
  safest: 'Safest',
  clearest: 'Clearest',
};

export const orderRules: Readonly<Record<ChoiceOrder, string>> = {
  soonest: 'Fewest days until the last layer is cured, in this room; times of the label.',
  cheapest: 'Least to pay for whole kits with delivery, after what is on the shelf.',
  safest:
    'The layer that takes least of the depth the resin may have, then most pot life to spare.',
  clearest: 'The clearest by its card, then the fewest layers, then the thinnest.',
};

const short = {
  'deeper-than-label': (data: Fit['data']) =>
    `Too deep: ${sayMm(Number(data['depthMm']))}, the label says ${sayMm(Number(data['greatestDepthMm']))}.`,
  'deeper-than-room': (data: Fit['data']) =>
    `Too deep for this room: ${sayMm(Number(data['depthMm']))}, it takes about ${sayMm(Number(data['roomMm']))}.`,
  'thinner-than-least': (data: Fit['data']) =>
    `Too thin to warm itself: ${sayMm(Number(data['depthMm']))}, it wants ${sayMm(Number(data['leastDepthMm']))}.`,
  'under-least-batch': (data: Fit['data']) =>
    `Less than the maker's least batch: ${sayMl(Number(data['surplusMl']))} would be left over.`,
  'not-for-moulds': (data: Fit['data']) =>
    `${familyOf(data['family'] as ResinFamily).name} makes no mould: take a silicone.`,
  'not-for-castings': () => 'Silicone is for moulds.',
  'too-thick-for-detail': (data: Fit['data']) =>
    `Too thick for fine detail: ${formatPlain(Number(data['viscosityMPaS']), 0)} mPa·s, ${formatPlain(Number(data['limitMPaS']), 0)} at the most.`,
  'too-thin-for-glitter': (data: Fit['data']) =>
    `Too thin for glitter, which sinks: ${formatPlain(Number(data['viscosityMPaS']), 0)} mPa·s, ${formatPlain(Number(data['limitMPaS']), 0)} at the least.`,
  'no-light-through-pigment': () => 'Pigment keeps the lamp out: it may never cure.',
} as const;

const isShort = (code: string): code is keyof typeof short => code in short;

/** Why a resin does not fit, or what to mind. */
export function sayFit({ code, data }: Fit): string {
  if (isShort(code)) return short[code](data);
  if (saidCodes.includes(code)) return sayProblem({ code, data, value: undefined });
  return sayWarning({ code, severity: 'warn', data } as Warning);
}

/** The figures of a choice by what they are; a dash where the card does not say. */
export function sayChoice(choice: ResinChoice, currency: string): Record<ChoiceFigure, string> {
  const { layers, doneMin, potLifeMin, workingMin, cost, leftoverMl, clarity, depthUsed, peakC } =
    choice;
  const none = '–';
  return {
    layers: layers === undefined ? none : String(layers),
    done: doneMin === undefined ? none : sayTime(doneMin),
    potLife:
      potLifeMin === undefined || workingMin === undefined
        ? none
        : `${sayTime(potLifeMin)} for ${sayTime(workingMin)}`,
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
