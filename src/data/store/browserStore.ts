import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { nanoid } from 'nanoid';
import { ofKinds } from './ofKinds';
import { noJournal } from './journal';
import { answering, memoryStorage } from './keyValueStorage';
import { pageJournal } from './pageJournal';
import { createRecordStore, type RecordStore, type Surroundings } from './recordStore';

/** A write that has no answer by now counts as refused, ms. */
const answerMs = 10_000;

/** Web Locks need a secure page; on a plain address in the local network one tab writes unguarded. */
async function exclusively<T>(work: () => Promise<T>): Promise<T> {
  if (!('locks' in navigator)) return work();
  const signal = AbortSignal.timeout(answerMs);
  return navigator.locks.request('nipperkin-write', { signal }, work) as Promise<T>;
}

const silence: Surroundings['channel'] = { post: () => undefined, listen: () => () => undefined };

function tabChannel(): Surroundings['channel'] {
  if (typeof BroadcastChannel === 'undefined') return silence;
  const channel = new BroadcastChannel('nipperkin');
  return {
    post: (keys) => channel.postMessage(keys),
    listen(listener) {
      const heard = (event: MessageEvent<readonly string[]>): void => listener(event.data);
      channel.addEventListener('message', heard);
      return () => channel.removeEventListener('message', heard);
    },
  };
}

/** Some browsers throw where they are told to keep nothing. */
function closingStorage(): Storage | undefined {
  try {
    return globalThis.localStorage;
  } catch {
    return undefined;
  }
}

const closing = closingStorage();

/** The store of this browser, in IndexedDB. */
export const browserStore: RecordStore = createRecordStore({
  ...ofKinds,
  storage: answering(createAsyncStorage('nipperkin'), answerMs),
  exclusively,
  channel: tabChannel(),
  journal: closing === undefined ? noJournal : pageJournal(closing, nanoid()),
});

/** A store that lasts as long as the page, for when the browser's own does not answer. */
export const memoryStore = (): RecordStore =>
  createRecordStore({
    ...ofKinds,
    storage: memoryStorage(),
    exclusively: (work) => work(),
    channel: silence,
    journal: noJournal,
  });
