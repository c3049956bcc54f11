import { useCallback, useEffect, useMemo, useState } from 'react';
import { lessPoured } from '../../core/plan/lessPoured';
import type { Resin } from '../../core/resin/resinSchema';
import { cardKey, type JobNeeds } from '../../core/plan/shoppingOf';
import type { Shelf } from '../../core/plan/planTypes';
import { useJobs, useShelf } from '../../data/hooks/queries';
import { useRests, type Rests } from '../../data/hooks/useRests';
import { useListedTexts } from '../../data/hooks/useListedText';
import type { JobEntry } from '../../data/records/jobEntry';
import { jobCollection } from '../../data/repositories';
import { listPlanner } from '../../workers/listPlanner';
import type { ListedJob } from '../../workers/listedJob';

/** What a job takes. */
export interface Need extends JobNeeds {
  readonly id: string;
  readonly totalMl: number;
}

/** What all jobs take, as far as it is known. */
export interface Needs {
  /** Of every job that has amounts. */
  readonly needs: readonly Need[];
  /** Something has changed, and they are being planned: `needs` are those of before. */
  readonly outdated: boolean;
  /** How many of how many are planned. */
  readonly planned: number;
  readonly of: number;
  /** Jobs of which it cannot be told, by name. */
  readonly untold: readonly string[];
  /** The plans do not come. */
  readonly failed: boolean;
  /** Plans what is still missing once more. */
  readonly again: () => void;
}

/** What is known with one shelf, by state of a job; `untold` where its plan took too long or it cannot be read. */
interface Known {
  readonly needs: Map<string, Need | 'untold' | undefined>;
  /** Each card once: every plan brings a copy of its own. */
  readonly cards: Map<string, Resin>;
}

const knownOf = new WeakMap<Shelf, Known>();

function knownWith(shelf: Shelf): Known {
  const known = knownOf.get(shelf) ?? { needs: new Map(), cards: new Map() };
  knownOf.set(shelf, known);
  return known;
}

const stateOf = ({ id, revision, stamp = '' }: JobEntry, rests: Rests): string =>
  `${id}/${revision}/${stamp}/${[...rests].join()}`;

function needOf(
  id: string,
  listed: ListedJob,
  rests: Rests,
  { cards }: Known,
): Need | 'untold' | undefined {
  if (listed.state === 'unmeasured') return undefined;
  if (listed.state !== 'planned') return 'untold';
  const { name, together, buying } = lessPoured(listed.plan, rests, undefined);
  return {
    id,
    name,
    totalMl: together.totalMl,
    buying: buying.flatMap(({ card, buying: { needMl, needG } }) => {
      const one = cards.get(cardKey(card)) ?? card;
      cards.set(cardKey(card), one);
      return needMl > 0 ? [{ card: one, buying: { needMl, needG } }] : [];
    }),
  };
}

/** One and the same, so that nothing is worked out anew while there is nothing. */
const nothingYet = { needs: [], untold: [] };

/** Jobs are read so many at a time, and it is told so often how far they are. */
const portion = 20;

/** Plans every job in a thread, the one changed last first, and remembers each while neither it nor the shelf changes. */
export function useNeeds(): Needs {
  const { data: jobs } = useJobs();
  const shelf = useShelf();
  const textsOf = useListedTexts();
  const [, setPlanned] = useState(0);
  const [failed, setFailed] = useState(false);
  const [turn, setTurn] = useState(0);
  const entries = jobs?.records;
  const known = knownWith(shelf);
  const restsOf = useRests();
  const keyOf = useCallback(
    (entry: JobEntry): string => stateOf(entry, restsOf(entry.id)),
    [restsOf],
  );
  useEffect(() => {
    const stop = new AbortController();
    const { signal } = stop;
    const run = async (): Promise<void> => {
      setFailed(false);
      const missing = (entries ?? []).filter((entry) => !known.needs.has(keyOf(entry)));
      for (let from = 0; from < missing.length && !signal.aborted; from += portion) {
        const some = missing.slice(from, from + portion);
        const texts = await textsOf(some);
        for (const entry of some) {
          const key = jobCollection.key(entry.id);
          const text = texts.get(key);
          const listed =
            text === undefined
              ? undefined
              : await listPlanner.plan({ key, text, shelf, inSight: false, signal });
          known.needs.set(
            keyOf(entry),
            listed && needOf(entry.id, listed, restsOf(entry.id), known),
          );
        }
        setPlanned((count) => count + some.length);
      }
    };
    run().catch(() => {
      if (!signal.aborted) setFailed(true);
    });
    return () => stop.abort();
  }, [entries, shelf, known, textsOf, restsOf, keyOf, turn]);

  const planned = (entries ?? []).filter((entry) => known.needs.has(keyOf(entry))).length;
  const isWhole = entries !== undefined && planned === entries.length;
  const now = useMemo(() => {
    if (entries === undefined || !isWhole) return undefined;
    const told = entries.map((entry) => [entry, known.needs.get(keyOf(entry))] as const);
    return {
      needs: told.flatMap(([, need]) => (need === undefined || need === 'untold' ? [] : [need])),
      untold: told.flatMap(([{ name }, need]) => (need === 'untold' ? [name] : [])),
    };
  }, [entries, known, isWhole, keyOf]);
  const [last, setLast] = useState<Pick<Needs, 'needs' | 'untold'>>(nothingYet);
  if (now !== undefined && now !== last) setLast(now);
  return {
    ...(now ?? last),
    outdated: now === undefined,
    planned,
    of: entries?.length ?? 0,
    failed,
    again: () => setTurn(turn + 1),
  };
}
