import { wrap, type Remote } from 'comlink';
import { InputError } from '../core/problem';
import type { Held } from '../data/workshop/heldAgainst';
import type { Kept } from '../data/workshop/kept';
import { heard, type Told } from './told';
import type { WorkshopWorker } from './workshopWorker';

/** Longer than this nobody waits for a file, ms. */
const longestMs = 120_000;

/** Runs work in a thread that is gone afterwards, whatever came of it. */
async function inThread<T>(
  work: (remote: Remote<WorkshopWorker>) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  const thread = new Worker(new URL('./workshop.worker', import.meta.url));
  let timer: ReturnType<typeof setTimeout> | undefined;
  const given = new Promise<never>((_, reject) => {
    // Out of memory, mostly: the thread is gone, and what it was asked is not answered.
    thread.addEventListener('error', () => reject(new InputError('reader-broke-off', undefined)));
    signal?.addEventListener('abort', () => reject(signal.reason as Error), { once: true });
    timer = setTimeout(
      () => reject(new InputError('reader-too-slow', undefined, { seconds: longestMs / 1000 })),
      longestMs,
    );
  });
  try {
    return await Promise.race([work(wrap<WorkshopWorker>(thread)), given]);
  } finally {
    clearTimeout(timer);
    thread.terminate();
  }
}

/**
 * Packs everything into one archive. Rejects with InputError where it is too much for this device.
 * @param madeAt a moment in UTC
 */
export const packWorkshop = (kept: Kept, madeAt: string): Promise<Uint8Array<ArrayBuffer>> =>
  inThread((remote) => remote.pack(kept, madeAt));

/** What a file of everything holds. Rejects with InputError for the first thing that is wrong. */
export const unpackWorkshop = async (file: Blob): Promise<Kept> =>
  heard(await inThread<Told<Kept>>(async (remote) => remote.unpack(file)));

/** A file to hold against what is kept here. */
export interface ToOpen {
  readonly file: Blob;
  readonly here: Kept;
  /** Records that belong to it and stand elsewhere, by key. */
  readonly beside?: ReadonlyMap<string, string>;
}

/**
 * Reads a file of everything and holds it against what is kept here.
 * Rejects with InputError for the first thing that is wrong, and with the signal's reason where it was stopped.
 */
export const openWorkshop = async (
  { file, here, beside = new Map() }: ToOpen,
  signal: AbortSignal,
): Promise<Held> =>
  heard(await inThread<Told<Held>>(async (remote) => remote.open(file, here, beside), signal));
