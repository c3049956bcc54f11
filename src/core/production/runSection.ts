import type { Coded } from '../codes/coded';
import { ofPour, type ResolvedJob } from '../job/resolveJob';
import { pricePerG } from '../stock/pricePerG';
import { castInBoxOf } from '../mouldBox/castIn';
import type { Plan, PourPlan, Shelf } from '../plan/planTypes';
import { readQuantity } from '../quantity/readQuantity';
import { roomTemperatureRule, timeRule } from '../quantity/rules';
import { timeAtMin } from '../resin/inRoom';
import { readResin } from '../resin/readResin';
import { familyOf } from '../resin/families';
import { hardenerNames, withHardener } from '../resin/withHardener';
import { runSchedule, type Rhythm, type RunAct } from './runSchedule';
import type { RunShape } from './runShape';
import { slowedBy, thinnessOf } from './thinCasting';
import { runShapeOf } from './withRuns';

/** What would make a run shorter, worked out; min. */
interface RunWays {
  'one-more-mould': { readonly moulds: number };
  'second-pair-of-hands': { readonly hands: number };
  /** Another card of the shelf, or another hardener, of the same kind. */
  'faster-resin': { readonly name: string; readonly demouldMin: number };
  'more-a-mix': { readonly perMix: number };
}

/** One of them with what it brings. */
export type RunWay = Coded<RunWays> & {
  readonly makespanMin: number;
  readonly savesMin: number;
};

/** What holds a run up. */
export const bottlenecks = ['hands', 'moulds', 'pot'] as const;
export type Bottleneck = (typeof bottlenecks)[number];

/** How moulds wear in a run. */
export interface RunWear {
  /** Castings that each has behind it; undefined for a mould without a card. */
  readonly soFar: number | undefined;
  /** Of each, when the run is over. */
  readonly after: number;
  /** Undefined where nobody says how many it lasts. */
  readonly lasts: number | undefined;
  /** New ones that the run takes. */
  readonly newMoulds: number;
  /** After so many of its fillings the first one is worn out; undefined where none is. */
  readonly wornAfterFills: number | undefined;
}

/** What one good piece costs. */
export interface RunCost {
  readonly resin: number | undefined;
  readonly rubber: number | undefined;
  readonly each: number | undefined;
}

/** A run put in order. All figures unrounded. */
export interface RunSection extends RunShape {
  /** From the first mix to the next with the same mould, alone: mix, pour, wait, empty. */
  readonly cycleMin: number;
  readonly cycles: number;
  readonly makespanMin: number;
  readonly exact: boolean;
  readonly acts: readonly RunAct[];
  /** Of all the time, what hands are busy, and what moulds are in use. */
  readonly handsShare: number;
  readonly mouldsShare: number;
  readonly bottleneck: Bottleneck;
  readonly shotsPerHour: number;
  /** Hours a day at it, moulds that are filled in a day, and days that it takes. */
  readonly dayMin: number;
  readonly fillsADay: number;
  readonly days: number;
  /** On the last of them it is done after so long. */
  readonly lastDayMin: number;
  /** What one mix is, and all of them. */
  readonly mixG: number;
  readonly totalG: number;
  readonly spare: number;
  readonly wear: RunWear;
  readonly cost: RunCost;
  readonly ways: readonly RunWay[];
}

/** A working day where nobody says. Assumed. */
const usualDayMin = 8 * 60;
/** Less than this is no gain to speak of, min. */
const worthMin = 0.5;

/** The most that is done within a day, by halving: more fills never take less time. */
function fillsWithin(rhythm: Rhythm, dayMin: number): number {
  const fits = (mixes: number): boolean =>
    runSchedule({ ...rhythm, fills: mixes * rhythm.perMix }).makespanMin <= dayMin + 1e-9;
  const all = Math.ceil(rhythm.fills / rhythm.perMix);
  if (fits(all)) return rhythm.fills;
  let [low, high] = [0, all];
  while (high - low > 1) {
    const middle = (low + high) >> 1;
    if (fits(middle)) low = middle;
    else high = middle;
  }
  return low * rhythm.perMix;
}

