import type { HeatAdvice } from '../core/plan/heat/adviseHeat';
import type { JobBucket } from '../core/plan/heat/bucketOf';
import type { HeatPlan, NoHeat, PlannedHeat } from '../core/plan/heat/heatOfPlan';
import { timberSideM, type HeatAssumption } from '../core/plan/heat/heatPlace';
import type { HeatForm } from '../core/plan/heat/heatShapeOf';
import type { WarmEnough } from '../core/plan/heat/warmEnough';
import { formatPlain } from '../core/quantity/format';
import { edgeK, flatK, runawayC, type HeatBand } from '../core/thermal/bands';
import type { Calibration } from '../core/thermal/calibrate';
import type { RangedTime } from '../core/thermal/spread';
import type { CureMarks, MarkTimes } from '../core/thermal/cureMarks';
import { familyOf, type FamilyKind, type HeatFamily } from '../core/resin/families';
import type { Underside } from '../core/thermal/heatSchema';
import {
  bucketDangerC,
  bucketFollowedS,
  bucketWarmC,
  edgeDepth,
  edgeRoomK,
  hardByS,
  labelRoomC,
  postCureC,
  postCureH,
} from '../core/thermal/saidFigures';
import { usualBoard, type Seal, type SolidKind } from '../core/thermal/solids';
import {
  capital,
  sayDegrees,
  sayDegreesBy,
  sayDegreesOnly,
  sayMm,
  sayPart,
  sayPercent,
  sayTime,
} from './figures';
import { sayRoughAbout, sayRoughG, sayRoughly, sayRoughRange } from './rough';

/** A temperature of a run; above what all of its heat at once would come to none is told. */
export const sayHere = (celsius: number, ceilingC: number): string =>
  celsius > ceilingC ? `above ${sayDegrees(ceilingC)}` : sayDegrees(celsius);
/** A time of the model, as roughly as it is known. */
export const sayHours = (hours: number): string => sayRoughly(hours * 60);

const never = 'not in this room';

/** A time of a layer, with its range once that is worked out. */
function sayRanged(
  { ranges }: Pick<PlannedHeat, 'ranges'>,
  what: RangedTime,
  hours: number | undefined,
): string {
  const minutes = (each: number | null): number | null => each && each * 60;
  const { low, mid, high } = ranges?.[what] ?? {
    low: hours ?? null,
    mid: hours ?? null,
    high: hours ?? null,
  };
  return sayRoughAbout({ low: minutes(low), mid: minutes(mid), high: minutes(high) }, never);
}

/** When it may be poured on, and when it surely may, whichever reading of the label is true. */
function saySticky({ recoatH: { from, to }, ranges }: PlannedHeat): string {
  if (from === undefined) return never;
  const window = to === undefined ? `from ${sayHours(from)} on` : sayRoughRange(from * 60, to * 60);
  if (ranges === undefined) return window;
  const [sureFrom, sureTo] = [ranges.stickyFromH.high, ranges.stickyToH.low];
  const isSure = sureFrom !== null && (sureTo === null || sureFrom < sureTo);
  if (!isSure) return `${window}: touch it, its label leaves too much open`;
  const sure =
    sureTo === null ? `from ${sayHours(sureFrom)} on` : sayRoughRange(sureFrom * 60, sureTo * 60);
  return sure === window ? window : `${window}, surely ${sure}`;
}

/** What becomes of a layer, a row for each time. */
export function sayLayerTimes(layer: PlannedHeat): readonly (readonly [string, string])[] {
  const { gelH, tackFreeH, demouldH, demouldByLabel, keepsShapeH } = layer;
  const demould = sayRanged(layer, 'demouldH', demouldH);
  return [
    ['Gels', sayRanged(layer, 'gelH', gelH)],
    ['Sticky enough to pour on', saySticky(layer)],
    ['Tack-free', sayRanged(layer, 'tackFreeH', tackFreeH)],
    ['Out of the mould, may still bend', demouldByLabel ? `${demould}, by the label` : demould],
    ['Keeps its shape', sayRanged(layer, 'keepsShapeH', keepsShapeH)],
  ];
}

