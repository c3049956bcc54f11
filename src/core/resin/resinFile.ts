import { array, number, object, string } from 'yup';
import { checkedOrThrow } from '../schema/check';
import { upgradeCard } from '../upgrades/upgradeCard';
import { isObject } from '../upgrades/values';
import { readResin } from './readResin';
import { resinSchema, type Resin } from './resinSchema';
import { hardenerNames, withHardener } from './withHardener';

/** Version of the format for resin cards that this core writes and reads; see `docs/formats`. */
const resinsVersion = 1;

/** What such a file holds; the published JSON Schema is made from it. */
export const resinsFileSchema = object({
  format: string()
    .oneOf(['nipperkin-resins'] as const)
    .defined(),
  version: number()
    .oneOf([resinsVersion] as const)
    .defined(),
  resins: array().of(resinSchema).min(1).max(2000).defined(),
}).noUnknown();

/** Ids are of this shelf and stay here. */
const without = ({ id: _, ...card }: Resin): Resin => card;

/** Cards as a file. */
export function resinsFileOf(cards: readonly Resin[]): object {
  return { format: 'nipperkin-resins', version: resinsVersion, resins: cards.map(without) };
}

/** A card that reads well with each of its hardeners. */
function sound(card: Resin): Resin {
  for (const name of hardenerNames(card)) readResin(withHardener(card, name));
  return without(card);
}

/**
 * Reads cards from a file.
 * @throws InputError for the first thing that is wrong, an unknown key included
 */
export function readResins(value: unknown): readonly Resin[] {
  const upgraded =
    isObject(value) && Array.isArray(value['resins'])
      ? { ...value, resins: value['resins'].map(upgradeCard) }
      : value;
  return checkedOrThrow(resinsFileSchema, upgraded).resins.map(sound);
}

/** The same for a single card, as a link holds it. */
export const readSharedResin = (value: unknown): Resin =>
  sound(checkedOrThrow(resinSchema, upgradeCard(value)));