/** Cards of the shelf, and hardeners of the card, that come out of the mould sooner and stay pourable long enough. */
function quicker(
  resolved: ResolvedJob,
  index: number,
  shape: RunShape,
  shelf: Shelf | undefined,
): readonly { readonly name: string; readonly demouldMin: number }[] {
  const { found, said } = resolved.pours[index]!;
  const roomC = readQuantity(said.room.temperature, roomTemperatureRule).value;
  const { rhythm } = shape;
  const { kind } = familyOf(found.family);
  const cards = (shelf?.resins ?? [found]).filter(({ family }) => familyOf(family).kind === kind);
  return cards.flatMap((card) =>
    hardenerNames(card).flatMap((hardener, at) => {
      const read = slowedBy(
        readResin(withHardener(card, at === 0 ? undefined : hardener)),
        thinnessOf(said, card.family),
      );
      const { demould } = read.times;
      if (demould === undefined || read.potLife === undefined) return [];
      const demouldMin = Math.max(timeAtMin(demould, roomC), shape.heldMin);
      const lasts = timeAtMin(read.potLife, roomC);
      const needs = rhythm.mixMin + rhythm.perMix * rhythm.pourMin;
      if (demouldMin >= rhythm.demouldMin - worthMin || lasts < needs) return [];
      const name = at === 0 ? card.name : `${card.name}, ${hardener}`;
      return [{ name, demouldMin }];
    }),
  );
}

function waysOf(
  resolved: ResolvedJob,
  index: number,
  shape: RunShape,
  makespanMin: number,
  shelf: Shelf | undefined,
): readonly RunWay[] {
  const { rhythm, mostPerMix, neededFills } = shape;
  const refilled = (changed: Rhythm): Rhythm => ({
    ...changed,
    fills: Math.ceil(neededFills / changed.perMix) * changed.perMix,
  });
  const tried: (Coded<RunWays> & { readonly to: Rhythm })[] = [
    {
      code: 'one-more-mould',
      data: { moulds: rhythm.moulds + 1 },
      to: { ...rhythm, moulds: rhythm.moulds + 1 },
    },
    {
      code: 'second-pair-of-hands',
      data: { hands: rhythm.hands + 1 },
      to: { ...rhythm, hands: rhythm.hands + 1 },
    },
    ...quicker(resolved, index, shape, shelf).map(
      (resin) =>
        ({
          code: 'faster-resin',
          data: resin,
          to: { ...rhythm, demouldMin: resin.demouldMin },
        }) as const,
    ),
    ...Array.from(
      { length: Math.min(rhythm.moulds, mostPerMix ?? rhythm.moulds) },
      (_, at) => at + 1,
    )
      .filter((perMix) => perMix !== rhythm.perMix)
      .map(
        (perMix) =>
          ({ code: 'more-a-mix', data: { perMix }, to: refilled({ ...rhythm, perMix }) }) as const,
      ),
  ];
  return tried.flatMap(({ to, ...way }): RunWay[] => {
    // One mould more may let one mix fill one more.
    const more =
      way.code === 'one-more-mould' &&
      to.perMix + 1 <= Math.min(to.moulds, mostPerMix ?? to.moulds);
    const times = [to, ...(more ? [refilled({ ...to, perMix: to.perMix + 1 })] : [])].map(
      (each) => runSchedule(each).makespanMin,
    );
    const soonest = Math.min(...times);
    const savesMin = makespanMin - soonest;
    return savesMin > worthMin ? [{ ...way, makespanMin: soonest, savesMin }] : [];
  });
}

const sumOf = (acts: readonly RunAct[], of: (act: RunAct) => number): number =>
  acts.reduce((sum, act) => sum + of(act), 0);

function wearOf(
  {
    run,
    mould,
  }: { readonly run: { lasts?: number | undefined }; readonly mould: number | undefined },
  { rhythm }: RunShape,
): RunWear {
  const each = Math.ceil(rhythm.fills / rhythm.moulds);
  const soFar = mould;
  const after = (soFar ?? 0) + each;
  const { lasts } = run;
  const left = lasts === undefined ? undefined : Math.max(0, lasts - (soFar ?? 0));
  const over = left === undefined || lasts === undefined ? 0 : Math.max(0, each - left);
  return {
    soFar,
    after,
    lasts,
    newMoulds: lasts === undefined ? 0 : Math.ceil(over / lasts) * rhythm.moulds,
    wornAfterFills: left !== undefined && left < each ? left : undefined,
  };
}

/** What a gram of resin costs in the kits that the job buys, or in the best of them where it is all there. */
function perG(
  plan: Plan,
  pour: PourPlan,
  resolved: ResolvedJob,
  index: number,
): number | undefined {
  const bought = plan.buying.find(({ pours }) => pours.includes(index))?.buying.perKg;
  if (bought !== undefined) return bought / 1000;
  const { card, resin } = resolved.pours[index]!;
  return pricePerG(card, pour.totalMl, resin.mixedDensityGPerMl);
}

