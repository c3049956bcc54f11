import { kinds } from '../kinds/kinds';
import type { StoredRecord } from '../store/versions';
import { standingsOf, type Standing, type Standings } from './comparison';
import type { Kept } from './kept';

/** A file of everything, held against what is kept here. */
export interface Held {
  readonly file: Kept;
  /** When it was saved, a moment in UTC; files of earlier times do not say. */
  readonly madeAt: string | undefined;
  readonly standings: Standings;
  /** What those records are called that are not the same here and there. */
  readonly names: ReadonlyMap<string, string>;
  /** Records of the file that this version cannot read, whether or not they would be taken. */
  readonly unreadable: readonly string[];
}

const differs = (standing: Standing): boolean => standing !== 'same' && standing !== 'older';

/** Compares, reading what the file would change: what cannot be read takes nobody's place. */
export function heldAgainst(file: Kept, madeAt: string | undefined, here: Kept): Held {
  const standings = new Map(standingsOf(file, here));
  const names = new Map<string, string>();
  const unreadable: string[] = [];
  const left = new Set([...standings].flatMap(([key, each]) => (differs(each) ? [key] : [])));
  for (const { collection, nameOf } of kinds) {
    const own = [...left].filter((key) => key.startsWith(collection.prefix));
    const texts = new Map<string, string>();
    for (const key of own) {
      left.delete(key);
      // What the file only says to be deleted is called what it is called here.
      const text = file.records.get(key) ?? here.records.get(key);
      if (text !== undefined) texts.set(key, text);
    }
    const read = collection.readAll(texts);
    for (const record of read.records as readonly StoredRecord[]) {
      // A record of this kind: the list of all kinds cannot say so.
      if (nameOf !== undefined) names.set(collection.key(record.id), nameOf(record as never));
    }
    unreadable.push(
      ...read.unreadable.map(({ key }) => key).filter((key) => file.records.has(key)),
    );
  }
  // Kinds that this version has never heard of.
  unreadable.push(...[...left].filter((key) => file.records.has(key)));
  for (const key of unreadable) if (here.records.has(key)) standings.set(key, 'unreadable');
  return { file, madeAt, standings, names, unreadable };
}
