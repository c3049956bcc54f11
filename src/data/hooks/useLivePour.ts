import { useCallback, useMemo } from 'react';
import { nanoid } from 'nanoid';
import type { BenchCopy } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import { benchState, type BenchState } from '../../core/bench/benchState';
import { copies, lives } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import type { LiveEntry } from '../records/liveEntry';
import type { LiveRecord } from '../records/liveRecord';
import { copyCollection, copyRecordOf, liveCollection, liveRecordOf } from '../repositories';
import type { RecordStore } from '../store/recordStore';
import { againIfOvertaken } from './againIfOvertaken';
import { useStore } from './DataProvider';
import { useOne } from './queries';
import { recordedIn } from './recordOfPour';
import { shelfOfPour } from './shelfOfPour';
import { useCommit, useUndoable, type Undo } from './useCommit';

/** What is written follows from how things stand when it is; nothing where it is done already. */
export type Deed = (state: BenchState) => readonly BenchEvent[];

const both = async (store: RecordStore, id: string) => {
  const [live, copy] = await Promise.all([readOne(store, lives, id), readOne(store, copies, id)]);
  return { live: live.record, copy: copy.record };
};

/**
 * The record that a new pour of a job is written to: that of the latest pour of the job, unless it has this pour already. Then
 * the piece is made once more.
 */
async function pieceFor(store: RecordStore, job: string, pour: number): Promise<string> {
  const { records } = await lives.listing.read(store);
  const own = records.filter((each) => each.job === job);
  const piece = own[0]?.piece;
  return piece === undefined || own.some((each) => each.piece === piece && each.pour === pour)
    ? nanoid()
    : piece;
}

/** What can be done with pours at the bench. */
export function useLiveActions() {
  const store = useStore();
  const commit = useCommit();
  const undoable = useUndoable();
  /** Begins a pour; its id. */
  const begin = useCallback(
    async (job: string, copy: BenchCopy, pourName: string): Promise<string> => {
      const record = liveRecordOf({
        job,
        name: copy.plan.name,
        pourName,
        pour: copy.pour,
        startedAt: Date.now(),
        state: 'under-way',
        piece: await pieceFor(store, job, copy.pour),
        events: [],
      });
      await commit([
        liveCollection.creation(record),
        copyCollection.creation(copyRecordOf(record.id, copy)),
      ]);
      return record.id;
    },
    [store, commit],
  );
  /** Writes what was done; resolves when it is stored. */
  const act = useCallback(
    (id: string, deed: Deed): Promise<void> =>
      againIfOvertaken(async () => {
        const { live, copy } = await both(store, id);
        if (live === undefined || copy === undefined) return;
        const before = benchState(copy.copy, live.events);
        const more = deed(before);
        if (more.length === 0) return;
        const events = [...live.events, ...more];
        const state = benchState(copy.copy, events);
        const shelf = await shelfOfPour(store, live, copy.copy, [before, state]);
        const next = liveRecordOf(
          { ...live, ...shelf.now, events, state: state.isOver ? 'over' : 'under-way' },
          live,
        );
        await commit([
          liveCollection.change(next, live),
          ...shelf.writes,
          ...(await recordedIn(store, next, copy.copy)),
        ]);
      }),
    [store, commit],
  );
  /** From here on it goes by another plan, where nothing was begun by the one before. */
  const replan = useCallback(
    (
      id: string,
      change: (copy: BenchCopy, state: BenchState) => BenchCopy | undefined,
    ): Promise<void> =>
      againIfOvertaken(async () => {
        const { live, copy } = await both(store, id);
        if (live === undefined || copy === undefined) return;
        const other = change(copy.copy, benchState(copy.copy, live.events));
        if (other === undefined) return;
        const events: BenchEvent[] = [...live.events, { at: Date.now(), did: 'replanned' }];
        await commit([
          liveCollection.change(liveRecordOf({ ...live, events }, live), live),
          copyCollection.change(copyRecordOf(id, other, copy), copy),
        ]);
      }),
    [store, commit],
  );
  /** Takes a pour away, with what takes that back. */
  const remove = useCallback(
    async (id: string): Promise<Undo | undefined> => {
      const { live, copy } = await both(store, id);
      if (live === undefined) return undefined;
      return undoable([
        liveCollection.removal(live),
        ...(copy === undefined ? [] : [copyCollection.removal(copy)]),
      ]);
    },
    [store, undoable],
  );
  return useMemo(() => ({ begin, act, replan, remove }), [begin, act, replan, remove]);
}

/** A pour at the bench with the plan that it goes by. */
export interface LivePour {
  readonly record: LiveRecord;
  readonly copy: BenchCopy;
}

/** @returns `undefined` while it is read, `null` where there is none, or it cannot be read */
export function useLivePour(id: string): LivePour | null | undefined {
  const live = useOne(lives, id).data;
  const copy = useOne(copies, id).data;
  return useMemo(() => {
    if (live === undefined || copy === undefined) return undefined;
    if (live.record === undefined || copy.record === undefined) return null;
    return { record: live.record, copy: copy.record.copy };
  }, [live, copy]);
}

/** What a pour is called in a list. */
export const nameOfLive = ({ name, pourName }: Pick<LiveEntry, 'name' | 'pourName'>): string =>
  pourName === '' ? name : `${name} · ${pourName}`;
