import { useQuery } from '@tanstack/react-query';
import type { Shelf } from '../../core/plan/planTypes';
import { useListedTexts } from '../../data/hooks/useListedText';
import type { JobEntry } from '../../data/records/jobEntry';
import { jobCollection } from '../../data/repositories';
import type { ListedJob } from '../../workers/listedJob';
import { listPlanner } from '../../workers/listPlanner';

/** What is out of sight is remembered for so long, ms: of thousands not all. */
const rememberedMs = 15_000;

const numbers = new WeakMap<Shelf, number>();
let lastNumber = 0;

/** One shelf told from the next by a number. */
function numberOf(shelf: Shelf): number {
  const known = numbers.get(shelf) ?? (lastNumber += 1);
  numbers.set(shelf, known);
  return known;
}

/** What a list shows of a job: read and planned when it comes into sight, remembered while neither it nor the shelf changes. */
export function useListedJob(entry: JobEntry, shelf: Shelf) {
  const textsOf = useListedTexts();
  const { id, revision, stamp } = entry;
  return useQuery<ListedJob | null>({
    queryKey: ['listed', id, revision, stamp, numberOf(shelf)],
    queryFn: async ({ signal }) => {
      const key = jobCollection.key(id);
      const text = (await textsOf([entry])).get(key);
      return text === undefined
        ? null
        : listPlanner.plan({ key, text, shelf, inSight: true, signal });
    },
    gcTime: rememberedMs,
    structuralSharing: false,
  });
}
