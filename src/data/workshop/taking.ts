import { longestJobName, nameWith } from '../../core/schema/nameWith';
import type { JobRecord } from '../records/jobRecord';
import { nextVersion } from '../records/stored';
import { jobCollection, jobRecordOf } from '../repositories';
import { contentOf, isRecord, type Content, type Write } from '../store/changes';
import { textOf } from '../store/pending';
import { mergedVectors } from '../store/vector';
import { vectorOf } from '../store/versions';
import type { Standings } from './comparison';
import type { Kept } from './kept';

/** What becomes of a record that was changed here and in the file. */
export type Choice = 'keep-here' | 'take-theirs' | 'keep-both';

/** What was decided of what a file would do. */
export interface Choices {
  /** By key; a conflict that is not in it stays as it is here, and is one the next time. */
  readonly ofConflicts: ReadonlyMap<string, Choice>;
  /** Takes again what was deleted here since. */
  readonly bringBack: boolean;
}

/** Whether both may stay side by side: of other kinds two of one name would be taken for each other. */
export const canKeepBoth = (key: string): boolean => key.startsWith(jobCollection.prefix);

const storedUnder = (kept: Kept, key: string): Content => {
  const text = kept.records.get(key);
  return text === undefined ? null : contentOf(key, text);
};

/** What a file says, as it says it: devices that have taken it hold the very same state then. */
const asItIs = (file: Kept, key: string): Content => {
  const text = file.records.get(key);
  return text === undefined ? null : { text };
};

/**
 * A record put in the place of one that it has not grown out of: a new state, which both have led to. Texts that are no records of
 * ours stay as they are.
 */
function over(record: Content, other: Content, otherText: string | undefined): Content {
  if (!isRecord(record)) return record;
  const theirs = vectorOf(otherText);
  const own = vectorOf(JSON.stringify(record));
  const vector = theirs && own && mergedVectors(own, theirs);
  return { ...record, ...nextVersion(isRecord(other) ? other : record), vector };
}

/** A job of the file beside the one that is here, as a job of its own. */
const besideIt = ({ draft }: JobRecord): Write =>
  jobCollection.creation(
    jobRecordOf({ ...draft, name: nameWith(draft.name, ' (from the file)', longestJobName) }),
  );

function chosen(key: string, choice: Choice, file: Kept, here: Kept): readonly Write[] {
  const ours = storedUnder(here, key);
  const theirs = storedUnder(file, key);
  const settled: Write = {
    key,
    record: over(ours, theirs, file.records.get(key)),
    replaces: ours,
  };
  switch (choice) {
    case 'keep-here':
      return [settled];
    case 'take-theirs':
      return [{ key, record: over(theirs, ours, here.records.get(key)), replaces: ours }];
    case 'keep-both': {
      const { record } = jobCollection.one(key, theirs === null ? null : { text: textOf(theirs) });
      return record === undefined ? [] : [settled, besideIt(record)];
    }
  }
}

/**
 * Takes of a file what is new, what has grown out of what is here, and what was deleted there; conflicts as they were chosen.
 */
export const mergingWrites = (
  standings: Standings,
  file: Kept,
  here: Kept,
  { ofConflicts, bringBack }: Choices,
): readonly Write[] =>
  [...standings].flatMap(([key, standing]): readonly Write[] => {
    switch (standing) {
      case 'new':
      case 'newer':
      case 'deleted-there':
        return [
          {
            key,
            record: asItIs(file, key),
            replaces: storedUnder(here, key),
            gone: file.gone.get(key),
          },
        ];
      case 'conflict': {
        const choice = ofConflicts.get(key);
        return choice === undefined ? [] : chosen(key, choice, file, here);
      }
      case 'deleted-here':
        return bringBack
          ? [{ key, record: over(storedUnder(file, key), null, undefined), replaces: null }]
          : [];
      default:
        return [];
    }
  });

/** Makes everything here as a file says it is. */
export const replacingWrites = (standings: Standings, file: Kept, here: Kept): readonly Write[] => [
  ...[...file.records.keys()].flatMap((key): readonly Write[] => {
    const standing = standings.get(key);
    if (standing === 'same') return [];
    const replaces = storedUnder(here, key);
    const isGrown = standing === 'new' || standing === 'newer';
    const record = isGrown
      ? asItIs(file, key)
      : over(storedUnder(file, key), replaces, here.records.get(key));
    return [{ key, record, replaces }];
  }),
  ...[...here.records.keys()].flatMap((key) =>
    file.records.has(key) ? [] : [{ key, record: null, replaces: storedUnder(here, key) }],
  ),
];
