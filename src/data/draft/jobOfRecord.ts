import type { CauseCode } from '../../core/diagnose/causeCodes';
import { mixedGOf } from '../../core/record/batchFigures';
import type { PieceRecord, PourRecord } from '../../core/record/recordSchema';
import { formatPlain } from '../../core/quantity/format';
import type { Resin } from '../../core/resin/resinSchema';
import { newJobDraft, type JobDraft } from './jobDraft';

type Prepare = NonNullable<JobDraft['prepare']>;

/** A job that minds something this time; once is enough. */
export function withLesson(draft: JobDraft, cause: CauseCode): JobDraft {
  const lessons = (draft.prepare?.lessons ?? []) as readonly CauseCode[];
  if (lessons.includes(cause)) return draft;
  return { ...draft, prepare: { ...draft.prepare, lessons: [...lessons, cause] } as Prepare };
}

const mixedOf = ({ layers }: PourRecord): number =>
  layers.reduce(
    (sum, { batches }) => sum + batches.reduce((all, { aG = 0, bG = 0 }) => all + aG + bG, 0),
    0,
  );

/** The name of a piece that is made once more. */
const againName = (name: string): string => `${name.slice(0, 190)} (again)`;

/**
 * A job to make a piece once more from what really happened: its own job where that is there, in the room that it was poured in;
 * otherwise as much of its resin as was really mixed.
 * @param job of the record, as it stands; undefined where it is gone
 * @param cards on the shelf
 * @returns undefined where nothing tells how much of what it took
 */
export function jobAgain(
  piece: PieceRecord,
  job: JobDraft | undefined,
  cards: readonly Resin[],
): JobDraft | undefined {
  const [first] = piece.pours;
  const room =
    first?.roomC === undefined
      ? {}
      : { room: { temperature: `${formatPlain(first.roomC, 1)} °C` } };
  if (job !== undefined) return { ...job, ...room, name: againName(piece.name) };
  const most = piece.pours.reduce<PourRecord | undefined>(
    (best, each) => (best === undefined || mixedOf(each) > mixedOf(best) ? each : best),
    undefined,
  );
  const card = cards.find(({ name }) => name === most?.resin) ?? most?.card;
  const grams = mixedGOf(piece);
  if (card === undefined || grams === undefined || most === undefined) return undefined;
  const { hardener } = most;
  return {
    ...newJobDraft(card),
    ...room,
    name: againName(piece.name),
    measure: { parts: [{ shape: 'amount', amount: `${formatPlain(grams, 1)} g`, count: '1' }] },
    pours: [{ resin: card, overage: '0 %', ...(hardener === undefined ? {} : { hardener }) }],
  };
}
