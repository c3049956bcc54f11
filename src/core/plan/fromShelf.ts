import type { Job } from '../job';
import type { Mould } from '../measure/mould/mouldSchema';
import type { Part } from '../measure/parts/partSchema';
import type { Resin } from '../resin/resinSchema';
import type { Shelf, Warning } from './planTypes';

/** A job with the cards that count for it. */
export interface JobWithCards {
  readonly resin: Resin;
  readonly measure: Job['measure'];
  readonly leftoverMoulds: readonly Mould[];
  readonly warnings: readonly Warning[];
}

/** The same measure with another card for each mould in it. */
export function withMoulds(
  { parts, inserts, ...measure }: Job['measure'],
  change: (mould: Mould) => Mould,
): Job['measure'] {
  const changed = <P extends Part>(part: P): P =>
    part.shape === 'mould' ? { ...part, mould: change(part.mould) } : part;
  return {
    ...measure,
    parts: parts.map(changed),
    ...(inserts === undefined ? {} : { inserts: inserts.map(changed) }),
  };
}

/**
 * Puts the cards of the shelf in place of the copies in the job, so that a mended card mends its jobs.
 * A card that is not there any more leaves the copy, with a warning.
 * @param shelf left out where there is none to look at, as for a file
 */
export function withCards(job: Job, shelf: Shelf | undefined): JobWithCards {
  const { leftoverMoulds = [] } = job;
  if (shelf === undefined) {
    return { resin: job.resin, measure: job.measure, leftoverMoulds, warnings: [] };
  }
  const warnings: Warning[] = [];
  const card = <C extends { readonly id?: string | undefined; readonly name: string }>(
    own: C,
    cards: readonly C[],
    code: Warning['code'],
  ): C => {
    if (own.id === undefined) return own;
    const found = cards.find(({ id }) => id === own.id);
    if (found === undefined) warnings.push({ code, severity: 'tell', data: { name: own.name } });
    return found ?? own;
  };
  return {
    resin: card(job.resin, shelf.resins, 'resin-not-on-shelf'),
    measure: withMoulds(job.measure, (mould) => card(mould, shelf.moulds, 'mould-not-in-library')),
    leftoverMoulds: leftoverMoulds.map((mould) =>
      card(mould, shelf.moulds, 'mould-not-in-library'),
    ),
    warnings,
  };
}
