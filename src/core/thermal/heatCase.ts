import {
  object,
  type AnyObject,
  type InferType,
  type MakePartial,
  type TestContext,
  type TypeFromShape,
  type ValidationError,
} from 'yup';
import { checkedOrThrow } from '../schema/check';
import { choiceSchema } from '../schema/choiceSchema';
import { needed } from '../schema/needed';
import { numberSchema, optionalNumberSchema } from '../schema/numberSchema';
import { within } from '../measure/within';
import { refusal } from '../schema/refusal';
import { calibrate, curingOf } from './calibrate';
import { ceilingC } from './ceiling';
import { constantRoom } from './climate';
import type { Curing } from './curing';
import { followCore, noEvents } from './followCore';
import { heatFamilies, heatConstantsOf } from '../resin/families';
import type { HeatGrid, HeatShape, PourSetting } from './pourSetting';
import { runPour } from './runPour';

const lengthMm = (greatest: number) => ({ greatest, whole: false, example: '50' });
const roomC = { least: -10, greatest: 50, whole: false, mayBeZero: true, example: '23' };
const filmU = { greatest: 5000, whole: false, mayBeZero: true, example: '9' };

/** Where a bare case stands: mm, °C, W/(m² K). */
export const barePlaceKeys = {
  geometry: choiceSchema(['slab', 'channel', 'cup'] as const),
  depthMm: numberSchema(lengthMm(1000)),
  widthMm: optionalNumberSchema(lengthMm(10_000)),
  /** Timber on both sides of a channel. */
  sideWoodMm: optionalNumberSchema(lengthMm(1000)),
  radiusMm: optionalNumberSchema(lengthMm(5000)),
  roomC: numberSchema(roomC),
  resinC: optionalNumberSchema(roomC),
  /** Films, W/(m² K). */
  topFilm: numberSchema(filmU),
  bottomU: numberSchema(filmU),
  sideU: optionalNumberSchema(filmU),
};

type Sized = Partial<Pick<BarePlace, 'geometry' | 'widthMm' | 'radiusMm'>>;

/** A channel has a width, a cup a radius. */
export function isSized(given: Sized, context: TestContext): true | ValidationError {
  if (given.geometry === 'channel' && given.widthMm === undefined) {
    return refusal(context, 'missing', { example: '200' }, 'widthMm');
  }
  if (given.geometry === 'cup' && given.radiusMm === undefined) {
    return refusal(context, 'missing', { example: '48' }, 'radiusMm');
  }
  return true;
}

export type BarePlace = MakePartial<TypeFromShape<typeof barePlaceKeys, AnyObject>>;

/** A bare case for checking the model: plain numbers, no job around them. */
export const heatCaseSchema = object({
  family: choiceSchema(heatFamilies),
  /** Without it the family's constants as they stand. Minutes, g, °C, mm. */
  label: object({
    potLife: optionalNumberSchema({ greatest: 10_000, whole: false, example: '480' }),
    mass: optionalNumberSchema({ greatest: 100_000, whole: false, example: '150' }),
    temperature: optionalNumberSchema(roomC),
    depth: optionalNumberSchema(lengthMm(1000)),
  })
    .noUnknown()
    .optional()
    .default(undefined),
  ...barePlaceKeys,
  hours: numberSchema({ greatest: 2000, whole: false, example: '72' }),
  /** Along the depth of a slab or a channel; along radius and height of a cup. */
  cells: optionalNumberSchema({ least: 4, greatest: 200, whole: true, example: '60' }),
})
  .noUnknown()
  .test('shape', isSized);

export type HeatCase = InferType<typeof heatCaseSchema>;

/** What a bare case came to. Hours are from the pour; null for what did not happen. */
export interface HeatCaseEnd {
  /** Never above T₀ + H/c: past that the model has left what it was made for. */
  readonly peakC: number;
  /** The run itself went above that. */
  readonly aboveCeiling: boolean;
  readonly peakH: number;
  /** The first place to gel, and the first to pass 40 °C: where it is warmest. */
  readonly gelH: number | null;
  readonly core40H: number | null;
  readonly alphaMinEnd: number;
  readonly steps: number;
}

