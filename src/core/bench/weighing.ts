import { medianOf } from '../learn/medianOf';
import type { ScaleReading, ScaleTrouble } from '../instruments/scaleReading';

/**
 * Where the weighing of one part stands: nothing on the scale; a cup that is not tared; the part is being poured; the cup is away; or
 * it was tared with something in it, and only the person knows whether that was the cup.
 */
export type WeighingPhase = 'bare' | 'cup' | 'pouring' | 'lifted' | 'asked';

/** What was noticed besides, told once. */
export type WeighingNotice =
  | { readonly code: 'tared' }
  | { readonly code: 'unit'; readonly from: string; readonly to: string }
  | { readonly code: 'lifted'; readonly heldG: number }
  | { readonly code: 'back'; readonly differenceG: number };

/** The weighing of one part, as far as the scale has told of it. */
export interface Weighing {
  readonly phase: WeighingPhase;
  /** What the scale reads with nothing of this cup's contents in it. */
  readonly zeroG: number;
  /** In the cup now, all parts; undefined before anything was read. */
  readonly contentG: number | undefined;
  /** The reading has stayed where it is since then, ms. */
  readonly stillSince: number | undefined;
  readonly stillG: number | undefined;
  /** What was read while it stayed, the last of it, g. */
  readonly restG: readonly number[];
  /** What was in the cup when the part was begun. */
  readonly startG: number;
  /** What the cup held when it last stood still on the scale. */
  readonly heldG: number;
  readonly unit: string | undefined;
  readonly trouble: ScaleTrouble | undefined;
  /** The last thing the scale said, and when it came, ms. */
  readonly raw: string | undefined;
  readonly at: number | undefined;
  readonly notice: WeighingNotice | undefined;
  /** When the load left its resting place: a cup that is put down is there at once, resin comes slowly. */
  readonly movedAt: number | undefined;
}

export interface WeighingRules {
  readonly stepG: number;
}

/** A reading is still when it has not moved for so long, ms; a scale that calls itself stable needs less. */
const stillMs = 1_200;
const calledStillMs = 600;
/** One that has moved within so long is moving, ms. */
const movingMs = 400;
/** What is on the scale all at once, within so long, is a vessel, ms. */
const putDownMs = 2_000;
/** So many readings tell where it came to rest: an odd number, so that one of them is the middle one. */
const mostOfRest = 9;
/** Less than this is a breath of air or a drip, g. */
const leastVesselG = 3;
/** What is gone all at once is the cup and not a drip, g, or as a share of what was in it. */
const leastLiftG = 8;
const liftShare = 0.1;

/** From here on a scale is a coarse one, that flickers by whole steps, g. */
const coarseFromG = 2;
const leastStepG = 0.05;

/** What a resting reading flickers by: what the scale shows, or its step where that is coarse. */
const flickerG = (stepG: number, shownG: number | undefined): number =>
  Math.max(stepG >= coarseFromG ? stepG : (shownG ?? stepG), leastStepG) * 1.01;

/**
 * A part about to be weighed.
 * @param contentG in the cup already: 0 for its first part
 * @param isTared the scale was tared with this cup on it
 */
export const beginWeighing = (contentG = 0, isTared = contentG > 0): Weighing => ({
  phase: isTared ? 'pouring' : 'bare',
  zeroG: 0,
  contentG: isTared ? contentG : undefined,
  stillSince: undefined,
  stillG: undefined,
  restG: [],
  startG: contentG,
  heldG: contentG,
  unit: undefined,
  trouble: undefined,
  raw: undefined,
  at: undefined,
  notice: undefined,
  movedAt: undefined,
});

/** What is on the scale now counts as nothing: for a scale whose tare was not seen, or without one. */
export const countFromHere = (weighing: Weighing): Weighing => {
  const reads = (weighing.contentG ?? 0) + weighing.zeroG;
  return {
    ...weighing,
    phase: 'pouring',
    zeroG: reads,
    contentG: 0,
    heldG: 0,
    notice: { code: 'tared' },
    movedAt: undefined,
  };
};

