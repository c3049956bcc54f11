import { hairMm } from '../quantity/tolerance';
import type { LayerProblems } from '../codes/problems/layerProblems';
import { InputError } from '../problem';
import { roundUpWhole } from '../quantity/round';
import type { LayerStyle } from './layersSchema';

/** What a layer may be by its resin. */
export interface DepthLimits {
  /** The deepest layer it takes; undefined where nothing limits it. */
  readonly takesMm: number | undefined;
  /** The thinnest that still warms itself and cures. */
  readonly leastMm: number | undefined;
}

/**
 * No number of layers keeps both limits: the nearest depths that would.
 * @returns `lowerMm` and `upperMm` where there are such, and how many layers each takes
 */
function waysOut(
  depthMm: number,
  takesMm: number,
  leastMm: number,
): Omit<LayerProblems['no-layer-split'], 'depthMm' | 'takesMm' | 'leastMm'> {
  const most = Math.floor((depthMm + hairMm) / leastMm);
  return {
    // As many layers as still have their least depth can be full.
    ...(most >= 1 ? { lowerMm: most * takesMm, lowerLayers: most } : {}),
    upperMm: (most + 1) * leastMm,
    upperLayers: most + 1,
  };
}

function noSplit(depthMm: number, takesMm: number, leastMm: number): InputError {
  const data = { depthMm, takesMm, leastMm, ...waysOut(depthMm, takesMm, leastMm) };
  return new InputError('no-layer-split', depthMm, data, 'layers.style');
}

/** More layers than this are a slip of a unit, not a plan. */
const mostLayers = 200;

/** How many layers of what the resin takes it needs. @throws InputError `too-many-layers` */
function countOfLayers(depthMm: number, takesMm: number): number {
  const count = roundUpWhole(depthMm / takesMm);
  if (count > mostLayers) {
    const data = { depthMm, takesMm, count, most: mostLayers };
    throw new InputError('too-many-layers', depthMm, data, 'layers.style');
  }
  return count;
}

function equalDepths(depthMm: number, { takesMm, leastMm = 0 }: DepthLimits): readonly number[] {
  const count = takesMm === undefined ? 1 : Math.max(1, countOfLayers(depthMm, takesMm));
  const each = depthMm / count;
  if (count > 1 && each < leastMm - hairMm) throw noSplit(depthMm, takesMm ?? 0, leastMm);
  return Array.from({ length: count }, () => each);
}

function fullThenTopOff(depthMm: number, { takesMm, leastMm = 0 }: DepthLimits): readonly number[] {
  if (takesMm === undefined || depthMm <= takesMm + hairMm) return [depthMm];
  const count = countOfLayers(depthMm, takesMm);
  if (depthMm < count * leastMm - hairMm) throw noSplit(depthMm, takesMm, leastMm);
  const rest = depthMm - (count - 1) * takesMm;
  const depths = [...Array.from({ length: count - 1 }, () => takesMm), Math.max(rest, leastMm)];
  // What the top-off needs to have its least depth, the layers under it give up, the uppermost first.
  let missing = Math.max(0, leastMm - rest);
  for (let index = count - 2; index >= 0 && missing > hairMm; index -= 1) {
    const given = Math.min(missing, takesMm - leastMm);
    depths[index] = takesMm - given;
    missing -= given;
  }
  return depths;
}

/** Without a word of the person: the least that the resin takes, or a quarter of what it takes. */
function usualLockIn({ takesMm, leastMm }: DepthLimits, depthMm: number): number {
  return leastMm ?? (takesMm ?? depthMm) / 4;
}

function lockInFirst(
  depthMm: number,
  limits: DepthLimits,
  lockInMm: number | undefined,
): readonly number[] {
  const first = lockInMm ?? usualLockIn(limits, depthMm);
  const { takesMm, leastMm } = limits;
  if (first >= depthMm - hairMm) {
    throw new InputError('lock-in-too-deep', first, { depthMm }, 'layers.lockIn');
  }
  if (takesMm !== undefined && first > takesMm + hairMm) {
    throw new InputError('lock-in-over-limit', first, { takesMm }, 'layers.lockIn');
  }
  if (leastMm !== undefined && first < leastMm - hairMm) {
    throw new InputError('lock-in-under-least', first, { leastMm }, 'layers.lockIn');
  }
  const rest = depthMm - first;
  if (leastMm !== undefined && rest < leastMm - hairMm) {
    throw noSplit(depthMm, takesMm ?? depthMm, leastMm);
  }
  return [first, ...equalDepths(rest, limits)];
}

/**
 * How deep each layer is poured, from the bottom; they add up to the depth, none is deeper than the resin takes and,
 * where there are several, none thinner than its least.
 * @param depthMm of the whole pour, stock to be planed away included
 * @param lockInMm depth of the first layer for the style `lock-in`
 * @throws InputError `no-layer-split` with the nearest depths that would go, `lock-in-too-deep`,
 *   `lock-in-over-limit`, `lock-in-under-least`, `too-many-layers`
 */
export function layerDepthsMm(
  style: LayerStyle,
  depthMm: number,
  limits: DepthLimits,
  lockInMm?: number,
): readonly number[] {
  switch (style) {
    case 'one-pour':
      return [depthMm];
    case 'equal':
      return equalDepths(depthMm, limits);
    case 'full-top-off':
      return fullThenTopOff(depthMm, limits);
    case 'lock-in':
      return lockInFirst(depthMm, limits, lockInMm);
  }
}
