import { useQueries, useQuery } from '@tanstack/react-query';
import { useMemo, useSyncExternalStore } from 'react';
import { nightOf } from '../../core/person/hoursSchema';
import type { Shelf } from '../../core/plan/planTypes';
import type { AnyKind, Kind, ListedRecord } from '../kinds/kind';
import * as kept from '../kinds/kinds';
import type { Settings } from '../records/settingsRecord';
import { readOne } from '../kinds/readOne';
import { keptIn } from '../records/keptCalibrations';
import type { SaveState } from '../store/recordStore';
import type { StoredRecord } from '../store/versions';
import { useStore } from './DataProvider';

/** Thousands of entries are not held against those before, one by one: what was written is known. */
const asItIs = { structuralSharing: false } as const;

/** Everything of one kind, as it is listed. */
export function useKind<T extends StoredRecord, L extends ListedRecord>({
  queryKey,
  listing,
}: Kind<T, L>) {
  const store = useStore();
  return useQuery({ queryKey, queryFn: () => listing.read(store), ...asItIs });
}

/** One record of a kind, read by itself. */
export function useOne<T extends StoredRecord, L extends ListedRecord>(
  kind: Kind<T, L>,
  id: string,
) {
  const store = useStore();
  return useQuery({
    queryKey: [...kind.queryKey, id],
    queryFn: () => readOne(store, kind, id),
    ...asItIs,
  });
}

/** All jobs as they are listed, the one changed last on top. */
export const useJobs = () => useKind(kept.jobs);
/** All resin cards by name. */
export const useResins = () => useKind(kept.resins);
/** All moulds of the library by name. */
export const useMoulds = () => useKind(kept.moulds);
/** When jobs are wanted. */
export const useDates = () => useKind(kept.dates);
/** What of jobs was done. */
export const useTicks = () => useKind(kept.ticks);
/** Pours at the bench, the one begun last on top. */
export const useLives = () => useKind(kept.lives);
/** What happened to pieces, the one made last on top. */
export const usePieces = () => useKind(kept.pieces);
/** What could not be read and had to make room. */
export const useAside = () => useKind(kept.aside);
/** What was typed and is not saved as what it is of, the latest first. */
export const useDrafts = () => useKind(kept.drafts);
/** Settings as they were read, what cannot be read among them. */
export const useReadSettings = () => useKind(kept.settings);

/** What the person has set, or null before the first start. */
export function useSettings() {
  const store = useStore();
  const { queryKey, listing } = kept.settings;
  return useQuery({
    queryKey,
    queryFn: () => listing.read(store),
    ...asItIs,
    select: ({ records }) => records[0] ?? null,
  });
}

/** Every kind that is read at a start, and how many there are; lists themselves would be compared one by one. */
export function useAllKept(): readonly {
  readonly kind: AnyKind;
  /** Undefined until they are read. */
  readonly count: number | undefined;
  /** When they were read or changed last. */
  readonly changedAt: number;
  /** It could not be read at all. */
  readonly failed: boolean;
}[] {
  const store = useStore();
  return useQueries({
    queries: kept.kindsAtStart.map(({ queryKey, listing }) => ({
      queryKey: [...queryKey],
      queryFn: () => listing.read(store),
      ...asItIs,
    })),
    combine: (results) =>
      results.map(({ data, isError, dataUpdatedAt }, index) => ({
        kind: kept.kindsAtStart[index]!,
        count: data?.records.length,
        changedAt: dataUpdatedAt,
        failed: isError,
      })),
  });
}

type ShelfParts = readonly [
  resins: ReturnType<typeof useResins>['data'],
  moulds: ReturnType<typeof useMoulds>['data'],
  person: Settings['person'],
];

let made: { readonly of: ShelfParts; readonly shelf: Shelf } | undefined;

/** One and the same for everybody who asks: threads keep what they planned with it. */
function shelfOf(...of: ShelfParts): Shelf {
  if (made !== undefined && of.every((part, at) => part === made?.of[at])) return made.shelf;
  const [resins, moulds, person] = of;
  const shelf = {
    resins: (resins?.records ?? []).map(({ resin }) => resin),
    moulds: (moulds?.records ?? []).map(({ mould }) => mould),
    night: person?.sleep === undefined ? undefined : nightOf(person.sleep),
    pace: person && { stir: person.stir, pourRate: person.pourRate },
    calibrations: keptIn(resins?.records ?? []),
  };
  made = { of, shelf };
  return shelf;
}

/** The shelf as `planJob` takes it. */
export function useShelf(): Shelf {
  const { data: resins } = useResins();
  const { data: moulds } = useMoulds();
  const person = useSettings().data?.person;
  return useMemo(() => shelfOf(resins, moulds, person), [resins, moulds, person]);
}

export function useSaveState(): SaveState {
  const store = useStore();
  return useSyncExternalStore(store.onSaveState, store.saveState);
}
