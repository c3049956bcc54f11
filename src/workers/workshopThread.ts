import type { Remote } from 'comlink';
import type { Held } from '../data/workshop/heldAgainst';
import type { Kept } from '../data/workshop/kept';
import { createWorkerClient } from './client';
import { asReader, heard, type Told } from './told';
import type { WorkshopWorker } from './workshopWorker';

const client = createWorkerClient<WorkshopWorker>(
  () => new Worker(new URL('./workshop.worker', import.meta.url)),
  // What it has read is much: it is gone with the answer.
  { answerMs: 120_000, restMs: 0 },
);

/** Runs work in a thread; what fails is told as a file that is too much for this device. */
async function inThread<T>(
  work: (remote: Remote<WorkshopWorker>) => Promise<T>,
  signal?: AbortSignal,
): Promise<T> {
  try {
    return await client.ask(work, signal);
  } catch (error) {
    throw asReader(error);
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