/** Finer than a screen needs: a check wants the model's figure and not the solver's. */
const toleranceK = { slab: 0.005, channel: 0.05, cup: 0.05 } as const;
const usualCells = { slab: 60, channel: 48, cup: 24 } as const;

/** Side film where none is said: outside timber, and outside the 1 mm wall of a cup. */
const usualSideU = 8;

const metres = (mm: number | undefined): number => (mm ?? 0) / 1000;

function shapeOf({ geometry, widthMm, sideWoodMm, radiusMm, sideU }: BarePlace): HeatShape {
  const filmUSide = sideU ?? usualSideU;
  if (geometry === 'slab') return { kind: 'slab' };
  if (geometry === 'cup') {
    return {
      kind: 'cup',
      radiusM: metres(radiusMm),
      side: { solid: undefined, thicknessM: 0, filmU: filmUSide },
    };
  }
  const side = {
    solid: sideWoodMm === undefined ? undefined : ('timber' as const),
    thicknessM: metres(sideWoodMm),
    filmU: filmUSide,
  };
  return { kind: 'channel', widthM: metres(widthMm), side };
}

function gridOf({ geometry, cells = usualCells[geometry] }: HeatCase): HeatGrid {
  const half = Math.max(2, Math.round(cells / 2));
  return geometry === 'cup'
    ? { cells, columns: cells, wallCells: 1 }
    : { cells, columns: half, wallCells: half };
}

function caseCuring({ family, label }: HeatCase): Curing {
  if (label === undefined) return heatConstantsOf(family).curing;
  const read = {
    potLifeMin: label.potLife,
    massG: label.mass,
    temperatureC: label.temperature,
    depthMm: label.depth,
  };
  return curingOf(
    family,
    within('label', () => calibrate(family, read)),
  );
}

/** The setting of a bare place. */
export const settingOfBare = (given: BarePlace): PourSetting => ({
  shape: shapeOf(given),
  layers: [{ depthM: metres(given.depthMm), pouredS: 0 }],
  underside: { solid: undefined, thicknessM: 0, filmU: given.bottomU },
  plateC: undefined,
  room: constantRoom(given.roomC),
  resinC: given.resinC ?? given.roomC,
  topU: given.topFilm,
  fan: { untilS: 0, topU: given.topFilm, undersideU: given.bottomU },
});

/**
 * Reads a bare case.
 * @throws InputError for the first thing that is wrong
 */
export const readHeatCase = (value: unknown): HeatCase =>
  checkedOrThrow(needed(heatCaseSchema), value) as HeatCase;

/**
 * Runs a bare case.
 * @throws InputError `pot-life-out-of-model`, `heat-lost-itself`
 */
export function runHeatCase(given: HeatCase): HeatCaseEnd {
  const curing = caseCuring(given);
  const setting = settingOfBare(given);
  const events = noEvents(setting.resinC);
  const end = runPour(
    setting,
    curing,
    { grid: gridOf(given), toleranceK: toleranceK[given.geometry], untilS: given.hours * 3600 },
    ({ resinCells }) => followCore(events, resinCells, curing.gelAlpha),
  );
  const hours = (seconds: number | undefined): number | null =>
    seconds === undefined ? null : seconds / 3600;
  const topC = ceilingC(setting, curing);
  return {
    peakC: Math.min(events.peakC, topC),
    aboveCeiling: events.peakC > topC,
    peakH: events.peakS / 3600,
    gelH: hours(events.gelS),
    core40H: hours(events.warmS),
    alphaMinEnd: end.domain.resinCells.reduce(
      (least, cell) => Math.min(least, end.alphas[cell]!),
      1,
    ),
    steps: end.steps,
  };
}
