import { createAsyncStorage } from '@react-native-async-storage/async-storage';
import { createRecordStore } from './recordStore';

/** Web Locks need a secure page; on a plain address in the local network one tab writes unguarded. */
async function exclusively<T>(work: () => Promise<T>): Promise<T> {
  if (!('locks' in navigator)) return work();
  return navigator.locks.request('nipperkin-write', work) as Promise<T>;
}

function tabChannel() {
  const channel = new BroadcastChannel('nipperkin');
  return {
    post: (keys: readonly string[]) => channel.postMessage(keys),
    listen(listener: (keys: readonly string[]) => void) {
      const heard = (event: MessageEvent<readonly string[]>): void => listener(event.data);
      channel.addEventListener('message', heard);
      return () => channel.removeEventListener('message', heard);
    },
  };
}

/** The store of this browser, in IndexedDB. */
export const browserStore = createRecordStore({
  storage: createAsyncStorage('nipperkin'),
  exclusively,
  channel: tabChannel(),
});