/** A time of day, 05:00. */
export function sayClock(minutes: number): string {
  const whole = Math.round(minutes) % (24 * 60);
  const two = (part: number): string => String(part).padStart(2, '0');
  return `${two(Math.floor(whole / 60))}:${two(whole % 60)}`;
}

export const bandNames: Readonly<Record<HeatBand, string>> = {
  easy: 'Easy',
  warm: 'Warm',
  high: 'High',
  runaway: 'Runaway',
};

const bandMeans: Readonly<Record<HeatBand, string>> = {
  easy: 'It warms gently: little stress sets in.',
  warm: 'Some stress sets in; fine for most pieces.',
  high: 'It is rubbery at its peak: cracks, yellowing, softened seals and cups.',
  runaway: 'Fumes and cracks: the piece is lost. Do not pour it like this.',
};

/** What the band means, and that the pour stands on the edge where it does. */
export const sayBand = ({ band, onEdge }: PlannedHeat): string =>
  onEdge
    ? `${bandMeans[band]} It is borderline: ${sayDegreesBy(edgeRoomK)} more in the room, ${sayPercent(edgeDepth - 1)} more depth or less air would shift the peak by over ${sayDegreesBy(edgeK)}.`
    : bandMeans[band];

/** The peak as a range; a runaway has no exact one. */
export function sayPeak(family: HeatFamily, { peakC, band }: PlannedHeat): string {
  const { low, mid, high } = peakC;
  const limit = runawayC(family);
  if (band === 'runaway' && low > limit) return `runaway, above about ${sayDegrees(limit)}`;
  if (high > limit) return `${sayDegreesOnly(low)} to above ${sayDegrees(Math.max(limit, mid))}`;
  return `${sayDegreesOnly(low)} to ${sayDegrees(high)}`;
}

/** One peak without its range; a runaway has no exact one. */
export const sayPeakAbout = (family: HeatFamily, peakC: number): string =>
  peakC > runawayC(family)
    ? `above about ${sayDegrees(runawayC(family))}`
    : `about ${sayDegrees(peakC)}`;

/** That the form will not bear it; empty where it will. */
export const sayFormBears = ({ formBearsC, peakC }: PlannedHeat): string =>
  formBearsC === undefined
    ? ''
    : `The mould (with its seals) stands ${sayDegrees(formBearsC)}, and the resin may reach ${sayDegrees(peakC.high)} in it: it may soften, stick or leak.`;

/** The layer that gets hottest: what a pour is told by where there is room for one. */
export const hottestLayer = ({ layers }: HeatPlan): PlannedHeat =>
  layers.reduce((hottest, each) => (each.peakC.mid > hottest.peakC.mid ? each : hottest));

/** What it most likely comes to and when, and whether anybody is awake. */
export function sayPeakTime(family: HeatFamily, layer: PlannedHeat): string {
  const { peakH, peakAtMin, asleep, peakC } = layer;
  if (peakH === undefined)
    return `It warms by less than ${sayDegreesBy(flatK)}: too flat to say when.`;
  const after = `${capital(sayPeakAbout(family, peakC.mid))} is likeliest, ${sayRanged(layer, 'peakH', peakH)} after it is poured`;
  if (peakAtMin === undefined) return `${after}.`;
  return `${after}, at ${sayClock(peakAtMin)}${asleep === true ? ': you will be asleep' : ''}.`;
}

export const saySolid: Readonly<Record<SolidKind, string>> = {
  timber: 'Timber',
  mdf: 'MDF',
  'birch-ply': 'birch plywood',
  'coated-chipboard': 'Coated board',
  silicone: 'Silicone',
  hdpe: 'HDPE',
  polypropylene: 'Polypropylene',
  aluminium: 'Aluminium',
};

