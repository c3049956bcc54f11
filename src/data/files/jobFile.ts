import { readJob, type Job } from '../../core/job';
import { mouldInJob } from '../../core/measure/mould/mouldSchema';
import { withCards, withMoulds } from '../../core/plan/fromShelf';
import type { Shelf } from '../../core/plan/planTypes';
import { jsonOf } from '../../core/schema/jsonText';

/** A job as the file that Nipperkin and its command read; resin and moulds are the cards as they are now. */
export function jobFileText(job: Job, shelf: Shelf): string {
  const { resin, measure } = withCards(job, shelf);
  return `${JSON.stringify({ ...job, resin, measure: withMoulds(measure, mouldInJob) }, null, 2)}\n`;
}

/**
 * Reads a job file.
 * A card that is not on this shelf stays with the job and loses its tie to the other shelf.
 * @throws InputError for the first thing that is wrong
 */
export function readJobFile(text: string, shelf: Shelf): Job {
  const job = readJob(jsonOf(text));
  const own = <C extends { readonly id?: string | undefined }>(card: C, cards: readonly C[]): C => {
    if (cards.some(({ id }) => id === card.id)) return card;
    const { id: _, ...untied } = card;
    return untied as C;
  };
  return {
    ...job,
    resin: own(job.resin, shelf.resins),
    measure: withMoulds(job.measure, (mould) => own(mould, shelf.moulds)),
  };
}