/** The cup is tared, and what is on it is resin. */
export const itIsResin = (weighing: Weighing): Weighing => ({
  ...weighing,
  phase: 'pouring',
  movedAt: undefined,
});

/** What was on the scale when it was tared was the cup, or it was resin and is in the cup. */
export const answered = (weighing: Weighing, was: 'cup' | 'resin'): Weighing => {
  const reads = (weighing.contentG ?? 0) + weighing.zeroG;
  const heldG = was === 'cup' ? 0 : weighing.heldG;
  return { ...weighing, phase: 'pouring', zeroG: -heldG, contentG: reads + heldG, heldG };
};

/** How long a reading has been still, ms. */
export const stillForMs = ({ stillSince, at }: Weighing): number =>
  stillSince === undefined || at === undefined ? 0 : at - stillSince;

/** Whether the reading has come to rest. */
export const isStill = (weighing: Weighing): boolean => stillForMs(weighing) >= stillMs;

/**
 * What is in the cup, as it is written down: a scale at rest flickers by its last digit, and the reading that happens to come last
 * would be wrong by that. Of what it read while it rested the middle one counts.
 * @returns g; undefined before anything was read
 */
export function restingContentG(weighing: Weighing): number | undefined {
  const { restG, zeroG, contentG } = weighing;
  const middle = isStill(weighing) ? medianOf(restG)?.median : undefined;
  return middle === undefined ? contentG : middle - zeroG;
}

function unitNotice(before: Weighing, unit: string | undefined): WeighingNotice | undefined {
  return before.unit !== undefined && unit !== undefined && unit !== before.unit
    ? { code: 'unit', from: before.unit, to: unit }
    : undefined;
}

/** Since when the load has stayed; a scale that calls itself in motion is not at rest. */
function stillness(
  before: Weighing,
  g: number,
  { stable, resolutionG }: ScaleReading,
  at: number,
  stepG: number,
): Pick<Weighing, 'stillSince' | 'stillG' | 'restG'> {
  const stays =
    before.stillG !== undefined && Math.abs(g - before.stillG) <= flickerG(stepG, resolutionG);
  if (stable === false || !stays) {
    // One that says so itself has been still for a while already.
    return { stillG: g, stillSince: stable === true ? at - calledStillMs : at, restG: [g] };
  }
  const restG = [...before.restG.slice(1 - mostOfRest), g];
  return { stillG: before.stillG, stillSince: before.stillSince, restG };
}

const isNothing = (g: number, stepG: number): boolean => Math.abs(g) <= Math.max(2 * stepG, 0.3);

/** Before the cup is tared: what comes all at once is the cup, what goes back to nothing is its tare, what comes slowly is resin. */
function whileTaring(
  next: Weighing,
  before: Weighing,
  g: number,
  at: number,
  stepG: number,
): Weighing {
  const rests = isStill(next);
  if (before.phase === 'cup') {
    return rests && isNothing(g, stepG)
      ? { ...next, phase: 'pouring', zeroG: 0, contentG: 0, heldG: 0, notice: { code: 'tared' } }
      : { ...next, phase: 'cup', contentG: g };
  }
  if (isNothing(g, stepG) || g < leastVesselG) {
    return { ...next, phase: 'bare', contentG: g, movedAt: undefined };
  }
  const movedAt = before.movedAt ?? at;
  const cameAtOnce = next.stillSince !== undefined && next.stillSince - movedAt <= putDownMs;
  if (rests) {
    return cameAtOnce
      ? { ...next, phase: 'cup', contentG: g, movedAt }
      : { ...next, phase: 'pouring', zeroG: 0, contentG: g, heldG: g, movedAt };
  }
  // It goes on rising for longer than a cup takes to stand: it is being poured.
  return at - movedAt > putDownMs && stillForMs(next) < movingMs
    ? { ...next, phase: 'pouring', zeroG: 0, contentG: g, movedAt }
    : { ...next, phase: 'bare', contentG: g, movedAt };
}

