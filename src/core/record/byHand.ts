import { array, number, object, string, type InferType } from 'yup';
import { formatPlain } from '../quantity/format';
import type { Kind } from '../quantity/kinds';
import { readQuantity } from '../quantity/readQuantity';
import {
  humidityRule,
  lengthRule,
  massRule,
  roomTemperatureRule,
  timeRule,
  type QuantityRule,
} from '../quantity/rules';
import { labelOf } from '../resin/labelOf';
import type { Resin } from '../resin/resinSchema';
import { resinFamilies } from '../resin/families';
import { checkedOrThrow } from '../schema/check';
import { choiceSchema } from '../schema/choiceSchema';
import { dateSchema } from '../schema/dateSchema';
import { optionalNumberSchema } from '../schema/numberSchema';
import { optionalQuantitySchema } from '../schema/quantitySchema';
import { refusal } from '../schema/refusal';
import { nameSchema, noteSchema } from '../schema/textSchema';
import { localText, momentOf } from '../timetable/calendar';
import { momentSchema } from './momentSchema';
import { inCupMinOf } from './batchFigures';
import type { BatchRecord, LayerRecord, PieceRecord, PourRecord } from './recordSchema';

const msPerMin = 60_000;

/** What was weighed and timed may have been nothing: a cup that was scraped clean, a step that was tapped away. */
const orNothing = <K extends Kind>(rule: QuantityRule<K>): QuantityRule<K> => ({
  ...rule,
  least: { value: 0, text: '0' },
});
export const weighedRule = orNothing(massRule);
export const timedRule = orNothing(timeRule);

/** A record as somebody types it: every figure with its unit, every moment as their clock shows it. */
const handBatchSchema = object({
  /** As the bench wrote it; a batch that was added has none. */
  id: string().optional(),
  a: optionalQuantitySchema(weighedRule),
  b: optionalQuantitySchema(weighedRule),
  stirred: optionalQuantitySchema(timedRule),
  /** From A meeting B to the last of it in the mould. */
  inCup: optionalQuantitySchema(timedRule),
  left: optionalQuantitySchema(weighedRule),
}).noUnknown();

/** Whether one such moment is before another; of two that are not both known neither is. */
const isBefore = (one: string | undefined, other: string | undefined): boolean =>
  one !== undefined && other !== undefined && one < other;

const handLayerSchema = object({
  /** Which layer it was before, counted from 0; one that was added was none. */
  from: number().integer().min(0).max(200).optional(),
  depth: optionalQuantitySchema(lengthRule),
  begun: momentSchema,
  batches: array().of(handBatchSchema).max(1000).defined(),
}).noUnknown();

export const handSchema = object({
  /** Which pour of the piece it is, counted from 0. */
  pour: number().integer().min(0).max(29).required(),
  name: nameSchema(200),
  made: momentSchema,
  resin: nameSchema(200),
  family: choiceSchema(resinFamilies),
  hardener: noteSchema(80),
  room: optionalQuantitySchema(roomTemperatureRule),
  resinTemperature: optionalQuantitySchema(roomTemperatureRule),
  humidity: optionalQuantitySchema(humidityRule),
  lot: noteSchema(80),
  lotOpened: dateSchema,
  mould: noteSchema(200),
  castings: optionalNumberSchema({
    greatest: 1_000_000,
    whole: true,
    mayBeZero: true,
    example: '12',
  }),
  out: momentSchema,
  machined: momentSchema,
  layers: array()
    .of(handLayerSchema)
    .min(1)
    .max(200)
    .defined()
    .test('order', (layers, context) => {
      const at = layers.findIndex(({ begun }, layer) => isBefore(begun, layers[layer - 1]?.begun));
      return at === -1
        ? true
        : refusal(context, 'layer-too-early', { layer: at + 1 }, `layers[${at}].begun`);
    }),
})
  .noUnknown()
  .test('out', ({ out, machined, layers }, context) => {
    const last = (layers ?? []).flatMap(({ begun }) => begun ?? []).at(-1);
    if (isBefore(out, last)) return refusal(context, 'done-before-pour', {}, 'out');
    return isBefore(machined, last) ? refusal(context, 'done-before-pour', {}, 'machined') : true;
  });

/** The same while it is typed: nothing is missing, what is not known is empty. */
export interface HandBatch {
  readonly id?: string | undefined;
  readonly a: string;
  readonly b: string;
  readonly stirred: string;
  readonly inCup: string;
  readonly left: string;
}
export interface HandLayer {
  readonly from?: number | undefined;
  readonly depth: string;
  readonly begun: string;
  readonly batches: readonly HandBatch[];
}
export interface Hand {
  readonly pour: number;
  readonly name: string;
  readonly made: string;
  readonly resin: string;
  readonly family: PourRecord['family'];
  readonly hardener: string;
  readonly room: string;
  readonly resinTemperature: string;
  readonly humidity: string;
  readonly lot: string;
  readonly lotOpened: string;
  readonly mould: string;
  readonly castings: string;
  readonly out: string;
  readonly machined: string;
  readonly layers: readonly HandLayer[];
}

