import { createStore, del, get, set } from 'idb-keyval';

/** Handles of files are objects that only IndexedDB keeps: they are no text, as everything else is. */
const handles = createStore('nipperkin-files', 'handles');
const handleKey = 'workshop';

/** A file of the person's disk that is kept up to date, where the browser has such a thing. */
export interface KeptFile {
  readonly name: string;
  /** Whether it may be written to now; after a restart most browsers ask the person again. */
  readonly isAllowed: boolean;
}

export const canKeepFile = (): boolean =>
  typeof globalThis.window?.showSaveFilePicker === 'function';

const handle = (): Promise<FileSystemFileHandle | undefined> =>
  canKeepFile() ? get<FileSystemFileHandle>(handleKey, handles) : Promise.resolve(undefined);

const writing = { mode: 'readwrite' } as const;

/** The file that the person has chosen; undefined where there is none. */
export async function keptFile(): Promise<KeptFile | undefined> {
  const found = await handle();
  if (found === undefined) return undefined;
  return {
    name: found.name,
    isAllowed: (await found.queryPermission(writing)) === 'granted',
  };
}

/** Lets the person choose a file; false where they think better of it. */
export async function chooseKeptFile(suggestedName: string): Promise<boolean> {
  try {
    const chosen = await window.showSaveFilePicker({
      suggestedName,
      types: [{ description: 'Workshop file', accept: { 'application/zip': ['.zip'] } }],
    });
    await set(handleKey, chosen, handles);
    return true;
  } catch (error) {
    if (error instanceof DOMException && error.name === 'AbortError') return false;
    throw error;
  }
}

/** Asks the person for the file again, as a browser wants after a restart; it must follow on a tap. */
export async function allowKeptFile(): Promise<boolean> {
  const found = await handle();
  return found !== undefined && (await found.requestPermission(writing)) === 'granted';
}

export const forgetKeptFile = (): Promise<void> => del(handleKey, handles);

/** Writes the file; what stood in it stays until all of the new is written. Rejects where it cannot be. */
export async function writeKeptFile(contents: Uint8Array<ArrayBuffer>): Promise<void> {
  const found = await handle();
  if (found === undefined) throw new Error('no file was chosen');
  const stream = await found.createWritable();
  try {
    await stream.write(contents);
  } catch (error) {
    await stream.abort();
    throw error;
  }
  await stream.close();
}