export const undersideNames: Readonly<Record<Underside, string>> = {
  raised: 'Raised on blocks',
  bench: 'On a bench',
  foam: 'On foam',
  plate: 'On a cooled plate',
};

export const sealNames: Readonly<Record<Seal, string>> = {
  tape: 'Tape or hot melt',
  silicone: 'Silicone',
};

/** What would bring the peak down, and by how much. */
export function sayAdvice(advice: HeatAdvice, family: HeatFamily): string {
  const { peakC, lessK } = advice;
  // How far a runaway goes is not told, so neither is by how much less.
  const to =
    peakC > runawayC(family)
      ? `cooler, but still ${sayPeakAbout(family, peakC)}`
      : `${sayDegreesBy(lessK)} less, ${sayPeakAbout(family, peakC)}`;
  switch (advice.code) {
    case 'cooler-room':
      return `Room ${sayDegreesBy(advice.data.byK)} cooler, ${sayDegrees(advice.data.roomC)}: ${to}`;
    case 'fan':
      return `A fan until it has peaked: ${to}`;
    case 'blocks':
      return `The form raised on blocks: ${to}`;
    case 'uncovered':
      return `Without the dust cover: ${to}`;
    case 'one-more-layer':
      return `${advice.data.layers} layers, ${sayHours(advice.data.gapH)} apart: ${to}`;
    case 'resin':
      return `${advice.data.name} instead: ${to}`;
    case 'mould':
      return `A ${advice.data.whole ? 'form' : 'floor'} of ${saySolid[advice.data.solid].toLowerCase()}, ${sayMm(advice.data.thicknessMm)}: ${to}`;
  }
}

/**
 * How hard it gets, and when.
 * @param warm what would make up for a room that is too cold, where one was worked out
 */
export function sayHard(layer: PlannedHeat, warm?: WarmEnough): string {
  const { keepsShapeH, hardH, softensNearC, ranges } = layer;
  const days = sayTime(hardByS / 60);
  const softens = `After ${days} it softens near ${sayDegrees(softensNearC)}.`;
  if (hardH !== undefined)
    return `Hard after about ${sayRanged(layer, 'hardH', hardH)}. ${softens}`;
  const stops =
    keepsShapeH === undefined
      ? `In this room it stays soft: after ${days} it softens near ${sayDegrees(softensNearC)}.`
      : `In this room it keeps its shape and does not get hard: after ${days} it softens near ${sayDegrees(softensNearC)}.`;
  const perhapsH = ranges?.hardH.low ?? null;
  const perhaps =
    perhapsH === null
      ? ''
      : ` Read as kindly as its label bears it is hard after ${sayHours(perhapsH)}.`;
  if (warm === undefined)
    return `${stops}${perhaps} A warmer room or an oven at the end would help.`;
  const { roomC, warmDay } = warm;
  const room =
    roomC === undefined ? '' : ` A room of ${sayDegrees(Math.ceil(roomC))} would make it hard.`;
  return `${stops}${perhaps} ${postCureH} h at ${sayDegrees(postCureC)} at the end would bring that to ${sayDegrees(warmDay.softensNearC)}.${room}`;
}

const formWords: Readonly<Record<HeatForm['why'], string>> = {
  coat: 'A coat: heat leaves through its faces only.',
  wide: 'Wide against its depth: heat leaves through its faces only.',
  channel: 'A channel, cut across at its widest: the mean over as much length as it is deep.',
  tray: 'A tray, cut across its shorter side.',
  round: 'Round, cut through its axis.',
  ring: 'The wall of the ring, cut across.',
  'equal-cylinder': 'As a cylinder of the same depth and volume.',
  'thickest-cylinder': 'As a cylinder as wide as its thickest place.',
  'thickest-slab': 'As a slab as deep as it is.',
};
export const sayForm = ({ why }: HeatForm): string => formWords[why];

