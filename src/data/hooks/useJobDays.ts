import { useCallback, useMemo } from 'react';
import { dates as datesKind, ticks as ticksKind } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import { settingsPatch } from '../records/patchedSettings';
import type { DatesRecord } from '../records/datesRecord';
import type { TicksRecord } from '../records/ticksRecord';
import { datesCollection, datesRecordOf, ticksCollection, ticksRecordOf } from '../repositories';
import { againIfOvertaken } from './againIfOvertaken';
import { useStore } from './DataProvider';
import { useDates, useTicks } from './queries';
import { recordedByTicks } from './recordOfPour';
import { useCommit } from './useCommit';

export type JobDates = Pick<DatesRecord, 'start' | 'due' | 'pins'>;
export type JobTicks = Pick<TicksRecord, 'lines' | 'tasks'>;

const noDates: JobDates = { pins: [] };
const noTicks: JobTicks = { lines: [], tasks: [] };

/** Whether a job has a date: then it is in the days. */
export const isDated = ({ start, due, pins }: JobDates): boolean =>
  start !== undefined || due !== undefined || pins.length > 0;

/** Changes when jobs are wanted, and what of them was done. */
export function useChangeDays() {
  const store = useStore();
  const commit = useCommit();
  const changeDates = useCallback(
    (job: string, change: (before: JobDates) => JobDates): Promise<void> =>
      againIfOvertaken(async () => {
        const { record } = await readOne(store, datesKind, job);
        const next = change(record ?? noDates);
        const written = datesRecordOf(job, next, record);
        await commit([
          record === undefined
            ? datesCollection.creation(written)
            : datesCollection.change(written, record),
          // From then on the app opens on Today.
          ...(isDated(next) ? [settingsPatch({ set: { dated: true } })] : []),
        ]);
      }),
    [store, commit],
  );
  const changeTicks = useCallback(
    (job: string, change: (before: JobTicks) => JobTicks): Promise<void> =>
      againIfOvertaken(async () => {
        const { record } = await readOne(store, ticksKind, job);
        const next = change(record ?? noTicks);
        const written = ticksRecordOf(job, next, record);
        const recorded = await recordedByTicks(store, job, next);
        await commit([
          record === undefined
            ? ticksCollection.creation(written)
            : ticksCollection.change(written, record),
          ...recorded,
        ]);
      }),
    [store, commit],
  );
  return useMemo(() => ({ changeDates, changeTicks }), [changeDates, changeTicks]);
}

/** When one job is wanted; nothing set where nobody said. */
export function useDatesOf(job: string): JobDates {
  const { data } = useDates();
  return data?.records.find(({ id }) => id === job) ?? noDates;
}

/** What of one job was done. */
export function useTicksOf(job: string): JobTicks {
  const { data } = useTicks();
  return data?.records.find(({ id }) => id === job) ?? noTicks;
}
