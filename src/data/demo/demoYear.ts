import type { OverageKind } from '../../core/measure/allowances/overage';
import type { FaultKind } from '../../core/record/faults';
import type { PourRecord } from '../../core/record/recordSchema';
import type { DemoRecord } from './demoRecord';
// Made by `scripts/make-demo.ts`: what a thermometer told of the pours that were measured, °C, every hour.
import curves from './files/curves.json';

/** What one piece took and how it turned out, in few words. */
interface PlainPiece {
  readonly name: string;
  readonly daysAgo: number;
  readonly resin: string;
  readonly depthMm: number;
  readonly roomC: number;
  /** Of each batch, g. */
  readonly planned: readonly [aG: number, bG: number];
  readonly batches: number;
  readonly rating: number;
  readonly stirredMin?: number;
  /** Of one batch, how much more of B than planned, percent. */
  readonly overBPercent?: number;
  readonly lot?: { readonly name: string; readonly openDays: number };
  readonly pour?: Partial<PourRecord>;
  readonly faults?: readonly (readonly [FaultKind, 1 | 2 | 3])[];
  readonly notes?: string;
  /** It was measured, and cured so much faster than its label. */
  readonly rate?: number;
}

const deep = { resin: 'demo-slow-clear', planned: [640, 191], stirredMin: 5 } as const;
const knobs = { resin: 'demo-knob-casting', planned: [90, 30], stirredMin: 4 } as const;
const coat = { resin: 'demo-table-coat', planned: [240, 120], stirredMin: 4 } as const;

/** A year on the barge. */
export const demoYear: readonly PlainPiece[] = [
  {
    name: 'Saloon bench end',
    daysAgo: 31,
    ...deep,
    depthMm: 44,
    roomC: 20,
    batches: 2,
    rating: 5,
    rate: 1.14,
  },
  { name: 'Coat hooks, six', daysAgo: 36, ...knobs, depthMm: 18, roomC: 20, batches: 1, rating: 4 },
  {
    name: 'Galley shelf, flood coat',
    daysAgo: 41,
    ...coat,
    depthMm: 3,
    roomC: 19,
    batches: 2,
    rating: 3,
    pour: { surfaceCleaned: false, humidityPercent: 62 },
    faults: [['craters', 2]],
    notes: 'Little round dips along the front edge.',
  },
  {
    name: 'Tiller inlay',
    daysAgo: 57,
    ...deep,
    depthMm: 42,
    roomC: 19,
    batches: 1,
    rating: 4,
    rate: 1.1,
  },
  {
    name: 'Drawer pulls, first run',
    daysAgo: 64,
    ...knobs,
    depthMm: 22,
    roomC: 18,
    batches: 2,
    rating: 4,
  },
  {
    name: 'Barometer board',
    daysAgo: 72,
    ...deep,
    depthMm: 26,
    roomC: 17,
    batches: 1,
    rating: 4,
    pour: { timberSealed: true, released: true },
  },
  { name: 'Chart weights', daysAgo: 96, ...knobs, depthMm: 30, roomC: 22, batches: 2, rating: 5 },
  {
    name: 'Stair tread, upper',
    daysAgo: 104,
    ...deep,
    depthMm: 46,
    roomC: 22,
    batches: 3,
    rating: 5,
    rate: 1.17,
  },
  {
    name: 'Lantern plinth',
    daysAgo: 118,
    ...deep,
    depthMm: 40,
    roomC: 23,
    batches: 2,
    rating: 4,
    rate: 1.12,
  },
  { name: 'Bread board edge', daysAgo: 127, ...coat, depthMm: 2, roomC: 24, batches: 1, rating: 5 },
  {
    name: 'Porthole tray',
    daysAgo: 139,
    ...deep,
    depthMm: 25,
    roomC: 25,
    batches: 2,
    rating: 2,
    pour: { timberSealed: false },
    faults: [['bubbles-at-timber', 2]],
    notes: 'A row of bubbles along every wormhole.',
  },
  { name: 'Cleat blanks', daysAgo: 153, ...knobs, depthMm: 24, roomC: 24, batches: 3, rating: 4 },
  {
    name: 'Coffee table, left leaf',
    daysAgo: 166,
    ...deep,
    depthMm: 45,
    roomC: 24,
    batches: 3,
    rating: 4,
    rate: 1.19,
  },
  {
    name: 'Spice rack',
    daysAgo: 178,
    ...coat,
    depthMm: 3,
    roomC: 23,
    batches: 1,
    rating: 5,
    pour: { surfaceCleaned: true, covered: true },
  },
  { name: 'Name board', daysAgo: 194, ...deep, depthMm: 22, roomC: 21, batches: 1, rating: 5 },
  {
    name: 'Door knobs, wheelhouse',
    daysAgo: 207,
    ...knobs,
    depthMm: 26,
    roomC: 20,
    batches: 1,
    rating: 2,
    overBPercent: 9,
    faults: [['tacky', 2]],
    notes: 'Bends after a week.',
  },
  { name: 'Boot shelf', daysAgo: 221, ...deep, depthMm: 24, roomC: 18, batches: 2, rating: 4 },
  {
    name: 'Hatch handle',
    daysAgo: 238,
    ...knobs,
    depthMm: 20,
    roomC: 16,
    batches: 1,
    rating: 3,
    stirredMin: 1,
    faults: [['soft-spots', 1]],
    notes: 'Soft where it was scraped out of the cup.',
  },
  {
    name: 'Wash stand top',
    daysAgo: 255,
    ...deep,
    depthMm: 43,
    roomC: 17,
    batches: 2,
    rating: 4,
    rate: 1.13,
  },
  {
    name: 'Stove surround, seal coat',
    daysAgo: 271,
    ...coat,
    depthMm: 2,
    roomC: 15,
    batches: 1,
    rating: 3,
    pour: { humidityPercent: 85 },
    faults: [['haze', 2]],
    notes: 'Greasy film in the morning.',
  },
  {
    name: 'Window sill, port side',
    daysAgo: 288,
    ...deep,
    depthMm: 20,
    roomC: 16,
    batches: 1,
    rating: 4,
  },
  { name: 'Keyring floats', daysAgo: 301, ...knobs, depthMm: 15, roomC: 18, batches: 1, rating: 4 },
  {
    name: 'Settle arm',
    daysAgo: 319,
    ...deep,
    depthMm: 23,
    roomC: 18,
    batches: 1,
    rating: 3,
    lot: { name: 'Clear 1', openDays: 500 },
    faults: [['yellowed', 1]],
    notes: 'Yellower than the last one.',
  },
  { name: 'Compass box lid', daysAgo: 342, ...deep, depthMm: 21, roomC: 19, batches: 1, rating: 5 },
];

