import { pourOf, type BenchCopy } from '../../core/bench/benchCopy';
import { pouredOf, type Poured } from '../../core/bench/poured';
import type { BenchState } from '../../core/bench/benchState';
import type { PourRecord } from '../../core/record/recordSchema';
import { takeOff } from '../../core/stock/takeOff';
import { moulds, resins } from '../kinds/kinds';
import { readOne } from '../kinds/readOne';
import type { LiveRecord } from '../records/liveRecord';
import { mouldCollection, mouldRecordOf, resinCollection, resinRecordOf } from '../repositories';
import type { Write } from '../store/changes';
import type { RecordStore } from '../store/recordStore';
import { today } from '../today';

/** What a pour has had of the shelf, as its record keeps it. */
type FromShelf = Pick<LiveRecord, 'takenG' | 'lots' | 'restShare' | 'castingsBefore'>;

/** Less is what sums of figures leave over, g. */
const dustG = 1e-3;

/** What was mixed since comes off the lots of its card; what was opened again goes back. */
async function lotsOf(
  store: RecordStore,
  { takenG = 0, lots = [] }: FromShelf,
  copy: BenchCopy,
  { g }: Poured,
): Promise<{ readonly lots: FromShelf['lots']; readonly writes: readonly Write[] }> {
  const moreG = g - takenG;
  const pour = pourOf(copy);
  const card = copy.plan.buying.find(({ pours }) => pours.includes(copy.pour))?.card;
  if (Math.abs(moreG) < dustG || card?.id === undefined) return { lots, writes: [] };
  const { record } = await readOne(store, resins, card.id);
  const before = record?.resin.lots ?? [];
  if (record === undefined || (before.length === 0 && lots.length === 0)) {
    return { lots, writes: [] };
  }
  const taken = lots.map(({ name, opened, bestBefore, usedG = 0 }) => ({
    name,
    opened,
    bestBefore,
    usedG,
  }));
  const { resin: mix } = pour;
  const now = takeOff({ lots: before, taken }, moreG, mix.mixedDensityGPerMl, today());
  const resin = { ...record.resin, lots: now.lots };
  return {
    lots: now.taken.map((each) => ({ ...each, part: 'both' })),
    writes: [resinCollection.change(resinRecordOf(resin, record.calibrations, record), record)],
  };
}

/** What is cast counts on its moulds, once: as it is in them. */
async function castingsOf(
  store: RecordStore,
  { castingsBefore }: FromShelf,
  copy: BenchCopy,
  { isWhole }: Poured,
): Promise<{ readonly counted: FromShelf['castingsBefore']; readonly writes: readonly Write[] }> {
  const cast = copy.moulds ?? [];
  if (!isWhole || castingsBefore !== undefined || cast.length === 0) {
    return { counted: castingsBefore, writes: [] };
  }
  const counted: NonNullable<FromShelf['castingsBefore']> = [];
  const writes: Write[] = [];
  for (const id of new Set(cast.map((each) => each.id))) {
    const { record } = await readOne(store, moulds, id);
    if (record === undefined) continue;
    const castings = record.mould.castings ?? 0;
    const times = cast.reduce((sum, each) => sum + (each.id === id ? each.times : 0), 0);
    counted.push({ id, castings });
    const mould = { ...record.mould, castings: castings + times };
    writes.push(mouldCollection.change(mouldRecordOf(mould, record), record));
  }
  return { counted, writes };
}

/**
 * What a pour has had of the shelf by now, and what is written for that: its lots have less, its moulds a casting more.
 * @param before what it had so far
 * @param states before something was done, and after: what a pour of an older version had by then was not counted, and stays so
 */
export async function shelfOfPour(
  store: RecordStore,
  before: FromShelf,
  copy: BenchCopy,
  states: readonly [BenchState, BenchState],
): Promise<{ readonly now: FromShelf; readonly writes: readonly Write[] }> {
  const [was, poured] = [pouredOf(copy, states[0]), pouredOf(copy, states[1])];
  const { lots, writes } = await lotsOf(store, { takenG: was.g, ...before }, copy, poured);
  const { counted, writes: casts } = was.isWhole
    ? { counted: before.castingsBefore, writes: [] }
    : await castingsOf(store, before, copy, poured);
  return {
    now: {
      takenG: poured.g,
      lots,
      restShare: poured.restShare,
      castingsBefore: counted,
    },
    writes: [...writes, ...casts],
  };
}

/** The same as a record of the pour keeps it. */
export function shelfInRecord(
  { lots = [], castingsBefore = [] }: FromShelf,
  { moulds: cast = [] }: BenchCopy,
): Pick<PourRecord, 'lots' | 'mould'> {
  const [first] = cast;
  const counted = castingsBefore.find(({ id }) => id === first?.id);
  return {
    lots,
    mould: first && {
      id: first.id,
      name: first.name,
      castingsBefore: counted?.castings,
    },
  };
}
