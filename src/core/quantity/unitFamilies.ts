import { InputError } from '../problem';
import { longestQuantityText } from './parseQuantity';
import { tokensOf } from './tokens';

/**
 * Units that stand for one another where a person writes in their own. Litres, kilograms, feet and times are none of them: who
 * types a bucket in litres does not mean the next cup so.
 */
export const unitFamilies = [
  ['mm', 'cm', 'in'],
  ['°C', '°F'],
  ['ml', 'US fl oz', 'imp fl oz'],
  ['g', 'oz weight'],
] as const;

/** A unit that is remembered as a person's own. */
export type OwnUnit = (typeof unitFamilies)[number][number];

const familyOf = (unit: string): readonly OwnUnit[] =>
  unitFamilies.find((family) => (family as readonly string[]).includes(unit)) ?? [];

/**
 * The unit that a person's bare figure is in.
 * @param usual what it is in where they have none of their own
 * @param own their units, the one used last first
 */
export const ownUnit = (usual: string, own: readonly OwnUnit[]): string =>
  own.find((unit) => familyOf(usual).includes(unit)) ?? usual;

/** Their units with this one as the last of its family. */
export const withOwnUnit = (own: readonly OwnUnit[], used: OwnUnit): readonly OwnUnit[] => [
  used,
  ...own.filter((unit) => !familyOf(used).includes(unit)),
];

const temperature = /^[+\-−–]?\d+(?:[.,]\d+)?\s*[°º]?\s*(c|f)[a-z]*$/i;

/** The one unit that a typed quantity is in, where it is one that is remembered. */
export function unitTyped(typed: string): OwnUnit | undefined {
  if (typed.length > longestQuantityText) return undefined;
  const scale = temperature.exec(typed.trim())?.[1]?.toUpperCase();
  if (scale !== undefined) return scale === 'F' ? '°F' : '°C';
  try {
    const found = new Set(
      tokensOf(typed).flatMap((token) => (token.type === 'unit' ? [token.unit.symbol] : [])),
    );
    const [unit] = found;
    return found.size === 1 ? familyOf(unit!).find((each) => each === unit) : undefined;
  } catch (error) {
    // It is told at its field.
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
