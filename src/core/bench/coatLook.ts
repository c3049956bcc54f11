import { coatsToCome, type CoatsToCome } from '../coats/coatsToCome';
import type { CoatSurface } from '../coats/coatSurfaces';
import type { BenchCopy } from './benchCopy';
import { lastEvent } from './benchEvents';
import type { BenchState } from './benchState';
import { timesOfLayer } from './curing';

const msPerMin = 60_000;

/** A coat that is looked at before the next. */
export interface CoatLook {
  /** Counted from 0. */
  readonly layer: number;
  readonly coats: CoatsToCome;
  /** What was seen last; undefined before anybody looked. */
  readonly seen: CoatSurface | undefined;
}

/**
 * The coat of a pour that is looked at now: from its gel, when it no longer levels, until the next is begun.
 * @param now ms
 * @param isBegun whether a later pour of its job was begun since
 */
export function coatLookOf(
  copy: BenchCopy,
  state: BenchState,
  now: number,
  isBegun: (pour: number) => boolean,
): CoatLook | undefined {
  const poured = state.layers.map(({ pouredAt }) => pouredAt !== undefined);
  const layer = poured.lastIndexOf(true);
  const begunAt = state.layers[layer]?.begunAt;
  if (begunAt === undefined || state.endedAt !== undefined) return undefined;
  const coats = coatsToCome(copy.plan, copy.pour, layer);
  if (coats === undefined) return undefined;
  if (state.layers[layer + 1]?.begunAt !== undefined || coats.pours.some(isBegun)) return undefined;
  if (now < begunAt + (timesOfLayer(copy, state, layer)?.gel ?? 0) * msPerMin) return undefined;
  const seen = lastEvent(state.events, (each) => each.did === 'looked' && each.layer === layer);
  return { layer, coats, seen: seen?.surface };
}
