import { useEffect, useState } from 'react';
import { kinds } from '../kinds/kinds';
import type { UnreadableRecord } from '../records/readRecords';
import { useStore } from './DataProvider';

/** Everything that is kept, looked through for what cannot be read. */
export interface LookedThrough {
  readonly unreadable: readonly UnreadableRecord[];
  readonly looked: number;
  readonly of: number;
}

/** A page that reads on and on is not held up longer than this at a time, ms. */
const turnMs = 10;
/** Records are asked for so many at a time: photos among them are large. */
const portion = 20;

const nextTurn = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

/**
 * Reads every record of every kind, in turns between which the page goes on; a list of jobs knows only what looks wrong at first
 * sight.
 * @param changedAt when something was changed last: everything is looked through anew then
 */
export function useUnreadable(changedAt: number): LookedThrough {
  const store = useStore();
  const [seen, setSeen] = useState<LookedThrough>({ unreadable: [], looked: 0, of: 0 });
  useEffect(() => {
    let isOver = false;
    const run = async (): Promise<void> => {
      const keys = await store.keys('');
      const unreadable: UnreadableRecord[] = [];
      let turn = performance.now();
      for (let from = 0; from < keys.length; from += portion) {
        const contents = await store.contents(keys.slice(from, from + portion));
        for (const [key, text] of contents) {
          const kind = kinds.find(({ collection }) => key.startsWith(collection.prefix));
          const read = kind?.collection.one(key, { text });
          if (read?.unreadable !== undefined) unreadable.push(read.unreadable);
          if (performance.now() - turn < turnMs) continue;
          await nextTurn();
          if (isOver) return;
          turn = performance.now();
        }
        const looked = Math.min(keys.length, from + portion);
        // What was found before stands until all of it is looked through.
        setSeen((before) => ({
          unreadable: looked < keys.length ? before.unreadable : unreadable,
          looked,
          of: keys.length,
        }));
      }
    };
    // What cannot be read at all is told by the lists.
    run().catch(() => undefined);
    return () => {
      isOver = true;
    };
  }, [store, changedAt]);
  return seen;
}
