/** What the store keeps beside the records: no kind of record begins so, and no file may hold such a key. */
export const ownPrefix = '#';

export const isOwnKey = (key: string): boolean => key.startsWith(ownPrefix);

/** Which device this is, and how often it has written. */
export const deviceKey = `${ownPrefix}device`;

const gonePrefix = `${ownPrefix}gone/`;

/** Where it is kept what a deleted record had grown out of: a file that still holds it would bring it back otherwise. */
export const goneKey = (key: string): string => gonePrefix + key;

/** The key of the record that was deleted; undefined where this is no such key. */
export const keyOfGone = (key: string): string | undefined =>
  key.startsWith(gonePrefix) ? key.slice(gonePrefix.length) : undefined;
