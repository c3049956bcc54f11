import { labelOf } from '../../core/resin/labelOf';
import type { PieceRecord } from '../../core/record/recordSchema';
import { keptPieceOf, pieceCollection } from '../repositories';
import type { Write } from '../store/changes';
import { demoResins } from './demoResins';
import type { DemoRecord } from './demoRecord';
import { demoYearRecords } from './demoYear';

const minuteMs = 60_000;
const dayMs = 24 * 60 * minuteMs;

/** What the barge's crew cast last, each with a story. */
const lastRecords: readonly DemoRecord[] = [
  {
    id: 'demo-record-tray',
    name: 'Tray for the chart drawer',
    job: 'demo-drawer-tray',
    daysAgo: 20,
    resin: 'demo-slow-clear',
    roomC: 21,
    pour: { timberSealed: true, formSealed: true, released: true },
    layers: [
      {
        depthMm: 22,
        afterMin: 0,
        peakC: 41,
        batches: [
          { planned: [610, 182], weighed: [611, 182], stirredMin: 5, inCupMin: 24 },
          { planned: [610, 182], weighed: [610, 183], stirredMin: 5, inCupMin: 22 },
        ],
      },
    ],
    readings: [
      [360, 29],
      [720, 38],
      [960, 40],
      [1320, 35],
    ],
    rating: 5,
    faults: [],
    notes: 'Clear to the bottom. Planed after three weeks.',
  },
  {
    id: 'demo-record-shelf',
    name: 'Wheelhouse shelf',
    daysAgo: 48,
    resin: 'demo-slow-clear',
    roomC: 14,
    pour: {
      timberSealed: true,
    },
    lot: { name: 'Clear 3', openDays: 430 },
    layers: [
      {
        depthMm: 20,
        afterMin: 0,
        peakC: 30,
        batches: [
          { planned: [420, 125], weighed: [420, 125], stirredMin: 70 / 60, inCupMin: 20 },
          { planned: [420, 125], weighed: [420, 132.5], stirredMin: 5, inCupMin: 22 },
        ],
      },
    ],
    readings: [[600, 17.5]],
    rating: 2,
    faults: [
      ['tacky', 2],
      ['soft-spots', 1],
    ],
    notes: 'Still sticks after four days.',
  },
  {
    id: 'demo-record-step',
    name: 'Companionway step',
    daysAgo: 83,
    resin: 'demo-slow-clear',
    roomC: 23,
    pour: { timberSealed: false, released: true },
    layers: [
      {
        depthMm: 30,
        afterMin: 0,
        peakC: 52,
        batches: [{ planned: [900, 268], weighed: [902, 269], stirredMin: 5, inCupMin: 31 }],
      },
      {
        depthMm: 30,
        afterMin: 31 * 60,
        window: [9 * 60, 15 * 60],
        peakC: 55,
        batches: [{ planned: [900, 268], weighed: [900, 268], stirredMin: 4, inCupMin: 29 }],
      },
    ],
    readings: [
      [480, 39],
      [780, 51],
      [1080, 44],
    ],
    rating: 3,
    faults: [
      ['delaminated', 2],
      ['bubbles-at-timber', 1],
    ],
    notes: 'The upper half rang hollow. Bubbles in a row along the bark.',
  },
];

const labelOfDemo = (id: string) => {
  const card = demoResins.find((each) => each.id === id);
  if (card === undefined) throw new RangeError(`the demo has no resin ${id}`);
  return labelOf(card);
};

const dayOf = (ms: number): string => new Date(ms).toISOString().slice(0, 10);

function pieceOf(record: DemoRecord, nowMs: number): PieceRecord {
  const { name, job, daysAgo, resin, roomC, lot, layers, readings, rating, faults, notes } = record;
  // Ten in the morning or so: nobody pours at the hour at which somebody looks.
  const madeAt = Math.floor((nowMs - daysAgo * dayMs) / dayMs) * dayMs + 9 * 60 * minuteMs;
  const card = labelOfDemo(resin);
  return {
    name,
    job,
    madeAt,
    pours: [
      {
        name: '',
        resin: card.name,
        family: card.family,
        card,
        lots:
          lot === undefined
            ? []
            : [
                {
                  name: lot.name,
                  part: 'b',
                  opened: dayOf(madeAt - lot.openDays * dayMs),
                  bestBefore: undefined,
                },
              ],
        mould: undefined,
        roomC,
        resinC: roomC,
        pigmentPercent: 0,
        fillerShare: 0,
        seen: [],
        looks: [],
        drops: [],
        said: [],
        ...record.pour,
        layers: layers.map(({ depthMm, afterMin, window, peakC, batches }, at) => {
          const begunAt = madeAt + afterMin * minuteMs;
          return {
            depthMm,
            joint: at === 0 ? undefined : ('tacky' as const),
            begunAt,
            pouredAt: begunAt + batches.length * 40 * minuteMs,
            window: window && { fromMin: window[0], toMin: window[1] },
            scuffFromMin: at === 0 ? undefined : 60 * 60,
            peakC,
            bubblePasses: [],
            batches: batches.map((batch, place) => {
              const metAt = begunAt + (place * 40 + 5) * minuteMs;
              return {
                id: `layer-${at + 1}/${place + 1}`,
                plannedAG: batch.planned[0],
                plannedBG: batch.planned[1],
                aG: batch.weighed[0],
                bG: batch.weighed[1],
                metAt,
                pouredAt: metAt + batch.inCupMin * minuteMs,
                pourableMin: 190,
                leftG: batch.leftG,
                pouringMin: 4 + (place % 3),
                stirredMin: batch.stirredMin,
                plannedStirMin: 5,
                secondCup: batch.stirredMin > 2,
              };
            }),
          };
        }),
        readings: readings.map(([min, c]) => ({
          at: madeAt + min * minuteMs,
          c,
          place: 'core' as const,
        })),
      },
    ],
    rating,
    faults: faults.map(([kind, severity]) => ({
      kind,
      severity,
      place: undefined,
      note: undefined,
    })),
    photos: [],
    notes,
  };
}

const records = [...lastRecords, ...demoYearRecords];

/** How many records the demo has. */
export const demoRecordCount = records.length;

/** The records of the demo, as long ago as they are told. */
export const demoRecordWrites = (nowMs: number): readonly Write[] =>
  records.map((record) => {
    const kept = keptPieceOf(pieceOf(record, nowMs), undefined, record.id);
    return pieceCollection.creation(kept);
  });
