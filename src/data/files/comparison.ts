import { contentOf, isRecord, type Write } from '../store/changes';
import { versionOf } from '../store/versions';
import { nextVersion } from '../records/stored';

/** How a record of a file stands to the one that is stored. */
export type Standing = 'new' | 'newer' | 'same' | 'older' | 'conflict';

/** What a file of everything would do. */
export interface Comparison {
  readonly standings: ReadonlyMap<string, Standing>;
  readonly file: ReadonlyMap<string, string>;
  readonly stored: ReadonlyMap<string, string>;
}

/** By how often each was written; of as many writes and other contents neither is the newer. */
function standingOf(text: string, stored: string | undefined): Standing {
  if (stored === undefined) return 'new';
  if (stored === text) return 'same';
  const theirs = versionOf(text);
  const ours = versionOf(stored);
  if (theirs === undefined || ours === undefined || theirs.revision === ours.revision) {
    return 'conflict';
  }
  return theirs.revision > ours.revision ? 'newer' : 'older';
}

/** Holds what a file says against what is stored. */
export function compare(
  file: ReadonlyMap<string, string>,
  stored: ReadonlyMap<string, string>,
): Comparison {
  const standings = new Map(
    [...file].map(([key, text]) => [key, standingOf(text, stored.get(key))]),
  );
  return { standings, file, stored };
}

function writeOf(key: string, text: string, stored: string | undefined): Write {
  const record = contentOf(key, text);
  if (stored === undefined) return { key, record, replaces: null };
  const replaces = contentOf(key, stored);
  // In the place of another it is a new state of it: windows that have it open must see that.
  const next = isRecord(record)
    ? { ...record, ...nextVersion(isRecord(replaces) ? replaces : record) }
    : record;
  return { key, record: next, replaces };
}

/** Takes of a file what is new and newer here. */
export const addingWrites = ({ standings, file, stored }: Comparison): readonly Write[] =>
  [...standings].flatMap(([key, standing]) =>
    standing === 'new' || standing === 'newer'
      ? [writeOf(key, file.get(key)!, stored.get(key))]
      : [],
  );

/** Puts what a file says in the place of everything here. */
export const replacingWrites = ({ standings, file, stored }: Comparison): readonly Write[] => [
  ...[...standings].flatMap(([key, standing]) =>
    standing === 'same' ? [] : [writeOf(key, file.get(key)!, stored.get(key))],
  ),
  ...[...stored].flatMap(([key, text]) =>
    file.has(key) ? [] : [{ key, record: null, replaces: contentOf(key, text) }],
  ),
];
