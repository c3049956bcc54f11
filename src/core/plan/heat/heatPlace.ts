import type { JobPour } from '../../job/jobPour';
import { castInBoxOf } from '../../mouldBox/castIn';
import type { MouldMaterial } from '../../measure/mould/materials';
import { InputError } from '../../problem';
import { readQuantity } from '../../quantity/readQuantity';
import {
  lengthRule,
  roomTemperatureRule,
  temperatureLimitRule,
  timeRule,
} from '../../quantity/rules';
import { climateAtC } from '../../thermal/climate';
import type { Underside } from '../../thermal/heatSchema';
import type { HeatShape, PourSetting, Side } from '../../thermal/pourSetting';
import {
  films,
  sealLimitC,
  solidLimitC,
  underCoverU,
  usualBoard,
  type SolidKind,
} from '../../thermal/solids';
import type { MeasuredPart } from '../../measure/measureWhole';
import { hottestForm, type HeatForm } from './heatShapeOf';
import { resinTypedC, roomOf } from './roomOf';
import type { Part } from '../../measure/parts/partSchema';

/** What nobody said and the usual stands for. */
export const heatAssumptions = [
  'resin-as-room',
  'raised-board',
  'board-floor',
  'board-sides',
  'timber-sides',
  'mould-wall',
  'gap',
  'poured-now',
  'insert-as-timber',
] as const;
export type HeatAssumption = (typeof heatAssumptions)[number];

/** Where a job is poured: everything of its setting but the layers. */
export interface HeatPlace {
  readonly setting: Omit<PourSetting, 'layers'>;
  /** The part that it is told for: the thickest. */
  readonly part: number;
  readonly form: HeatForm;
  /** Minutes after midnight of the first pour; undefined where nobody said. */
  readonly pouredAtMin: number | undefined;
  readonly assumed: readonly HeatAssumption[];
  /** A dust cover so far over the surface, mm. */
  readonly coverMm: number | undefined;
  /** The least that floor, sides, mould and seals bear, °C; undefined where all of them outlast every cure. */
  readonly formBearsC: number | undefined;
}

const usualWallMm: Readonly<Record<MouldMaterial, number>> = {
  silicone: 10,
  polypropylene: 2,
  hdpe: 5,
  melamine: 18,
  timber: 20,
  plaster: 20,
  metal: 3,
  other: 5,
};

/** What a mould is of, in the solids that are known; plaster is near enough to MDF, and what is not said to timber. */
const solidOfMould: Readonly<Record<MouldMaterial, SolidKind>> = {
  silicone: 'silicone',
  polypropylene: 'polypropylene',
  hdpe: 'hdpe',
  melamine: 'coated-chipboard',
  timber: 'timber',
  plaster: 'mdf',
  metal: 'aluminium',
  other: 'timber',
};

const filmUnder: Readonly<Record<Underside, number>> = {
  raised: films.raisedBoard,
  bench: films.onBench,
  foam: films.onFoam,
  plate: films.onPlate,
};

export const timberSideM = 0.04;

/** Rubber round a piece where nobody said how much, m. */
const usualBoxWallM = 0.012;

const celsius = (typed: string): number => readQuantity(typed, roomTemperatureRule).value;
const metres = (typed: string): number => readQuantity(typed, lengthRule).value / 1000;

function plateOf(typed: string | undefined): number {
  if (typed !== undefined) return celsius(typed);
  const { example } = roomTemperatureRule;
  throw new InputError('missing', typed, { example }, 'heat.plateTemperature');
}

type Assume = (what: HeatAssumption) => void;

/** Floor and sides of the form: what the person said, the mould's own, or the usual board. */
function wallsOf(
  job: JobPour,
  part: Part,
  why: HeatForm['why'],
  assume: Assume,
): { readonly floor: Omit<Side, 'filmU'>; readonly side: Omit<Side, 'filmU'> } {
  const { floor, side } = job.heat ?? {};
  const said = (wall: NonNullable<typeof floor>): Omit<Side, 'filmU'> => ({
    solid: wall.material,
    thicknessM: metres(wall.thickness),
  });
  const mould = part.shape === 'mould' ? part.mould : undefined;
  const box = castInBoxOf(job);
  const ofMould = (): Omit<Side, 'filmU'> | undefined => {
    if (box !== undefined) {
      if (box.wall === undefined) assume('mould-wall');
      const thicknessM = box.wall === undefined ? usualBoxWallM : metres(box.wall);
      return { solid: 'silicone', thicknessM };
    }
    if (mould === undefined) return undefined;
    if (mould.wall === undefined) assume('mould-wall');
    const thicknessM =
      mould.wall === undefined ? usualWallMm[mould.material] / 1000 : metres(mould.wall);
    return { solid: solidOfMould[mould.material], thicknessM };
  };
  const own = ofMould();
  const board = { solid: usualBoard.kind, thicknessM: usualBoard.thicknessM };
  if (floor === undefined && own === undefined) assume('board-floor');
  const usualSide = (): Omit<Side, 'filmU'> => {
    if (own !== undefined) return own;
    if (why === 'channel') {
      assume('timber-sides');
      return { solid: 'timber', thicknessM: timberSideM };
    }
    if (why !== 'wide' && why !== 'coat') assume('board-sides');
    return floor === undefined ? board : said(floor);
  };
  return {
    floor: floor === undefined ? (own ?? board) : said(floor),
    side: side === undefined ? usualSide() : said(side),
  };
}

