import { contentOf, isRecord } from '../store/changes';
import { isShipped, orderOf } from '../store/vector';
import { vectorOf } from '../store/versions';
import type { Kept } from './kept';

/** How a record of a file stands to what is kept here. */
export type Standing =
  /** It is not here. */
  | 'new'
  /** It has grown out of what is here. */
  | 'newer'
  | 'same'
  /** What is here has grown out of it. */
  | 'older'
  /** Each has what the other has not. */
  | 'conflict'
  /** The file says that what is here was deleted. */
  | 'deleted-there'
  /** It was deleted here since. */
  | 'deleted-here'
  /** This version cannot read it, and there is one here. */
  | 'unreadable';

/** What a file would do, by key; what is here and not in it is not among them. */
export type Standings = ReadonlyMap<string, Standing>;

/** A record without what says which state of it it is. */
function contentsOf(key: string, text: string): string {
  const content = contentOf(key, text);
  if (!isRecord(content)) return text;
  const { revision: _, stamp: __, vector: ___, ...rest } = content;
  return JSON.stringify(rest);
}

function standingOf(key: string, file: Kept, here: Kept): Standing | undefined {
  const theirs = file.records.get(key);
  const ours = here.records.get(key);
  if (theirs !== undefined && ours !== undefined) {
    if (theirs === ours) return 'same';
    const theirVector = vectorOf(theirs);
    const ourVector = vectorOf(ours);
    if (theirVector === undefined || ourVector === undefined) return 'conflict';
    const order = orderOf(theirVector, ourVector);
    // What says the same and has come further is taken too: what grows out of it then is no conflict.
    if (order === 'after') return 'newer';
    if (order === 'same' && isShipped(theirVector)) return 'same';
    if (contentsOf(key, theirs) === contentsOf(key, ours)) return 'same';
    return order === 'before' ? 'older' : 'conflict';
  }
  if (theirs !== undefined) {
    const deleted = here.gone.get(key);
    if (deleted === undefined) return 'new';
    const vector = vectorOf(theirs);
    const order = vector === undefined ? 'beside' : orderOf(vector, deleted);
    if (order === 'before' || order === 'same') return 'deleted-here';
    return order === 'after' ? 'new' : 'conflict';
  }
  const deleted = file.gone.get(key);
  if (ours === undefined || deleted === undefined) return undefined;
  const vector = vectorOf(ours);
  const order = vector === undefined ? 'beside' : orderOf(vector, deleted);
  if (order === 'before' || order === 'same') return 'deleted-there';
  // What is here has grown on after it was deleted there.
  return order === 'after' ? 'older' : 'conflict';
}

/**
 * Holds what a file says against what is kept here. Records of the file are not read: what cannot be is looked for among those that
 * would take the place of another (`heldAgainst`).
 */
export function standingsOf(file: Kept, here: Kept): Standings {
  const standings = new Map<string, Standing>();
  for (const key of [...file.records.keys(), ...file.gone.keys()]) {
    const standing = standings.has(key) ? undefined : standingOf(key, file, here);
    if (standing !== undefined) standings.set(key, standing);
  }
  return standings;
}
