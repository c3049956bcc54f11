import { act, renderHook, waitFor } from '@testing-library/react';
import type { ReactNode } from 'react';
import { calibrateHere } from '../../testing/calibrateHere';
import { DataProvider } from '../hooks/DataProvider';
import { useDrafts } from '../hooks/queries';
import { useAutosave } from '../hooks/useAutosave';
import type { DraftRecord } from '../records/draftRecord';
import { draftCollection } from '../repositories';
import { journalText, readJournal, type Journal } from '../store/journal';
import { memoryStorage } from '../store/keyValueStorage';
import { ofKinds } from '../store/ofKinds';
import { createRecordStore, type RecordStore } from '../store/recordStore';
import { useTypedDraft } from './useTypedDraft';

const of = 'resin/slow-clear';

/** Pages over one device, one after the other. */
function device() {
  const kept = new Map<string, string>();
  const left: string[] = [];
  const inMemory = memoryStorage(kept);
  const journal: Journal = {
    write(groups) {
      left.splice(0, left.length, journalText(groups));
      return true;
    },
    clear: () => void left.splice(0),
    async recover(settle) {
      for (const text of left.splice(0)) await settle(readJournal(text));
    },
  };
  /** A page whose writes wait until it is closed: what was on its way arrives then, and nothing after it. */
  function closing(): { readonly store: RecordStore; readonly close: () => void } {
    let close = (): void => undefined;
    const closed = new Promise<void>((resolve) => {
      close = resolve;
    });
    let isGone = false;
    const alive = async (): Promise<void> => {
      if (isGone) await new Promise<never>(() => undefined);
    };
    const store = createRecordStore({
      storage: {
        ...inMemory,
        async getMany(keys) {
          await alive();
          return inMemory.getMany(keys);
        },
        async setMany(entries) {
          await alive();
          await closed;
          isGone = true;
          await inMemory.setMany(entries);
        },
      },
      ...around,
    });
    return { store, close };
  }
  const around = {
    exclusively: <T,>(work: () => Promise<T>) => work(),
    channel: { post: () => undefined, listen: () => () => undefined },
    journal,
    ...ofKinds,
  };
  return {
    closing,
    page: (): RecordStore => createRecordStore({ storage: inMemory, ...around }),
    async drafts(): Promise<readonly DraftRecord[]> {
      return draftCollection.readAll(await this.page().read(draftCollection.prefix)).records;
    },
  };
}

function useTyping() {
  const beside = useTypedDraft(of);
  const autosave = useAutosave<{ readonly name: string }>({
    changesOf: (typed) => [beside.writing(typed, typed.name, null)],
    onSaved: (changes) => beside.written(changes),
  });
  return { beside, autosave, isRead: useDrafts().data !== undefined };
}

async function typingOn(store: RecordStore) {
  const { result } = renderHook(useTyping, {
    wrapper: ({ children }: { readonly children: ReactNode }) => (
      <DataProvider store={store} calibrate={calibrateHere}>
        {children}
      </DataProvider>
    ),
  });
  await waitFor(() => expect(result.current.isRead).toBe(true));
  return result;
}

test('a page that is closed while the first letters are being kept leaves one draft, with the last of them', async () => {
  const one = device();
  const { store, close } = one.closing();
  const typing = await typingOn(store);
  act(() => typing.current.autosave.request({ name: 'Slow' }));
  await waitFor(() => expect(store.saveState().state).toBe('saving'));
  act(() => typing.current.autosave.request({ name: 'Slow and clear' }));
  expect(store.flush()).toBe(true);
  await act(async () => close());
  await waitFor(async () => expect(await one.drafts()).not.toEqual([]));
  expect((await one.drafts()).map(({ name }) => name)).toEqual(['Slow and clear']);
});

test('a draft that is dropped and typed again is another one', async () => {
  const one = device();
  const store = one.page();
  const typing = await typingOn(store);
  const keep = async (name: string): Promise<string> => {
    act(() => typing.current.autosave.request({ name }));
    await waitFor(() => expect(typing.current.autosave.unsaved()).toBeUndefined());
    return (await one.drafts())[0]!.id;
  };
  const first = await keep('Slow');
  await act(() => typing.current.beside.drop());
  expect(await one.drafts()).toEqual([]);
  expect(await keep('Slower')).not.toBe(first);
});