/**
 * What floor, sides, mould and seals bear, of those that somebody named: of an assumed board nothing is known. What the person's
 * mould bears counts before what its material usually does.
 */
function formBearsC(job: JobPour, part: Part): number | undefined {
  const { floor, side, seal } = job.heat ?? {};
  const mould = part.shape === 'mould' ? part.mould : undefined;
  const said = mould?.greatestTemperature;
  const materials = [
    ...(mould === undefined || said !== undefined ? [] : [solidOfMould[mould.material]]),
    ...(castInBoxOf(job) === undefined ? [] : (['silicone'] as const)),
    ...[floor, side].flatMap((wall) => (wall === undefined ? [] : [wall.material])),
  ];
  const limits = [
    ...(said === undefined ? [] : [readQuantity(said, temperatureLimitRule).value]),
    ...materials.flatMap((solid) => solidLimitC[solid] ?? []),
    ...(seal === undefined ? [] : [sealLimitC[seal]]),
  ];
  return limits.length === 0 ? undefined : Math.min(...limits);
}

/**
 * Where a job is poured, as the heat model sees it.
 * @param measured the same parts, measured
 * @returns undefined where no part has a depth
 * @throws InputError `day-upside-down`, `missing` for the plate's temperature
 */
export function heatPlaceOf(
  job: JobPour,
  parts: readonly Part[],
  measured: readonly MeasuredPart[],
): HeatPlace | undefined {
  const found = hottestForm(parts, measured);
  if (found === undefined) return undefined;
  const { part, form } = found;
  const assumed: HeatAssumption[] = [];
  const assume: Assume = (what) => {
    if (!assumed.includes(what)) assumed.push(what);
  };
  const heat = job.heat;
  const { climate: room, pouredAtMin } = roomOf(job);
  if (pouredAtMin === undefined) assume('poured-now');
  const typedC = resinTypedC(job);
  if (typedC === undefined) assume('resin-as-room');
  if (heat?.underside === undefined) assume('raised-board');
  const underside = heat?.underside ?? 'raised';
  const plateC = underside === 'plate' ? plateOf(heat?.plateTemperature) : undefined;
  const { floor, side } = wallsOf(job, parts[part]!, form.why, assume);
  const filmU = filmUnder[underside];
  const widthM = (form.widthMm ?? 0) / 1000;
  const sideWithFilm = { ...side, filmU: films.raisedBoard };
  const shape: HeatShape =
    form.kind === 'slab'
      ? { kind: 'slab', side: form.why === 'coat' ? undefined : sideWithFilm }
      : form.kind === 'channel'
        ? { kind: 'channel', widthM, side: sideWithFilm }
        : { kind: 'cup', radiusM: widthM / 2, side: sideWithFilm };
  const coverM = heat?.cover === undefined ? undefined : metres(heat.cover);
  const over = (filmOver: number): number =>
    coverM === undefined ? filmOver : underCoverU(coverM, room.meanC, filmOver);
  return {
    setting: {
      shape,
      underside: { ...floor, filmU },
      plateC,
      room,
      resinC: typedC ?? climateAtC(room, 0),
      topU: over(films.topStill),
      fan: {
        untilS: heat?.fan === undefined ? 0 : readQuantity(heat.fan, timeRule).value * 60,
        topU: over(films.fan),
        // Air goes under a form on blocks; one that lies on something is not reached.
        undersideU: underside === 'raised' ? films.fan : filmU,
      },
    },
    part,
    form,
    pouredAtMin,
    assumed,
    coverMm: coverM && coverM * 1000,
    formBearsC: formBearsC(job, parts[part]!),
  };
}