export const emptyBatch: HandBatch = { a: '', b: '', stirred: '', inCup: '', left: '' };
export const emptyLayer: HandLayer = { depth: '', begun: '', batches: [emptyBatch] };

/** Whether layers are as deep as they were, and were begun then. */
const isAsDeep = (now: readonly LayerRecord[], was: readonly LayerRecord[]): boolean =>
  now.length === was.length &&
  now.every(
    ({ depthMm, begunAt }, at) => depthMm === was[at]!.depthMm && begunAt === was[at]!.begunAt,
  );

const unmentioned: PourRecord = {
  name: '',
  resin: '',
  family: 'deep-pour-epoxy',
  lots: [],
  layers: [],
  readings: [],
  seen: [],
  looks: [],
  drops: [],
  said: [],
};

const told = (value: number | null | undefined, decimals: number, unit: string): string =>
  value === undefined || value === null ? '' : `${formatPlain(value, decimals)} ${unit}`;
const grams = (g: number | undefined): string => told(g, 2, 'g');
const minutes = (min: number | undefined): string => told(min, 2, 'min');
const moment = (ms: number | undefined, zone: string): string =>
  ms === undefined ? '' : localText(Math.floor(ms / msPerMin), zone);

/** A piece that nobody has written down yet. @param resin of the shelf, that is used most */
export const newHand = (resin: Pick<Resin, 'name' | 'family'> | undefined): Hand => ({
  pour: 0,
  name: '',
  made: '',
  resin: resin?.name ?? '',
  family: resin?.family ?? 'deep-pour-epoxy',
  hardener: '',
  room: '',
  resinTemperature: '',
  humidity: '',
  lot: '',
  lotOpened: '',
  mould: '',
  castings: '',
  out: '',
  machined: '',
  layers: [emptyLayer],
});

/** What is known of a pour of a piece, to be put right. @param at the pour, counted from 0 */
export function handOf({ name, madeAt, pours }: PieceRecord, at: number, zone: string): Hand {
  const pour = pours[at] ?? unmentioned;
  const [lot] = pour.lots;
  return {
    pour: at,
    name,
    made: moment(madeAt, zone),
    resin: pour.resin,
    family: pour.family,
    hardener: pour.hardener ?? '',
    room: told(pour.roomC, 1, '°C'),
    resinTemperature: told(pour.resinC, 1, '°C'),
    humidity: told(pour.humidityPercent, 0, '%'),
    lot: lot?.name ?? '',
    lotOpened: lot?.opened ?? '',
    mould: pour.mould?.name ?? '',
    castings: pour.mould?.castingsBefore === undefined ? '' : String(pour.mould.castingsBefore),
    out: moment(pour.demouldedAt, zone),
    machined: moment(pour.machinedAt, zone),
    layers: pour.layers.map(({ depthMm, begunAt, batches }, from) => ({
      from,
      depth: told(depthMm, 2, 'mm'),
      begun: moment(begunAt, zone),
      batches: batches.map((batch) => ({
        id: batch.id,
        a: grams(batch.aG),
        b: grams(batch.bG),
        stirred: minutes(batch.stirredMin),
        inCup: minutes(inCupMinOf(batch)),
        left: grams(batch.leftG),
      })),
    })),
  };
}

type Checked = InferType<typeof handSchema>;
type CheckedBatch = Checked['layers'][number]['batches'][number];

/** A figure as it is typed; where it says the same as before, what was there before to its last digit. */
function figure<K extends Kind>(
  text: string | undefined,
  rule: QuantityRule<K>,
  before: number | undefined,
  tellBefore: (value: number | undefined) => string,
): number | undefined {
  if (text === undefined) return undefined;
  return text === tellBefore(before) ? before : readQuantity(text, rule).value;
}

function msOf(
  text: string | undefined,
  zone: string,
  before: number | undefined,
): number | undefined {
  if (text === undefined) return undefined;
  return text === moment(before, zone) ? before : momentOf(text, zone) * msPerMin;
}