/** While it is poured, or while the cup is away. */
function whilePouring(next: Weighing, before: Weighing, g: number, stepG: number): Weighing {
  const contentG = g - before.zeroG;
  const rests = isStill(next);
  const { heldG } = before;
  if (before.phase === 'asked') return { ...next, phase: 'asked', contentG };
  // A cup that was tared and is lifted reads below nothing: at rest on nothing it was tared anew.
  if (rests && heldG > leastVesselG && before.zeroG <= 0 && isNothing(g, stepG)) {
    const zeroG = -heldG;
    return before.startG > 0
      ? { ...next, phase: 'pouring', zeroG, contentG: heldG + g, notice: { code: 'tared' } }
      : { ...next, phase: 'asked', contentG };
  }
  const lost = heldG - contentG;
  const fell = lost > Math.max(leastLiftG, heldG * liftShare);
  if (before.phase === 'lifted') {
    return rests && !fell
      ? {
          ...next,
          phase: 'pouring',
          contentG,
          heldG: contentG,
          notice: { code: 'back', differenceG: contentG - heldG },
        }
      : { ...next, phase: 'lifted', contentG };
  }
  if (fell && heldG > 0) {
    return { ...next, phase: 'lifted', contentG, notice: { code: 'lifted', heldG } };
  }
  // It was lifted before it had come to rest: what it held then is what was read last.
  if (contentG < -leastLiftG) {
    const held = Math.max(heldG, before.contentG ?? 0);
    return {
      ...next,
      phase: 'lifted',
      contentG,
      heldG: held,
      notice: { code: 'lifted', heldG: held },
    };
  }
  return { ...next, phase: 'pouring', contentG, heldG: rests ? contentG : heldG };
}

/**
 * The weighing after the scale has said one more thing.
 * @param at when it came, ms
 */
export function weighed(
  before: Weighing,
  reading: ScaleReading,
  at: number,
  { stepG }: WeighingRules,
): Weighing {
  const said = { raw: reading.raw, at, notice: undefined };
  const { g } = reading;
  if (g === undefined) {
    return {
      ...before,
      ...said,
      trouble: reading.trouble ?? 'fault',
      stillSince: undefined,
      stillG: undefined,
      restG: [],
    };
  }
  const next: Weighing = {
    ...before,
    ...said,
    ...stillness(before, g, reading, at, stepG),
    unit: reading.unit ?? before.unit,
    trouble: undefined,
  };
  const moved =
    before.phase === 'bare' || before.phase === 'cup'
      ? whileTaring(next, before, g, at, stepG)
      : whilePouring(next, before, g, stepG);
  return { ...moved, notice: unitNotice(before, reading.unit) ?? moved.notice };
}

/** How the contents of a cup stand to the figure that they are to come to. */
export interface Standing {
  readonly toPourG: number;
  /** Past the figure by more than the scale can help. */
  readonly isOver: boolean;
  /** Close enough that it is the figure. */
  readonly isThere: boolean;
  /** The last grams: they are shown large, and poured slowly. */
  readonly isNear: boolean;
}

/** Close to a figure is so much of it, and at least so many grams. */
const nearShare = 0.06;
const leastNearG = 12;
/** A figure is met within this share of what is poured, or half a step of the scale. */
const metShare = 0.004;

/**
 * @param contentG in the cup now
 * @param targetG what is to be in it in the end
 * @param partG how much of that is this part
 */
export function standingOf(
  contentG: number,
  targetG: number,
  partG: number,
  stepG: number,
): Standing {
  const toPourG = targetG - contentG;
  const tolerance = Math.max(stepG * 0.55, partG * metShare);
  return {
    toPourG,
    isOver: toPourG < -tolerance,
    isThere: toPourG <= tolerance,
    isNear: toPourG <= Math.max(leastNearG, partG * nearShare),
  };
}
