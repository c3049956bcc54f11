import type { PieceRecord, PourRecord } from './recordSchema';

/** Lists of moments, put together without one of them twice. */
export const together = <T extends { readonly at: number }>(
  one: readonly T[],
  other: readonly T[],
): T[] => {
  const known = new Set(one.map(({ at }) => at));
  return [...one, ...other.filter(({ at }) => !known.has(at))].sort((a, b) => a.at - b.at);
};

/** A pour as the bench tells it by now: what somebody has put right by hand stays, and so does what the bench knows nothing of. */
function renewed(before: PourRecord, now: PourRecord): PourRecord {
  const seen = together(before.seen, now.seen);
  const readings = together(before.readings, now.readings);
  const looks = together(before.looks, now.looks);
  if (before.byHand === true) return { ...before, readings, seen, looks };
  const said = Object.fromEntries(
    before.said.map((what) => [what, before[what as keyof PourRecord]]),
  ) as Partial<PourRecord>;
  return {
    ...now,
    ...said,
    said: before.said,
    readings,
    seen,
    lots: now.lots.length > 0 ? now.lots : before.lots,
    mould: now.mould ?? before.mould,
    humidityPercent: before.humidityPercent,
  };
}

/** When a piece was begun: its first pour that was. */
const begunAt = ({ layers }: PourRecord): readonly number[] =>
  layers.flatMap((layer) => (layer.begunAt === undefined ? [] : [layer.begunAt]));

/**
 * A record with a pour as the bench tells it by now.
 * @param piece undefined where it is the first of its piece
 * @param of what the piece is called, and its job
 */
export function withPour(
  piece: PieceRecord | undefined,
  now: PourRecord,
  of: { readonly name: string; readonly job: string; readonly startedAt: number },
): PieceRecord {
  const pours = piece?.pours ?? [];
  const isKnown = pours.some(({ live }) => live === now.live);
  const next = isKnown
    ? pours.map((each) => (each.live === now.live ? renewed(each, now) : each))
    : [...pours, now];
  const base: PieceRecord = piece ?? {
    name: of.name,
    job: of.job,
    madeAt: of.startedAt,
    pours: [],
    faults: [],
    photos: [],
    notes: '',
  };
  return {
    ...base,
    madeAt: Math.min(base.madeAt, ...next.flatMap(begunAt)),
    pours: next,
  };
}
