import type { Collection } from '../collection';
import type { ReadRecords } from '../records/readRecords';
import type { Written } from '../store/changes';
import type { StoredRecord } from '../store/versions';

/** One kind of record that is kept: everything that treats all of them alike walks the list of these. */
export interface Kind<T extends StoredRecord> {
  /** As the Data screen counts them; undefined for what a person does not count. */
  readonly counted: { readonly one: string; readonly many: string } | undefined;
  /** What TanStack Query keeps them under. */
  readonly queryKey: readonly [string];
  readonly collection: Collection<T>;
  /** Starting over clears it. */
  readonly isOwn: boolean;
  /** Keys of records that one of these needs; they go with the last that needs them. */
  readonly refersTo: (record: T) => readonly string[];
}

/** A kind that a person counts. */
export interface CountedKind<T extends StoredRecord> extends Kind<T> {
  readonly counted: NonNullable<Kind<T>['counted']>;
}

/** Many kinds in one list: what is done to a record is done by its own kind. */
export interface AnyKind extends Omit<Kind<StoredRecord>, 'collection' | 'refersTo'> {
  readonly collection: Pick<Collection<StoredRecord>, 'prefix' | 'key' | 'read'> &
    Pick<Collection<never>, 'creation' | 'change' | 'removal'> & {
      readonly after: (
        before: ReadRecords<never>,
        written: readonly Written[],
      ) => ReadRecords<StoredRecord>;
    };
  readonly refersTo: (record: never) => readonly string[];
}