const boardWords = `${sayMm(usualBoard.thicknessM * 1000)} coated board`;
const assumedWords: Readonly<Record<HeatAssumption, string>> = {
  'resin-as-room': 'resin as warm as the room',
  'raised-board': 'raised on blocks',
  'board-floor': `${boardWords} under it`,
  'board-sides': `${boardWords} at the sides`,
  'timber-sides': `${sayMm(timberSideM * 1000)} timber at the sides`,
  'mould-wall': 'a usual wall of the mould',
  gap: 'a usual time between layers',
  'poured-now': 'no time of day',
  'insert-as-timber': 'what stands in it as light as timber',
};
export const sayAssumed = ({ assumed }: HeatPlan): string =>
  assumed.length === 0 ? '' : `Assumed: ${assumed.map((each) => assumedWords[each]).join(', ')}.`;

/** What stands in it, a cover over it and damp air, where there are any. */
export function sayAround({ air, coverMm, bodiesIn, layers }: HeatPlan): string {
  const where = layers.length === 1 ? 'it' : `layer ${bodiesIn.join(' and ')}`;
  const bodies =
    bodiesIn.length === 0
      ? []
      : [
          `What stands in ${where} is reckoned with: the resin round it, and the heat that it takes up.`,
        ];
  const cover =
    coverMm === undefined ? [] : [`A dust cover ${sayMm(coverMm)} over it keeps its heat in.`];
  const damp =
    air === undefined
      ? []
      : [`At ${sayPercent(air.humidity)} dew falls at ${sayDegrees(air.dewC)}.`];
  return [...bodies, ...cover, ...damp].join(' ');
}

/** What a pour stands on, and how that was taken. */
export function sayBelow({ below }: HeatPlan, nameOf: (pour: number) => string): string {
  return below
    .map(({ pour, as, beforeH, assumed, alpha, warmestC }) => {
      const name = nameOf(pour);
      const before = `${sayHours(beforeH)} before${assumed ? ' (assumed: a card gives no time)' : ''}`;
      if (as === 'cured' || alpha === undefined || warmestC === undefined) {
        return `It stands on ${name}, poured ${before}, taken as resin that has cured.`;
      }
      const share = (part: number): string => formatPlain(Math.floor(part * 100), 0);
      const cured =
        share(alpha.least) === share(alpha.most)
          ? share(alpha.least)
          : `${share(alpha.least)} to ${share(alpha.most)}`;
      return `It stands on ${name}, poured ${before} and still reacting: ${cured}\u00a0% cured and up to ${sayDegrees(warmestC)} warm by then.`;
    })
    .join(' ');
}

export function sayNoHeat(heat: NoHeat): string {
  if (heat.code === 'no-depth') {
    return 'A known amount has no depth. Measure the cavity, and its heat is told.';
  }
  return unmodelled[familyOf(heat.data.family).kind];
}

/** What heat does to resins that the model does not cover. */
const unmodelled: Readonly<Record<FamilyKind, string>> = {
  epoxy: 'The heat of this resin is not modelled.',
  polyurethane: 'The heat of this resin is not modelled.',
  polyester:
    'Polyester heats strongly, to 120 to 180\u00a0°C in thick castings, and is not modelled: keep to the depth on its label, or to thin layers.',
  uv: 'UV resin warms as light sets it, and is not modelled: a thick pour burns. Set thin layers, one after the other.',
  silicone: 'Silicone warms too little to be worth working out.',
};

/** What the label leaves out and something usual fills in. */
function sayAssumedLabel({ massG, temperatureC }: Calibration['assumed']): string {
  const figures = [
    ...(massG === undefined ? [] : [`${formatPlain(massG, 0)}\u00a0g in the cup`]),
    ...(temperatureC === undefined ? [] : [sayDegrees(temperatureC)]),
  ];
  return figures.length === 0
    ? ''
    : ` The label’s pot life is incomplete; ${figures.join(' and ')} assumed.`;
}