function costOf(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  { lasts, mouldCost }: { lasts?: number | undefined; mouldCost?: number | undefined },
  shape: RunShape,
): RunCost {
  const pour = plan.pours[index]!;
  const gram = perG(plan, pour, resolved, index);
  const resin = gram === undefined ? undefined : (gram * pour.totalG) / shape.wanted;
  const before = plan.pours.slice(0, index).find(({ role }) => role === 'mould');
  const rubberG = before && perG(plan, before, resolved, before.index);
  const mould =
    mouldCost ??
    before?.mould?.cost ??
    (rubberG === undefined ? undefined : rubberG * before!.totalG);
  const rubber =
    mould === undefined || lasts === undefined
      ? undefined
      : (mould * shape.rhythm.fills) / lasts / shape.wanted;
  return {
    resin,
    rubber,
    each: resin === undefined ? undefined : resin + (rubber ?? 0),
  };
}

/** Whatever is busy most of the time; a pot is in use as long as something is in it. */
function bottleneckOf(handsShare: number, mouldsShare: number, inPot: boolean): Bottleneck {
  if (handsShare >= 0.9 || handsShare >= mouldsShare) return 'hands';
  return inPot ? 'pot' : 'moulds';
}

/**
 * A run put in order: cycle table, bottleneck, hours, wear, cost of a piece, and what would make it shorter.
 * @param index the pour, counted from 0
 * @returns undefined for a pour that is no run
 * @throws InputError those of `runShapeOf`
 */
export function runSection(
  resolved: ResolvedJob,
  plan: Plan,
  index: number,
  shelf?: Shelf,
): RunSection | undefined {
  const pour = resolved.job.pours[index]!;
  const { run } = pour;
  if (run === undefined) return undefined;
  return ofPour(pour, index, () => {
    const shape = runShapeOf(resolved.job, index)!;
    const { rhythm } = shape;
    const { acts, makespanMin, exact } = runSchedule(rhythm);
    const busyMin = sumOf(acts, ({ fromMin, toMin }) => toMin - fromMin);
    const inUseMin = sumOf(acts, ({ does, fromMin, outMin, toMin }) =>
      does === 'mix' ? outMin.reduce((sum, out) => sum + out - fromMin, 0) : toMin - fromMin,
    );
    const handsShare = busyMin / (makespanMin * rhythm.hands);
    const mouldsShare = inUseMin / (makespanMin * rhythm.moulds);
    const dayMin =
      run.dayHours === undefined ? usualDayMin : readQuantity(run.dayHours, timeRule).value;
    const fillsADay = fillsWithin(rhythm, dayMin);
    const days = fillsADay === 0 ? 0 : Math.ceil(rhythm.fills / fillsADay);
    const lastFills = rhythm.fills - Math.max(0, days - 1) * fillsADay;
    // A mould that the job makes lasts as its box says, unless the run says otherwise.
    const lasts = run.lasts ?? castInBoxOf(resolved.pours[index]!.said)?.lasts;
    const worn = { ...run, lasts };
    const { totalG } = plan.pours[index]!;
    const [part] = (pour.measure ?? resolved.job.measure)!.parts;
    const { mixMin, pourMin, perMix, demouldMin, handlingMin } = rhythm;
    return {
      ...shape,
      cycleMin: mixMin + perMix * pourMin + demouldMin + handlingMin,
      cycles: Math.ceil(rhythm.fills / rhythm.moulds),
      makespanMin,
      exact,
      acts,
      handsShare,
      mouldsShare,
      bottleneck: bottleneckOf(handsShare, mouldsShare, rhythm.inPot),
      shotsPerHour: (60 * rhythm.fills) / makespanMin,
      dayMin,
      fillsADay,
      days,
      lastDayMin: fillsADay === 0 ? 0 : runSchedule({ ...rhythm, fills: lastFills }).makespanMin,
      mixG: totalG / shape.mixes,
      totalG,
      spare: shape.cast - shape.neededPieces,
      wear: wearOf(
        { run: worn, mould: part?.shape === 'mould' ? (part.mould.castings ?? 0) : undefined },
        shape,
      ),
      cost: costOf(resolved, plan, index, worn, shape),
      ways: waysOf(resolved, index, shape, makespanMin, shelf),
    };
  });
}
