import type { FormWall } from '../core/holdDown/formWalls';
import type { HeldBody } from '../core/holdDown/heldBodies';
import type { Fasteners, HoldDown } from '../core/holdDown/holdDownOf';
import type { DensityBy } from '../core/holdDown/densityOfBody';
import type { TimberGroup } from '../core/holdDown/timber';
import { sayHeight, sayMm } from './figures';
import { saySolid } from './heat';
import { sayBow, sayKg, sayN } from './kilograms';

export const timberNames: Readonly<Record<TimberGroup, string>> = {
  balsa: 'Balsa',
  cork: 'Cork',
  cedar: 'Cedar',
  'poplar-lime': 'Poplar, lime',
  'spruce-pine': 'Spruce, pine, fir',
  larch: 'Larch, Douglas fir',
  'cherry-walnut': 'Cherry, walnut, elm',
  'oak-ash-beech': 'Oak, ash, beech, maple',
  'olive-dense': 'Olive and dense tropical',
  'sheet-board': 'MDF or plywood',
};

export const densityByNames: Readonly<Record<DensityBy, string>> = {
  said: 'as given',
  weighed: 'as weighed',
  timber: 'usual for its timber',
};

export const bodyName = ({ name, kind, index, count }: HeldBody): string =>
  `${name ?? (kind === 'slab' ? `Slab ${index + 1}` : `Insert ${index + 1}`)}${count > 1 ? ` × ${count}` : ''}`;

/** What one body does, in a line. */
export function sayHeld(body: HeldBody): string {
  const { densityGPerMl, stays, netG, netN, holdKg, count } = body;
  if (densityGPerMl === undefined) return 'weight not known: weigh it, or say what timber it is';
  if (stays === 'heavy') return 'stays down by its own weight';
  if (stays === 'bedded') return 'bedded: no resin gets beneath';
  const each = count > 1 ? ' each' : '';
  return `lifts with ${sayN(netN)} (${sayKg(netG / 1000)}); hold ${sayKg(holdKg)} down${each}`;
}

/** What it does at each layer. */
export const sayLevels = ({ levels }: HeldBody): readonly (readonly [string, string])[] =>
  levels.map(({ levelMm, netG }) => [
    `Resin at ${sayHeight(levelMm)}`,
    netG > 0 ? `lifts with ${sayKg(netG / 1000)}` : `stays, ${sayKg(-netG / 1000)} to spare`,
  ]);

export const sayFloats = ({ floatsAtMm }: HeldBody): string | undefined =>
  floatsAtMm === undefined ? undefined : `Floats from ${sayHeight(floatsAtMm)} of resin on.`;

export const sayFasteners = ({ screws, clamps }: Fasteners): string =>
  `${clamps} light clamps, or ${screws} screws, or the weight`;

/** What the weights at hand do. */
export function sayInHand({
  kg,
  holdsKg,
  needKg,
  enough,
}: NonNullable<HoldDown['inHand']>): string {
  return enough
    ? `Your ${sayKg(kg)} are enough: ${sayKg(needKg)} are needed, with the factor of 2 in them.`
    : `Your ${sayKg(kg)} hold ${sayKg(holdsKg)} of uplift. ${sayKg(needKg - kg)} more are needed.`;
}

/** The main figure of holding down. */
export function sayHoldFigure({ bodies, holdKg, walls }: HoldDown): string {
  if (holdKg > 0) return `${sayKg(holdKg)} to hold down`;
  const bows = walls.some(({ braceEveryMm }) => braceEveryMm !== undefined);
  if (bows) return 'brace the walls';
  return bodies.length === 0 ? 'nothing in it floats' : 'nothing lifts';
}

const wallName = ({ name, board, thicknessMm }: FormWall): string =>
  `${name === undefined ? 'Its longest wall' : `Longest wall of ${name}`}, ${saySolid[board]} ${sayMm(thicknessMm)}`;

/** A wall of the form: its name, its bow, and what keeps it straight. */
export function sayWallBow(wall: FormWall): readonly [name: string, value: string, advice: string] {
  const { bowMm, bowOvernightMm, spanMm, braceEveryMm, braces, pressurePa, forceNPerM } = wall;
  const push = `${Math.round(pressurePa)} Pa at the bottom, ${sayN(forceNPerM)} on each metre.`;
  if (bowMm === undefined || bowOvernightMm === undefined)
    return [wallName(wall), 'no board', push];
  const overnight = bowOvernightMm > bowMm ? `, ${sayBow(bowOvernightMm)} by the morning` : '';
  const bow = `bows ${sayBow(bowMm)} over ${sayMm(spanMm)}${overnight}`;
  const advice =
    braceEveryMm === undefined
      ? 'It stays straight enough.'
      : `Brace it every ${sayMm(braceEveryMm)}: ${braces === 1 ? 'one brace' : `${braces} braces`}. That keeps it under half a millimetre.`;
  return [wallName(wall), bow, `${advice} ${push}`];
}

/** What there is to lift. */
export function sayWeights({ pieceKg, boardsKg, weightKg, twoPeople }: HoldDown): string {
  const form = boardsKg === 0 ? '' : `, ${sayKg(weightKg)} in its form`;
  return `The piece weighs about ${sayKg(pieceKg)}${form}.${twoPeople ? ' Lift it with two people.' : ''}`;
}
