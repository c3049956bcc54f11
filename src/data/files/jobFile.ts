import { getDocumentAsync } from 'expo-document-picker';
import { readJob, type Job } from '../../core/job';
import { InputError } from '../../core/problem';
import type { Shelf } from '../../core/plan/planTypes';

/** A job as the file that Nipperkin and its command read; the resin is the card as it is on the shelf now. */
export function jobFileText(job: Job, shelf: Shelf): string {
  const card = shelf.resins.find(({ id }) => id !== undefined && id === job.resin.id);
  return `${JSON.stringify({ ...job, resin: card ?? job.resin }, null, 2)}\n`;
}

/**
 * Reads a job file.
 * A card that is not on this shelf stays with the job and loses its tie to the other shelf.
 * @throws InputError for the first thing that is wrong
 */
export function readJobFile(text: string, shelf: Shelf): Job {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    throw new InputError('not-json', text.slice(0, 40));
  }
  const job = readJob(value);
  const { id, ...card } = job.resin;
  return shelf.resins.some((resin) => resin.id === id) ? job : { ...job, resin: card };
}

/** Lets the person choose a file; undefined when they think better of it. */
export async function chooseJobFile(): Promise<string | undefined> {
  const chosen = await getDocumentAsync({ type: 'application/json', base64: false });
  return chosen.assets?.[0]?.file?.text();
}