/** What the label and the model say of each other. */
export function sayCalibration({ verdict, assumed: left }: Calibration): string {
  const assumed = sayAssumedLabel(left);
  switch (verdict.code) {
    case 'no-pot-life':
      return 'The card gives no pot life: usual figures of the family are assumed.';
    case 'no-depth':
      return `Fitted to the label's pot life; it gives no greatest depth.${assumed}`;
    case 'agrees':
      return `Fitted to the label's pot life and greatest depth.${assumed}`;
    case 'depth-too-large':
      return `With this pot life the resin should overheat at ${sayMm(verdict.labelMm)}; the label may mean a narrow mould or moving air. Planning with ${sayMm(Math.floor(verdict.plannedMm))} for a wide pour in still air at ${sayDegrees(labelRoomC)}.${assumed}`;
    case 'depth-below-heat':
      return `Fitted to the label's pot life. Its depth stays under what heat allows: bubbles may be why, so it still counts.${assumed}`;
  }
}

/** How a card cures beside the usual of its family: only what differs by a tenth and more. */
export function sayPace({ rateScale }: Calibration): string {
  if (rateScale > 0.9 && rateScale < 1.1) return 'As quick as is usual for its family.';
  return rateScale > 1
    ? `${formatPlain(rateScale, 1)} times as quick as is usual for its family.`
    : `Takes ${formatPlain(1 / rateScale, 1)} times as long as is usual for its family.`;
}

const markNames: Readonly<Record<keyof MarkTimes, string>> = {
  tackFree: 'tack-free',
  recoatFrom: 'the start of the sticky window',
  recoatTo: 'its end',
  demould: 'demoulding',
  fullCure: 'full cure',
};

/** Times of the label that the model cannot follow all the way. */
export const sayMarks = ({ held }: CureMarks): string =>
  held.length === 0
    ? ''
    : held.length === 1
      ? `The label's time of ${markNames[held[0]!]} is out of the model’s reach: it is only close to the label’s.`
      : `The label's times of ${held.map((each) => markNames[each]).join(', ')} are out of the model's reach: they are only near the label's.`;

/** How a batch fares in its cup. */
export function sayBucket(bucket: JobBucket): readonly string[] {
  const { by, massG, pourableMin, labelMin, warmMin, hotMin, needsMin, largestG, keptBack } =
    bucket;
  if (by === 'nothing') return [sayNeeds(needsMin), 'The card gives no pot life.'];
  const label = labelMin === undefined ? '' : ` (label ${sayTime(labelMin)})`;
  const inCup =
    pourableMin === null
      ? `${sayRoughG(massG)} stays pourable for ${sayTime(bucketFollowedS / 60)} in the cup.`
      : `${sayRoughG(massG)} stays pourable for about ${sayRoughly(pourableMin)} in the cup${label}.`;
  const byRule =
    by === 'halving'
      ? 'There is no model of this resin in a bucket: its pot life is the label’s, ten degrees warmer halves it, and a large batch goes off sooner than that.'
      : undefined;
  const heat =
    hotMin === null
      ? 'It never gets hot in the cup.'
      : `At ${sayDegrees(bucketWarmC)} after about ${sayRoughly(warmMin ?? hotMin)}: pour now. At ${sayDegrees(bucketDangerC)} after about ${sayRoughly(hotMin)}: take it outdoors.`;
  const batch =
    largestG === undefined
      ? 'No batch leaves time to mix and pour.'
      : largestG === Infinity
        ? 'Any batch leaves time to pour.'
        : `Batches up to ${sayRoughG(largestG)} leave time to pour.`;
  return [
    `${inCup} ${sayNeeds(needsMin)}`,
    ...(by === 'family'
      ? ['The card gives no pot life: the family’s usual one stands for it.']
      : []),
    byRule ?? heat,
    keptBack > 0 ? `${batch} ${capital(sayPart(keptBack))} of the time is held in reserve.` : batch,
  ];
}

const sayNeeds = (needsMin: number): string => `Mixing and pouring take ${sayRoughly(needsMin)}.`;

/** Said once on a screen. */
export const heatIsEstimate =
  'An estimate from the label, not backed by tests. Label and safety data sheet come first.';
