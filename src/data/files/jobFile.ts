import { readJob } from '../../core/job/readJob';
import type { Job } from '../../core/job/jobSchema';
import { resolveJob, withOtherCards } from '../../core/job/resolveJob';
import { mouldInJob } from '../../core/measure/mould/mouldInJob';
import type { Shelf } from '../../core/plan/planTypes';
import { jsonOf } from '../../core/schema/jsonText';

/** A job that leaves this shelf: resins and moulds are the cards as they are now. */
export const jobToCarry = (job: Job, shelf: Shelf): Job =>
  withOtherCards(resolveJob(job, shelf).job, { resin: (card) => card, mould: mouldInJob });

/** A job as the file that Nipperkin and its command read. */
export const jobFileText = (job: Job, shelf: Shelf): string =>
  `${JSON.stringify(jobToCarry(job, shelf), null, 2)}\n`;

/**
 * A job that came from another shelf. A card that is not on this one stays with the job and loses its tie to the other.
 * @throws InputError for the first thing that is wrong
 */
export function readCarriedJob(value: unknown, shelf: Shelf): Job {
  const job = readJob(value);
  const own = <C extends { readonly id?: string | undefined }>(card: C, cards: readonly C[]): C => {
    if (cards.some(({ id }) => id === card.id)) return card;
    const { id: _, ...untied } = card;
    return untied as C;
  };
  return withOtherCards(job, {
    resin: (card) => own(card, shelf.resins),
    mould: (mould) => own(mould, shelf.moulds),
  });
}

/**
 * Reads a job file.
 * @throws InputError for the first thing that is wrong
 */
export const readJobFile = (text: string, shelf: Shelf): Job => readCarriedJob(jsonOf(text), shelf);
