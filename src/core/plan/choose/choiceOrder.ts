import { clarities } from '../../resin/resinSchema';
import type { Suits } from './choiceReasons';
import type { ResinChoice } from './chooseResin';

/** What people choose by. */
export const choiceOrders = ['soonest', 'cheapest', 'safest', 'clearest'] as const;
export type ChoiceOrder = (typeof choiceOrders)[number];

/** What is not known comes last. */
const rising = (a: number | undefined, b: number | undefined): number =>
  (a ?? Infinity) === (b ?? Infinity) ? 0 : (a ?? Infinity) - (b ?? Infinity);

/** Pot life over what mixing and pouring take: the more, the safer. */
const spareOf = ({ potLifeMin, workingMin }: ResinChoice): number | undefined =>
  potLifeMin === undefined || workingMin === undefined ? undefined : workingMin / potLifeMin;

const clarityRank = ({ clarity }: ResinChoice): number | undefined =>
  clarity === undefined ? undefined : clarities.indexOf(clarity);

const byOrder: Readonly<Record<ChoiceOrder, (a: ResinChoice, b: ResinChoice) => number>> = {
  soonest: (a, b) => rising(a.doneMin, b.doneMin),
  cheapest: (a, b) => rising(a.cost, b.cost) || rising(b.leftoverMl, a.leftoverMl),
  safest: (a, b) => rising(a.depthUsed, b.depthUsed) || rising(spareOf(a), spareOf(b)),
  clearest: (a, b) =>
    rising(clarityRank(a), clarityRank(b)) ||
    rising(a.layers, b.layers) ||
    rising(a.viscosityMPaS, b.viscosityMPaS),
};

const rank: Readonly<Record<Suits, number>> = { good: 0, possible: 1, no: 2 };

/** Good ones first, then what is possible, each in the order that a person chooses by, then by name. */
export const inChoiceOrder = (
  choices: readonly ResinChoice[],
  order: ChoiceOrder,
): readonly ResinChoice[] =>
  [...choices].sort(
    (a, b) => rank[a.suits] - rank[b.suits] || byOrder[order](a, b) || a.name.localeCompare(b.name),
  );
