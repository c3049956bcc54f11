import type { BenchCopy } from '../../core/bench/benchCopy';
import { benchState } from '../../core/bench/benchState';
import { pourRecordOf, type TickedOff } from '../../core/record/pourRecordOf';
import type { PieceRecord } from '../../core/record/recordSchema';
import { withPour } from '../../core/record/withPour';
import { copies, lives, pieces, ticks } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import type { LiveRecord } from '../records/liveRecord';
import type { TicksRecord } from '../records/ticksRecord';
import { keptPieceOf, pieceCollection } from '../repositories';
import type { Write } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import { shelfInRecord } from './shelfOfPour';

type Ticks = Pick<TicksRecord, 'lines' | 'tasks'>;

/** The record that a pour is written to; those of older versions have one of their own. */
export const recordOf = ({
  id,
  piece,
}: {
  readonly id: string;
  readonly piece?: string | undefined;
}): string => piece ?? id;

interface OnePour {
  readonly live: LiveRecord;
  readonly copy: BenchCopy;
}

const tickedOff = ({ lines = [], tasks = [] }: Partial<Ticks> = {}): TickedOff => ({
  lines: new Set(lines.map(({ id }) => id)),
  tasks: new Map(tasks.map(({ id, from }) => [id, Date.parse(from)])),
});

/** A record with a pour as it stands by now; as it was where none of the pour is in the mould yet. */
function pieceWith(
  piece: PieceRecord | undefined,
  { live, copy }: OnePour,
  ticked: TickedOff,
): PieceRecord | undefined {
  const state = benchState(copy, live.events);
  if (state.layers.every(({ pouredAt }) => pouredAt === undefined)) return piece;
  const pour = pourRecordOf(copy, state, live.id, ticked);
  return withPour(piece, { ...pour, ...shelfInRecord(live, copy) }, live);
}

/** What these pours of one record make of it. */
async function written(
  store: RecordStore,
  id: string,
  pours: readonly OnePour[],
  ticked: TickedOff,
): Promise<readonly Write[]> {
  const { record: before } = await readOne(store, pieces, id);
  const piece = pours.reduce<PieceRecord | undefined>(
    (so, pour) => pieceWith(so, pour, ticked),
    before?.piece,
  );
  if (piece === undefined) return [];
  const next = keptPieceOf(piece, before, id);
  if (JSON.stringify(next.piece) === JSON.stringify(before?.piece)) return [];
  return [
    before === undefined ? pieceCollection.creation(next) : pieceCollection.change(next, before),
  ];
}

/** What a pour makes of its record: nothing before any of it is in the mould. */
export async function recordedIn(
  store: RecordStore,
  live: LiveRecord,
  copy: BenchCopy,
): Promise<readonly Write[]> {
  const { record } = await readOne(store, ticks, live.job);
  return written(store, recordOf(live), [{ live, copy }], tickedOff(record));
}

/**
 * What the pours of a job make of their records once something of the job is ticked off, each the last time that it was poured.
 * @param told what is ticked off then
 */
export async function recordedByTicks(
  store: RecordStore,
  job: string,
  told: Ticks,
): Promise<readonly Write[]> {
  const { records } = await lives.listing.read(store);
  const latest = new Map<number, string>();
  for (const { id, job: of, pour } of records) {
    if (of === job && !latest.has(pour)) latest.set(pour, id);
  }
  const byRecord = new Map<string, OnePour[]>();
  for (const id of latest.values()) {
    const [{ record: live }, { record: copy }] = await Promise.all([
      readOne(store, lives, id),
      readOne(store, copies, id),
    ]);
    if (live === undefined || copy === undefined) continue;
    const own = byRecord.get(recordOf(live)) ?? [];
    byRecord.set(recordOf(live), [...own, { live, copy: copy.copy }]);
  }
  const ticked = tickedOff(told);
  const writes = await Promise.all(
    [...byRecord].map(([id, pours]) => written(store, id, pours, ticked)),
  );
  return writes.flat();
}
