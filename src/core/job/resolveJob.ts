import type { Mould } from '../measure/mould/mouldSchema';
import type { Part } from '../measure/parts/partSchema';
import { InputError } from '../problem';
import { mixingAtPace, type OwnPace } from '../mix/working';
import { familyOf } from '../resin/families';
import { readResin, type ReadResin } from '../resin/readResin';
import type { Resin } from '../resin/resinSchema';
import { withHardener } from '../resin/withHardener';
import type { Shelf } from '../plan/planTypes';
import { slowedBy, thinnessOf } from '../production/thinCasting';
import { withRun } from '../production/withRuns';
import type { PourRole } from './pourChoices';
import { fieldInJob, jobPour, type JobPour } from './jobPour';
import type { Job, Measure, Pour } from './jobSchema';

/** A card that a job names and that is not where it was. */
export interface MissingCard {
  readonly code: 'resin-not-on-shelf' | 'mould-not-in-library';
  readonly name: string;
  /** The pour that names it; undefined for the job's own measure. */
  readonly pour: number | undefined;
}

/** One pour with its cards found. */
export interface ResolvedPour {
  readonly index: number;
  /** Stays with the pour where its place does not. */
  readonly id: string;
  readonly name: string | undefined;
  readonly role: PourRole;
  /** With the moulds that count. */
  readonly said: JobPour;
  /** As on the shelf, with all of its hardeners. */
  readonly found: Resin;
  /** With its hardener. */
  readonly card: Resin;
  readonly resin: ReadResin;
}

/** A job with the cards that count for it, each found once. */
export interface ResolvedJob {
  readonly job: Job;
  readonly pours: readonly ResolvedPour[];
  readonly leftoverMoulds: readonly Mould[];
  readonly missing: readonly MissingCard[];
  /** The person's own, where pours say nothing. */
  readonly pace: OwnPace | undefined;
}

/** The same measure with another card for each mould in it. */
export function withMoulds(
  { parts, inserts, ...measure }: Measure,
  change: (mould: Mould) => Mould,
): Measure {
  const changed = <P extends Part>(part: P): P =>
    part.shape === 'mould' ? { ...part, mould: change(part.mould) } : part;
  return {
    ...measure,
    parts: parts.map(changed),
    ...(inserts === undefined ? {} : { inserts: inserts.map(changed) }),
  };
}

/** The job with other cards in place of its copies. */
export function withOtherCards(
  job: Job,
  change: {
    readonly resin: (card: Resin, pour: number) => Resin;
    readonly mould: (mould: Mould, pour: number | undefined) => Mould;
  },
): Job {
  return {
    ...job,
    ...(job.measure === undefined
      ? {}
      : { measure: withMoulds(job.measure, (mould) => change.mould(mould, undefined)) }),
    ...(job.leftoverMoulds === undefined
      ? {}
      : { leftoverMoulds: job.leftoverMoulds.map((mould) => change.mould(mould, undefined)) }),
    pours: job.pours.map((pour, index) => ({
      ...pour,
      resin: change.resin(pour.resin, index),
      ...(pour.measure === undefined
        ? {}
        : { measure: withMoulds(pour.measure, (mould) => change.mould(mould, index)) }),
    })),
  };
}

/** What a pour is for where it does not say so: by what it covers, and what has been poured before. */
function roleOf({ role, covers, measure, resin }: Pour, index: number, job: Job): PourRole {
  if (role !== undefined) return role;
  if (covers !== undefined) {
    const filled = job.pours.slice(0, index).some(({ covers: others }) => others === undefined);
    return filled ? 'coat' : 'seal';
  }
  const { parts } = measure ?? job.measure ?? { parts: [] };
  if (parts.length > 0 && parts.every(({ shape }) => shape === 'coat')) return 'coat';
  return familyOf(resin.family).kind === 'silicone' ? 'mould' : 'fill';
}

/**
 * Finds the cards of a job: those of the shelf stand in place of its copies, so that a mended card mends its jobs. A card that
 * is not there any more leaves the copy, and is told.
 * @param shelf left out where there is none to look at, as for a file
 * @throws InputError `no-such-hardener`
 */
export function resolveJob(job: Job, shelf: Shelf | undefined): ResolvedJob {
  const missing: MissingCard[] = [];
  const card = <C extends { readonly id?: string | undefined; readonly name: string }>(
    own: C,
    cards: readonly C[],
    code: MissingCard['code'],
    pour: number | undefined,
  ): C => {
    if (own.id === undefined) return own;
    const found = cards.find(({ id }) => id === own.id);
    if (found === undefined) missing.push({ code, name: own.name, pour });
    return found ?? own;
  };
  const found =
    shelf === undefined
      ? job
      : withOtherCards(job, {
          resin: (own, pour) => card(own, shelf.resins, 'resin-not-on-shelf', pour),
          mould: (own, pour) => card(own, shelf.moulds, 'mould-not-in-library', pour),
        });
  const counted = found.pours.reduce(
    (all, pour, index) =>
      pour.run === undefined ? all : ofPour(pour, index, () => withRun(all, index)),
    found,
  );
  return {
    job: counted,
    leftoverMoulds: counted.leftoverMoulds ?? [],
    missing,
    pace: shelf?.pace,
    pours: counted.pours.map((_, index) => resolvedPour(counted, index, shelf?.pace)),
  };
}

/** A pour of a job whose cards have been found, with its hardener. */
function resolvedPour(job: Job, index: number, pace: OwnPace | undefined): ResolvedPour {
  const pour = job.pours[index]!;
  const card = ofPour(pour, index, () => withHardener(pour.resin, pour.hardener));
  const said = jobPour(job, index);
  return {
    index,
    id: pour.id ?? `pour-${index + 1}`,
    name: pour.name?.trim() || undefined,
    role: roleOf(pour, index, job),
    said: { ...said, mixing: mixingAtPace(said.mixing, card.family, pace) },
    found: pour.resin,
    card,
    resin: slowedBy(readResin(card), thinnessOf(said, card.family)),
  };
}

/**
 * The same job with one of its pours changed; what was found for the others stands.
 * @param change what the pour says instead, its card as it is on the shelf
 * @throws InputError `no-such-hardener`
 */
export function withOtherPour(
  resolved: ResolvedJob,
  index: number,
  change: (pour: Pour) => Pour,
): ResolvedJob {
  const pours = resolved.job.pours.map((pour, at) => (at === index ? change(pour) : pour));
  const job = { ...resolved.job, pours };
  return {
    ...resolved,
    job,
    pours: resolved.pours.map((pour, at) =>
      at === index ? resolvedPour(job, index, resolved.pace) : pour,
    ),
  };
}

/** Runs what belongs to one pour, and tells its problems by their place in the job. */
export function ofPour<T>(pour: Pour, index: number, work: () => T): T {
  try {
    return work();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    const field = fieldInJob(pour, index, error.field);
    throw error.at(field);
  }
}
