import { readJob } from '../../core/job/readJob';
import type { Job } from '../../core/job/jobSchema';
import { resolveJob, withOtherCards } from '../../core/job/resolveJob';
import { mouldInJob } from '../../core/measure/mould/mouldInJob';
import type { Shelf } from '../../core/plan/planTypes';
import { jsonOf } from '../../core/schema/jsonText';

/** A job as the file that Nipperkin and its command read; resins and moulds are the cards as they are now. */
export function jobFileText(job: Job, shelf: Shelf): string {
  const found = resolveJob(job, shelf).job;
  const kept = withOtherCards(found, { resin: (card) => card, mould: mouldInJob });
  return `${JSON.stringify(kept, null, 2)}\n`;
}

/**
 * Reads a job file.
 * A card that is not on this shelf stays with the job and loses its tie to the other shelf.
 * @throws InputError for the first thing that is wrong
 */
export function readJobFile(text: string, shelf: Shelf): Job {
  const value = jsonOf(text);
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
