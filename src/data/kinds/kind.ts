import type { Collection } from '../collection';
import type { Listing } from '../listing';
import type { ReadRecords } from '../records/readRecords';
import type { Written } from '../store/changes';
import type { StoredRecord, Version } from '../store/versions';

/** What of a record is in every list. */
export interface ListedRecord extends Version {
  readonly id: string;
}

/** One kind of record that is kept: everything that treats all of them alike walks the list of these. */
export interface Kind<T extends StoredRecord, L extends ListedRecord = T> {
  /** As the Data screen counts them; undefined for what a person does not count. */
  readonly counted: { readonly one: string; readonly many: string } | undefined;
  /** What one of them is called; undefined for kinds that have no names. */
  readonly nameOf?: (record: T) => string;
  /** What TanStack Query keeps their list under; each by itself is under this and its id. */
  readonly queryKey: readonly [string];
  readonly collection: Collection<T>;
  /** All of them as they are held in memory: whole, or as entries of an index. */
  readonly listing: Listing<L>;
  /** Starting over clears it. */
  readonly isOwn: boolean;
  /** Keys of records that one of these needs; they go with the last that needs them. */
  readonly refersTo: (listed: L) => readonly string[];
}

/** A kind that a person counts. */
export interface CountedKind<T extends StoredRecord, L extends ListedRecord = T> extends Kind<
  T,
  L
> {
  readonly counted: NonNullable<Kind<T>['counted']>;
}

/** Many kinds in one list: what is done to a record is done by its own kind. */
export interface AnyKind extends Omit<
  Kind<StoredRecord>,
  'collection' | 'listing' | 'refersTo' | 'nameOf'
> {
  readonly nameOf?: (record: never) => string;
  readonly collection: Pick<Collection<StoredRecord>, 'prefix' | 'key' | 'one' | 'readAll'> &
    Pick<Collection<never>, 'creation' | 'change' | 'removal'>;
  readonly listing: {
    readonly read: Listing<ListedRecord>['read'];
    readonly after: (
      before: ReadRecords<never>,
      written: readonly Written[],
    ) => ReadRecords<ListedRecord>;
  };
  readonly refersTo: (listed: never) => readonly string[];
}
