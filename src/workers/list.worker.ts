import '../data/records/wholeSchemas';
import { expose } from 'comlink';
import type { Shelf } from '../core/plan/planTypes';
import { planDraft } from '../data/draft/planDraft';
import { jobRecords } from '../data/records/jobRecord';
import { readRecords } from '../data/records/readRecords';
import type { ListedJob, ListWorker } from './listedJob';

let shelf: Shelf = { resins: [], moulds: [] };

function listed(key: string, text: string): ListedJob {
  const { records, unreadable } = readRecords(jobRecords, new Map([[key, text]]));
  const [record] = records;
  if (record === undefined) return { state: 'unreadable', reason: unreadable[0]?.reason ?? '' };
  // As when it is open: the last state that was whole counts.
  const { plan } = planDraft(record.lastGood, shelf);
  return plan === undefined ? { state: 'unmeasured' } : { state: 'planned', plan };
}

const worker: ListWorker = {
  async useShelf(next) {
    shelf = next;
  },
  plan: async (key, text) => listed(key, text),
};

expose(worker);
