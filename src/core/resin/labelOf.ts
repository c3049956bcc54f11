import type { Resin } from './resinSchema';

/** What a label says of a resin: what stands on the shelf, what was noted, and one's own pace are not on it. */
export function labelOf({ kits: _, lots: __, notes: ___, ownPace: ____, ...label }: Resin): Resin {
  return label;
}
