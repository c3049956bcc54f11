import { array, boolean, number, object, string, type InferType } from 'yup';
import { figureSources, readPlaces, restWays } from '../bench/benchEvents';
import { resinFamilies } from '../resin/families';
import { resinSchema } from '../resin/resinSchema';
import { coatSurfaces } from '../coats/coatSurfaces';
import { overageKinds } from '../measure/allowances/overage';
import { choiceSchema } from '../schema/choiceSchema';
import { dateSchema } from '../schema/dateSchema';
import { cureStates, cureTests } from './cureTests';
import { stoodSchema } from './settingSchema';
import { masterMaterialNames } from '../mouldBox/masterMaterials';
import { faultKinds, faultPlaces, severities, type FaultSeverity } from './faults';

const text = (longest: number) => string().max(longest);
/** Ms since 1970. */
const moment = () => number().integer().min(0).max(8.64e15);
const minutes = () => number().min(-1e7).max(1e7);
const grams = () => number().min(0).max(1e7);
const degrees = () => number().min(-100).max(1000);
const share = () => number().min(0).max(1);

/** Which bottle a part came out of. */
export const lotUsedSchema = object({
  name: text(80).defined(),
  part: choiceSchema(['a', 'b', 'both'] as const),
  /** A day: 2026-05-04. */
  opened: dateSchema,
  bestBefore: dateSchema,
  usedG: grams().optional(),
}).noUnknown();

const batchSchema = object({
  /** As in its plan: `layer-1/2`. */
  id: text(120).required(),
  plannedAG: grams().optional(),
  plannedBG: grams().optional(),
  aG: grams().optional(),
  bG: grams().optional(),
  /** Where its figures come from. */
  by: choiceSchema(figureSources).optional(),
  /** When A met B, and when the last of it was in the mould. */
  metAt: moment().optional(),
  pouredAt: moment().optional(),
  stirredMin: minutes().optional(),
  plannedStirMin: minutes().optional(),
  /** Left in its cup when enough was in the mould. */
  leftG: grams().optional(),
  /** From the first of it over the mould to the last. */
  pouringMin: minutes().optional(),
  secondCup: boolean().optional(),
  rest: choiceSchema(restWays).optional(),
  /** What let bubbles out was left out. */
  restSkipped: boolean().optional(),
  /** It lasts so long in its cup by the model; null where it lasts for as long as anybody looked. */
  pourableMin: minutes().nullable().optional(),
  /** Somebody said that it was heating. */
  heatedAt: moment().optional(),
}).noUnknown();

const layerSchema = object({
  depthMm: number().min(0).max(1e5).optional(),
  /** How it was joined to what lies under it; left out for the first. */
  joint: choiceSchema(['tacky', 'scuff'] as const).optional(),
  begunAt: moment().optional(),
  pouredAt: moment().optional(),
  /** When it should have been begun, min after the layer under it was. */
  window: object({ fromMin: minutes().required(), toMin: minutes().optional() })
    .noUnknown()
    .optional()
    .default(undefined),
  /** When what lies under it keeps its shape and may be scuffed, min after that was begun. */
  scuffFromMin: minutes().optional(),
  /** As planned. */
  peakC: degrees().optional(),
  gelMin: minutes().optional(),
  hardMin: minutes().optional(),
  bubblePasses: array()
    .of(object({ dueAt: moment().required(), doneAt: moment().optional() }).noUnknown())
    .max(100)
    .default([]),
  batches: array().of(batchSchema).max(1000).default([]),
}).noUnknown();

/** One a minute for three days. */
export const mostReadings = 5000;

const readingSchema = object({
  at: moment().required(),
  c: degrees().required(),
  place: choiceSchema(readPlaces),
}).noUnknown();

const seenSchema = object({
  at: moment().required(),
  layer: number().integer().min(0).max(1000).required(),
  test: choiceSchema(cureTests),
  state: choiceSchema(cureStates),
}).noUnknown();

const lookSchema = object({
  at: moment().required(),
  layer: number().integer().min(0).max(1000).required(),
  surface: choiceSchema(coatSurfaces),
}).noUnknown();

/** What only some families have: pots, lamps, rubber, runs; kPa over the air, min, mm. */
const specialSchema = object({
  curedOn: choiceSchema(masterMaterialNames).optional(),
  wallMm: number().min(0).max(1e4).optional(),
  pressureKPa: number().min(0).max(1e4).optional(),
  mouldPressureKPa: number().min(0).max(1e4).optional(),
  /** The shortest time that it was held, and how long it should have been at the least. */
  potHeldMin: minutes().optional(),
  potNeededMin: minutes().optional(),
  /** Light did not get past something; the lamp was left out. */
  lightBlocked: boolean().optional(),
  lampLeftOut: boolean().optional(),
  /** Of a run: pieces that were cast, and those that are good. */
  cast: number().integer().min(0).max(1e6).optional(),
  good: number().integer().min(0).max(1e6).optional(),
})
  .noUnknown()
  .optional()
  .default(undefined);