function batchOf(
  hand: CheckedBatch,
  id: string,
  before: BatchRecord | undefined,
  begunAt: number | undefined,
): BatchRecord {
  const wasInCup = before && inCupMinOf(before);
  const inCupMin = figure(hand.inCup, timedRule, wasInCup, minutes);
  const metAt = before?.metAt ?? (inCupMin === undefined ? undefined : begunAt);
  const isAsBefore = inCupMin === wasInCup;
  return {
    ...before,
    id,
    aG: figure(hand.a, weighedRule, before?.aG, grams),
    bG: figure(hand.b, weighedRule, before?.bG, grams),
    stirredMin: figure(hand.stirred, timedRule, before?.stirredMin, minutes),
    leftG: figure(hand.left, weighedRule, before?.leftG, grams),
    metAt: isAsBefore ? before?.metAt : metAt,
    pouredAt: isAsBefore
      ? before?.pouredAt
      : inCupMin === undefined || metAt === undefined
        ? undefined
        : Math.round(metAt + inCupMin * msPerMin),
  };
}

/** Ids of batches of a layer that are not given yet: `layer-1/3`. */
function* freshIds(layer: number, taken: ReadonlySet<string>): Generator<string> {
  for (let place = 1; ; place += 1) {
    const id = `layer-${layer + 1}/${place}`;
    if (!taken.has(id)) yield id;
  }
}

function layerOf(
  hand: Checked['layers'][number],
  at: number,
  before: LayerRecord | undefined,
  zone: string,
): LayerRecord {
  const begunAt = msOf(hand.begun, zone, before?.begunAt);
  const taken = new Set(hand.batches.flatMap(({ id }) => id ?? []));
  const fresh = freshIds(at, taken);
  const hasMoved = begunAt !== before?.begunAt;
  return {
    bubblePasses: [],
    ...before,
    depthMm: figure(hand.depth, lengthRule, before?.depthMm, (mm) => told(mm, 2, 'mm')),
    begunAt,
    pouredAt: hasMoved ? undefined : before?.pouredAt,
    batches: hand.batches.map((batch) =>
      batchOf(
        batch,
        batch.id ?? fresh.next().value,
        before?.batches.find(({ id }) => id === batch.id),
        begunAt,
      ),
    ),
  };
}

/**
 * A piece with one of its pours as somebody put it right, or wrote it down.
 * @param before undefined where it is written down for the first time
 * @param cards on the shelf: one of this name is kept with it
 * @throws InputError for the first thing that is wrong
 */
export function pieceByHand(
  hand: Hand,
  before: PieceRecord | undefined,
  {
    zone,
    cards,
    now,
  }: { readonly zone: string; readonly cards: readonly Resin[]; readonly now: number },
): PieceRecord {
  const checked: Checked = checkedOrThrow(handSchema, hand);
  const was = before?.pours[checked.pour];
  const layers = checked.layers.map((layer, at) =>
    layerOf(layer, at, layer.from === undefined ? undefined : was?.layers[layer.from], zone),
  );
  const [lot] = was?.lots ?? [];
  const card =
    was?.resin === checked.resin ? was.card : cards.find(({ name }) => name === checked.resin);
  const pour: PourRecord = {
    ...(was ?? unmentioned),
    resin: checked.resin,
    family: card?.family ?? checked.family,
    hardener: checked.hardener?.trim() === '' ? undefined : checked.hardener,
    card: card && labelOf(card),
    roomC: figure(checked.room, roomTemperatureRule, was?.roomC, (c) => told(c, 1, '°C')),
    resinC: figure(checked.resinTemperature, roomTemperatureRule, was?.resinC, (c) =>
      told(c, 1, '°C'),
    ),
    humidityPercent:
      checked.humidity === undefined
        ? undefined
        : readQuantity(checked.humidity, humidityRule).value * 100,
    lots:
      (checked.lot ?? '').trim() === ''
        ? []
        : [
            {
              part: 'both',
              ...lot,
              name: checked.lot!,
              opened: checked.lotOpened,
            },
            ...(was?.lots.slice(1) ?? []),
          ],
    mould:
      (checked.mould ?? '').trim() === ''
        ? undefined
        : {
            ...(was?.mould?.name === checked.mould ? was?.mould : undefined),
            name: checked.mould!,
            castingsBefore: checked.castings,
          },
    demouldedAt: msOf(checked.out, zone, was?.demouldedAt),
    machinedAt: msOf(checked.machined, zone, was?.machinedAt),
    layers,
    // How it stood is known no longer where it was poured otherwise.
    stood: was !== undefined && isAsDeep(layers, was.layers) ? was.stood : undefined,
    byHand: true,
  };
  const madeAt = msOf(checked.made, zone, before?.madeAt) ?? layers[0]?.begunAt ?? now;
  const piece: PieceRecord = before ?? {
    name: '',
    madeAt,
    pours: [],
    faults: [],
    photos: [],
    notes: '',
  };
  return {
    ...piece,
    name: checked.name,
    madeAt,
    pours:
      was === undefined
        ? [...piece.pours, pour]
        : piece.pours.map((each, at) => (at === checked.pour ? pour : each)),
  };
}
