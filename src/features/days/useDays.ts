import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
import { InputError, type Problem } from '../../core/problem';
import type { MovedCure } from '../../core/cure/movedCure';
import type { Shelf } from '../../core/plan/planTypes';
import {
  useDates,
  useJobs,
  useLives,
  useSettings,
  useShelf,
  useTicks,
} from '../../data/hooks/queries';
import { isDated } from '../../data/hooks/useJobDays';
import { useListedTexts } from '../../data/hooks/useListedText';
import type { LiveEntry } from '../../data/records/liveEntry';
import { jobCollection } from '../../data/repositories';
import { ownZone, useNow } from '../../ui/useNow';
import { askDays } from '../../workers/daysPlanner';
import type { DaysAnswer } from '../../workers/daysWorker';

/** Days are worked out anew as time goes on, every so many minutes. */
const everyMin = 5;
/** One that was overtaken is asked for again after so long, ms. */
const againMs = 100;

const numbers = new WeakMap<Shelf, number>();
let counted = 0;

/** Tells one shelf from another in a key. */
function numberOf(shelf: Shelf): number {
  const known = numbers.get(shelf);
  if (known !== undefined) return known;
  counted += 1;
  numbers.set(shelf, counted);
  return counted;
}

/** What was measured of each pour the last time that it was poured; lists have the latest first. */
function movedByPour(own: readonly LiveEntry[]): readonly (MovedCure | undefined)[] {
  const pours = Math.max(-1, ...own.map(({ pour }) => pour)) + 1;
  return Array.from({ length: pours }, (_, pour) => own.find((each) => each.pour === pour)?.moved);
}

/** What keeps the days from being told: where nothing says why, it is the work beside the screen. */
const asProblem = (error: Error): Problem =>
  error instanceof InputError ? error : new InputError('worker-failed', error.message);

/** The days of everything that has a date. */
export interface DaysState {
  /** Undefined until they are worked out. */
  readonly days: DaysAnswer | undefined;
  /** Something has changed, and they are being worked out: `days` are those of before. */
  readonly outdated: boolean;
  /** Why there are none. */
  readonly problem: Problem | undefined;
  /** Works them out once more. */
  readonly again: () => void;
  /** Nothing has a date. */
  readonly isEmpty: boolean;
  readonly zone: string;
  readonly now: number;
}

/**
 * The days of all jobs that have a date, and of one that has none yet as if it were begun now.
 * @param also the id of that one
 * @param isWanted false: nothing is worked out
 */
export function useDays(also?: string, isWanted = true): DaysState {
  const { data: jobs } = useJobs();
  const { data: dates } = useDates();
  const { data: ticks } = useTicks();
  const { data: lives } = useLives();
  const { data: settings } = useSettings();
  const shelf = useShelf();
  const textsOf = useListedTexts();
  const now = useNow();
  const zone = ownZone();
  const person = settings?.person;
  const wanted = useMemo(() => {
    if (jobs === undefined || dates === undefined || ticks === undefined || lives === undefined) {
      return undefined;
    }
    const dated = new Map(dates.records.filter(isDated).map((each) => [each.id, each]));
    return jobs.records
      .filter(({ id }) => dated.has(id) || id === also)
      .map((entry) => ({
        entry,
        dates: dated.get(entry.id) ?? { pins: [] },
        ticks: ticks.records.find(({ id }) => id === entry.id) ?? { lines: [], tasks: [] },
        moved: movedByPour(lives.records.filter(({ job }) => job === entry.id)),
      }));
  }, [jobs, dates, ticks, lives, also]);
  const at = Math.floor(now / everyMin) * everyMin;
  const { data, isPlaceholderData, error, refetch } = useQuery({
    queryKey: [
      'days',
      wanted?.map(({ entry: { id, revision, stamp }, ...rest }) => [id, revision, stamp, rest]),
      person,
      zone,
      at,
      numberOf(shelf),
    ],
    enabled: isWanted && wanted !== undefined && wanted.length > 0,
    queryFn: async (): Promise<DaysAnswer | null> => {
      const texts = await textsOf(wanted!.map(({ entry }) => entry));
      const asked = wanted!.flatMap(({ entry: { id }, dates: dated, ticks: ticked, moved }) => {
        const key = jobCollection.key(id);
        const text = texts.get(key);
        return text === undefined ? [] : [{ id, key, text, dates: dated, ticks: ticked, moved }];
      });
      return (await askDays(shelf, { jobs: asked, person, zone, now: at })) ?? null;
    },
    placeholderData: keepPreviousData,
    structuralSharing: false,
    // One that was overtaken knows nothing.
    staleTime: ({ state }) => (state.data === null ? 0 : Infinity),
    refetchInterval: ({ state }) => (state.data === null ? againMs : false),
    gcTime: 60_000,
    retry: 1,
  });
  return {
    days: data ?? undefined,
    outdated: isPlaceholderData || data === null,
    problem: error === null ? undefined : asProblem(error),
    again: () => void refetch(),
    isEmpty: wanted?.length === 0,
    zone,
    now,
  };
}