/** One pour of a piece, as it went. */
const pourRecordSchema = object({
  name: text(200).default(''),
  /** The pour at the bench that wrote it. */
  live: text(120).optional(),
  resin: text(200).defined(),
  family: choiceSchema(resinFamilies),
  hardener: text(80).optional(),
  /** The card as it was. */
  card: resinSchema.optional().default(undefined),
  lots: array().of(lotUsedSchema).max(60).default([]),
  mould: object({
    id: text(120).optional(),
    name: text(200).defined(),
    castingsBefore: number().integer().min(0).max(1e6).optional(),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  roomC: degrees().optional(),
  humidityPercent: number().min(0).max(100).optional(),
  /** Of the mix when it was poured. */
  resinC: degrees().optional(),
  /** The most of the mix that was filler, by volume. */
  fillerShare: share().optional(),
  /** The most pigment in a mix, percent of its mass, and what its resin bears. */
  pigmentPercent: number().min(0).max(100).optional(),
  pigmentGreatestPercent: number().min(0).max(100).optional(),
  /** What was made ready; left out where nobody said. */
  timberSealed: boolean().optional(),
  timberMoisturePercent: number().min(0).max(200).optional(),
  released: boolean().optional(),
  formSealed: boolean().optional(),
  heldDown: boolean().optional(),
  surfaceCleaned: boolean().optional(),
  covered: boolean().optional(),
  /** Those of these that a person said, whatever the bench makes of the list of preparations. */
  said: array().of(text(40).defined()).max(20).default([]),
  /** The tint was tried at a depth other than the piece's, mm. */
  tintTriedMm: number().min(0).max(1e4).optional(),
  /** What there was to fill, with how that was found, and for what kind of job. */
  measured: object({
    ml: number().moreThan(0).max(1e7).required(),
    gPerMl: number().moreThan(0).max(30).required(),
    kind: choiceSchema(overageKinds).optional(),
    by: text(40).optional(),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  /** Pigments that were counted in drops, with what a drop of each weighs. */
  drops: array()
    .of(
      object({
        pigment: text(80).defined(),
        dropG: number().moreThan(0).max(10).required(),
      }).noUnknown(),
    )
    .max(60)
    .default([]),
  layers: array().of(layerSchema).max(200).default([]),
  special: specialSchema,
  /** How it stood, for what its readings say of its resin. */
  stood: stoodSchema,
  readings: array().of(readingSchema).max(mostReadings).default([]),
  seen: array().of(seenSchema).max(500).default([]),
  /** How coats looked before the next one. */
  looks: array().of(lookSchema).max(200).default([]),
  demouldedAt: moment().optional(),
  /** Planed, sanded or polished. */
  machinedAt: moment().optional(),
  fanOffAt: moment().optional(),
  /** Of what was mixed, and of what of it was lost or over; in the person's own currency. */
  cost: number().min(0).max(1e9).optional(),
  lostCost: number().min(0).max(1e9).optional(),
  /** Somebody has put it right: the bench only adds readings to it from then on. */
  byHand: boolean().optional(),
}).noUnknown();

const faultSchema = object({
  kind: choiceSchema(faultKinds),
  place: choiceSchema(faultPlaces).optional(),
  severity: number<FaultSeverity>().oneOf(severities).default(2),
  note: text(500).optional(),
}).noUnknown();

/** What happened to one piece, pour by pour: written by the bench, or by hand. The one source of its type, for file and storage. */
export const pieceRecordSchema = object({
  name: text(200).defined(),
  /** The job that it was made by; that may be gone. */
  job: text(120).optional(),
  /** When its first pour was begun. */
  madeAt: moment().required(),
  pours: array().of(pourRecordSchema).max(30).default([]),
  /** 1 to 5. */
  rating: number().integer().min(1).max(5).optional(),
  faults: array().of(faultSchema).max(60).default([]),
  photos: array().of(text(120).defined()).max(40).default([]),
  notes: text(5000).default(''),
}).noUnknown();

export type PieceRecord = InferType<typeof pieceRecordSchema>;
export type PourRecord = PieceRecord['pours'][number];
export type LayerRecord = PourRecord['layers'][number];
export type LotUsed = InferType<typeof lotUsedSchema>;
export type BatchRecord = LayerRecord['batches'][number];