/** Nobody weighs to the drop: so much off, percent, the same for a piece each time. */
const offPercent = (place: number): number => (((place * 37) % 9) - 4) * 0.12;

/** What kind of job each resin is for on the barge, and about what a mix of it weighs. */
const kindOf: Readonly<Record<string, { readonly kind: OverageKind; readonly gPerMl: number }>> = {
  'demo-slow-clear': { kind: 'porous', gPerMl: 1.09 },
  'demo-table-coat': { kind: 'general', gPerMl: 1.1 },
  'demo-knob-casting': { kind: 'open-mould', gPerMl: 1.08 },
};
/** Mixed over what was measured, and left of it, as on any bench. */
const [mixedOver, leftLeast] = [1.1, 0.02];

const pricePerKg: Readonly<Record<string, number>> = {
  'demo-slow-clear': 29,
  'demo-table-coat': 33,
  'demo-knob-casting': 26,
};

function recordOf(piece: PlainPiece, place: number): DemoRecord {
  const { name, daysAgo, resin, depthMm, roomC, planned, batches, rating } = piece;
  const [aG, bG] = planned;
  const over = 1 + (piece.overBPercent ?? 0) / 100;
  const scaled = (g: number, at: number): number =>
    Math.round(g * (1 + offPercent(place * 5 + at) / 100) * 10) / 10;
  const kg = (batches * (aG + bG)) / 1000;
  const lostKg = piece.overBPercent === undefined ? kg * 0.04 : kg;
  const { kind, gPerMl } = kindOf[resin]!;
  const mixedG = batches * (aG + bG);
  const leftG = Math.round(mixedG * (leftLeast + ((place * 13) % 7) / 100));
  const curve = (curves as Readonly<Record<string, readonly number[]>>)[name] ?? [];
  return {
    id: `demo-record-${daysAgo}`,
    name,
    daysAgo,
    resin,
    roomC,
    pour: {
      cost: Math.round(kg * pricePerKg[resin]! * 100) / 100,
      lostCost: Math.round(lostKg * pricePerKg[resin]! * 100) / 100,
      measured: {
        ml: Math.round(mixedG / gPerMl / mixedOver),
        gPerMl,
        kind,
        by: place % 4 === 1 ? 'dry-fill' : 'box',
      },
      ...piece.pour,
    },
    ...(piece.lot === undefined ? {} : { lot: piece.lot }),
    layers: [
      {
        depthMm,
        afterMin: 0,
        peakC: roomC + 10,
        batches: Array.from({ length: batches }, (_, at) => ({
          planned,
          weighed: [scaled(aG, at), scaled(at === 0 ? bG * over : bG, at + 3)] as const,
          stirredMin: piece.stirredMin ?? 5,
          inCupMin: 15 + ((place * 7 + at * 3) % 12),
          ...(at === batches - 1 ? { leftG } : {}),
        })),
      },
    ],
    readings: curve.map((c, hour) => [(hour + 1) * 60, c] as const),
    rating,
    faults: piece.faults ?? [],
    notes: piece.notes ?? '',
  };
}

export const demoYearRecords: readonly DemoRecord[] = demoYear.map(recordOf);
