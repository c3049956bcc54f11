import { kinds, photos, settings } from '../kinds/kinds';
import type { Standing } from './comparison';
import type { Held } from './heldAgainst';

/** Records of a file that a person knows as one kind. */
export interface KindHeld {
  /** `jobs`, `photos`; undefined for records that only go with others. */
  readonly name: string | undefined;
  /** Keys by how they stand. */
  readonly keys: ReadonlyMap<Standing, readonly string[]>;
}

const nameOfKind = (prefix: string): string | undefined => {
  if (prefix === photos.collection.prefix) return 'photos';
  if (prefix === settings.collection.prefix) return 'settings';
  return kinds.find(({ collection }) => collection.prefix === prefix)?.counted?.many;
};

/** What a file would do, kind by kind, in the order in which kinds are told. */
export function byKind({ standings }: Held): readonly KindHeld[] {
  const groups = new Map<string | undefined, Map<Standing, string[]>>(
    kinds.map(({ collection }) => [nameOfKind(collection.prefix), new Map()]),
  );
  for (const [key, standing] of standings) {
    const name = nameOfKind(key.slice(0, key.indexOf('/') + 1));
    const group = groups.get(name) ?? new Map<Standing, string[]>();
    groups.set(name, group);
    const keys = group.get(standing);
    if (keys === undefined) group.set(standing, [key]);
    else keys.push(key);
  }
  // What only goes with others comes last.
  return [...groups]
    .filter(([, keys]) => keys.size > 0)
    .map(([name, keys]) => ({ name, keys }))
    .toSorted((a, b) => Number(a.name === undefined) - Number(b.name === undefined));
}

/** How many records stand so, whatever their kind. */
export const countOf = ({ standings }: Held, ...wanted: readonly Standing[]): number =>
  [...standings.values()].filter((each) => wanted.includes(each)).length;
