import { capital } from './figures';
import { sayBytes } from './storage';

/** How a record of a file stands to what is kept here, as a person is told. */
const standingWords = {
  new: 'new here',
  newer: 'newer than here',
  same: 'the same as here',
  older: 'older than here',
  conflict: 'changed in both',
  'deleted-there': 'deleted in the file',
  'deleted-here': 'deleted here since',
  unreadable: 'not readable here',
} as const;

export type StandingTold = keyof typeof standingWords;

export const standingsTold = Object.keys(standingWords) as readonly StandingTold[];

export const sayStanding = (standing: StandingTold): string => standingWords[standing];

const inOneList = new Intl.ListFormat('en-GB');

/** `3 new here, 1 newer than here and 24 the same as here` */
export const sayStandings = (counts: ReadonlyMap<StandingTold, number>): string =>
  inOneList.format(
    standingsTold.flatMap((standing) => {
      const count = counts.get(standing) ?? 0;
      return count === 0 ? [] : [`${count} ${standingWords[standing]}`];
    }),
  );

/** `Jobs`, and what only goes with them. */
export const sayKind = (name: string | undefined): string => capital(name ?? 'what goes with them');

/** `Take 4 records`, and what else it comes to. */
export function sayTaking(taken: number, removed: number): string {
  const records = (count: number): string => `${count} ${count === 1 ? 'record' : 'records'}`;
  if (removed === 0) return taken === 0 ? 'Keep mine' : `Take ${records(taken)}`;
  return taken === 0 ? `Delete ${records(removed)}` : `Take ${records(taken)}, delete ${removed}`;
}

/** What the two ways to take a file do. @param merges whether there is anything to merge */
export const sayWays = (merges: boolean): string =>
  `${
    merges
      ? 'Merging takes what is new and newer, record by record, and leaves the rest.'
      : 'Nothing in it is new or newer: there is nothing to merge.'
  } Replacing makes everything here as it is in the file, and takes away what is not in it. ${
    merges ? 'Either' : 'It'
  } is undone as a whole.`;

const reasonWords = {
  'by-itself': '',
  'by-hand': 'made by hand',
  'before-file': 'before a file was opened',
  'before-start-over': 'before starting over',
} as const;

/** What a safety copy holds and takes: `412 records, 1.2 MB, before a file was opened` */
export function sayCopy(records: number, bytes: number, why: keyof typeof reasonWords): string {
  const parts = [
    `${records} ${records === 1 ? 'record' : 'records'}`,
    sayBytes(bytes),
    reasonWords[why],
  ];
  return parts.filter((text) => text !== '').join(', ');
}

/** How long ago that was: `just now`, `3 hours ago`, `12 days ago` */
export function sayAge(ms: number): string {
  const minutes = Math.floor(ms / 60_000);
  if (minutes < 2) return 'just now';
  if (minutes < 90) return `${minutes} minutes ago`;
  const hours = Math.round(minutes / 60);
  return hours < 36 ? `${hours} hours ago` : `${Math.round(hours / 24)} days ago`;
}

/** What no file holds yet: `140 changes since the last file, 12 days ago.` */
export function sayUnsaved(changes: number, days: number | undefined): string {
  if (changes === 0) return days === undefined ? '' : 'Everything is in the last file.';
  const since =
    days === undefined
      ? 'Nothing of this was saved as a file yet'
      : days === 0
        ? 'since the last file, less than a day ago'
        : `since the last file, ${days} ${days === 1 ? 'day' : 'days'} ago`;
  const counted = `${changes} ${changes === 1 ? 'change' : 'changes'}`;
  return days === undefined ? `${since}: ${counted}.` : `${counted} ${since}.`;
}
