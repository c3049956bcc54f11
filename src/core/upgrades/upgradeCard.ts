import { InputError } from '../problem';
import { readQuantity } from '../quantity/readQuantity';
import { timeRule } from '../quantity/rules';
import { isObject, type Values } from './values';

/** Cards written before a depth had two ends. */
function depthOfTwoEnds({ greatestDepth, ...card }: Values): Values {
  if (greatestDepth === undefined || greatestDepth === '') return card;
  return { ...card, depth: { ...(card['depth'] as object | undefined), greatest: greatestDepth } };
}

/** Below this a polyurethane is a fast one. */
const fastPotLifeMin = 6;

/** What cannot be read is told by the schema, not here. */
function readsAsSlow(time: string): boolean {
  try {
    return readQuantity(time, timeRule).value >= fastPotLifeMin;
  } catch (error) {
    if (error instanceof InputError) return false;
    throw error;
  }
}

/** Cards written when there was one family of polyurethanes: their pot life tells which of the two it is. */
function familyOfTwo(card: Values): Values {
  if (card['family'] !== 'polyurethane') return card;
  const time = (card['potLife'] as { readonly time?: unknown } | undefined)?.time;
  const slow = typeof time === 'string' && readsAsSlow(time);
  return { ...card, family: slow ? 'slow-polyurethane' : 'fast-polyurethane' };
}

/**
 * A card as it is said today, whenever it was written. Cards have no version of their own: they go in files, links,
 * tables, records and jobs, and what they once said otherwise can be told by itself.
 * @param card as it came; what is no card comes back as it is
 */
export const upgradeCard = (card: unknown): unknown =>
  isObject(card) ? familyOfTwo('greatestDepth' in card ? depthOfTwoEnds(card) : card) : card;
