import { begunAt } from '../cure/watchCure';
import { curingPourOf, nextWindow } from '../bench/curing';
import { lastEvent } from '../bench/benchEvents';
import { pourOf, type BenchCopy } from '../bench/benchCopy';
import { type BenchState } from '../bench/benchState';
import { runStand } from '../bench/runLanes';
import { isAfterLane, isBatchLane, type BatchLane } from '../bench/lanes';
import { firstStirMin } from '../bench/benchSteps';
import { pourResult, pricePerKg } from '../bench/pourResult';
import type { Plan, PlannedBatch, PourPlan } from '../plan/planTypes';
import { idOfLine, type PrepareLine } from '../prepare/prepareOf';
import { readResin } from '../resin/readResin';
import { withHardener } from '../resin/withHardener';
import { labelOf } from '../resin/labelOf';
import type { Resin } from '../resin/resinSchema';
import { demouldTaskId, planeTaskId, pourTaskId } from '../timetable/taskIds';
import type { BatchRecord, LayerRecord, PourRecord } from './recordSchema';

const msPerMin = 60_000;

const cardOf = ({ buying }: Plan, { index }: PourPlan): Resin | undefined =>
  buying.find(({ pours }) => pours.includes(index))?.card;

function batchOf(
  pour: PourPlan,
  lane: BatchLane,
  heated: ReadonlyMap<string, number>,
): BatchRecord {
  const { batch, inCup, metAt, pouredAt, steps, rest } = lane;
  const at = (kind: string): number | undefined => steps.find((step) => step.kind === kind)?.at;
  const stir = steps.findIndex(({ kind }) => kind === 'stir');
  const [from, to] = [steps[stir - 1]?.at, steps[stir]?.at];
  const second = steps.find(({ kind }) => kind === 'second-cup');
  const letOut = steps.find(({ kind }) => kind === 'rest');
  const { onScale, bucket } = batch.group;
  const last = steps.findIndex(({ kind }) => kind === 'pour');
  // Since the step before it: what one does with a full cup is to pour it.
  const [pouringFrom, pouringTo] = [steps[last - 1]?.at, steps[last]?.at];
  const by = steps.find(({ kind, event }) => kind === 'part-b' && event?.by !== undefined)?.event
    ?.by;
  return {
    id: lane.id,
    plannedAG: onScale.aG,
    plannedBG: onScale.bG,
    aG: inCup.aG,
    bG: inCup.bG,
    by,
    metAt,
    pouredAt: pouredAt ?? at('pour'),
    stirredMin: from === undefined || to === undefined ? undefined : (to - from) / msPerMin,
    plannedStirMin: stir === -1 ? undefined : firstStirMin(pour),
    leftG: steps[last]?.event?.leftG,
    pouringMin:
      pouringFrom === undefined || pouringTo === undefined
        ? undefined
        : (pouringTo - pouringFrom) / msPerMin,
    secondCup: second?.at === undefined ? undefined : second.state === 'done',
    rest: letOut?.state === 'done' ? (rest?.way ?? 'rest') : undefined,
    restSkipped: letOut?.state === 'skipped' ? true : undefined,
    pourableMin: bucket.pourableMin,
    heatedAt: heated.get(lane.id),
  };
}

const finite = (value: number | undefined): number | undefined =>
  value !== undefined && Number.isFinite(value) ? value : undefined;

const minutes = (hours: number | undefined): number | undefined =>
  hours === undefined ? undefined : hours * 60;

function layerOf(
  copy: BenchCopy,
  state: BenchState,
  layer: number,
  heated: ReadonlyMap<string, number>,
): LayerRecord {
  const pour = pourOf(copy);
  const { joint, cure, fromMm, toMm } = pour.layers[layer]!;
  const { begunAt, pouredAt } = state.layers[layer]!;
  const window = nextWindow(copy, state, layer - 1);
  const under = pour.layers[layer - 1]?.cure;
  const after = state.lanes.filter(isAfterLane).find((lane) => lane.layer === layer);
  return {
    depthMm: fromMm === undefined || toMm === undefined ? undefined : toMm - fromMm,
    joint: joint?.school,
    begunAt,
    pouredAt,
    window: window && { fromMin: window.from, toMin: finite(window.to) },
    scuffFromMin: minutes(under?.keepsShapeH),
    peakC: cure?.peakC,
    gelMin: minutes(cure?.gelH),
    hardMin: minutes(cure?.hardH),
    bubblePasses:
      pouredAt === undefined
        ? []
        : (after?.steps ?? []).flatMap(({ kind, at, state: how }, index) =>
            kind === 'bubbles'
              ? [
                  {
                    dueAt: Math.round(after!.dueAt[index]!),
                    doneAt: how === 'done' ? at : undefined,
                  },
                ]
              : [],
          ),
    batches: state.lanes
      .filter(isBatchLane)
      .filter((lane) => lane.layer === layer && lane.isBegun)
      .map((lane) => batchOf(pour, lane, heated)),
  };
}

/** What of a list was done: nothing is known where nobody ticked anything off. */
function doneOf(
  lines: readonly PrepareLine[],
  ticked: ReadonlySet<string>,
): (...codes: readonly PrepareLine['code'][]) => boolean | undefined {
  const isKept = lines.some((line) => ticked.has(idOfLine(line)));
  return (...codes) => {
    const own = lines.filter(({ code }) => codes.includes(code));
    if (own.length === 0 || !isKept) return undefined;
    return own.every((line) => ticked.has(idOfLine(line)));
  };
}

/** The most of a mix that fillers are, and that pigment is. */
function mixedInto({ batches }: PourPlan): { readonly fillers: number; readonly pigment: number } {
  const sum = (list: readonly { readonly share: number }[] | undefined): number =>
    (list ?? []).reduce((all, { share }) => all + share, 0);
  return {
    fillers: Math.max(0, ...batches.map(({ fillers }) => sum(fillers))),
    pigment: Math.max(
      0,
      ...batches.map(({ pigments, shares }) =>
        Math.max(sum(pigments), ...shares.map((each) => sum(each.pigments))),
      ),
    ),
  };
}

/** What there was to fill; nothing where fillers took part of it. */
function measuredOf({ kind }: BenchCopy, pour: PourPlan): PourRecord['measured'] {
  const shapes = new Set(pour.parts.map(({ shape }) => shape));
  const [by] = shapes;
  return (pour.fillers ?? []).length > 0 || !(pour.cavityMl > 0)
    ? undefined
    : {
        ml: pour.cavityMl,
        gPerMl: pour.resin.mixedDensityGPerMl,
        kind,
        by: shapes.size === 1 ? by : undefined,
      };
}

/** What a drop of each pigment weighs that is counted in drops. */
function dropsOf({ portions, batches }: PourPlan): PourRecord['drops'] {
  const all = [...portions, ...batches, ...batches.flatMap(({ shares }) => shares)].flatMap(
    ({ pigments }) => pigments,
  );
  const found = new Map(
    all.flatMap(({ name, g, drops }) =>
      drops === undefined || drops <= 0 ? [] : [[name, g / drops]],
    ),
  );
  return [...found].map(([pigment, dropG]) => ({ pigment, dropG }));
}

/** What of a pour was mixed and lost, in money; nothing where no price is known. */
function costOf(copy: BenchCopy, state: BenchState): Pick<PourRecord, 'cost' | 'lostCost'> {
  const perKg = pricePerKg(copy.plan, pourOf(copy));
  const { batches, lostCost } = pourResult(copy, state);
  if (perKg === undefined) return {};
  const mixedG = batches.reduce((sum, { aG = 0, bG = 0 }) => sum + aG + bG, 0);
  return { cost: (mixedG / 1000) * perKg, lostCost };
}

/** How it stood, with when each layer was really begun; nothing where no model follows it. */
function stoodOf(copy: BenchCopy, state: BenchState): PourRecord['stood'] {
  const pour = curingPourOf(copy, state);
  if (pour === undefined) return undefined;
  const share = (fillers: PlannedBatch['fillers']): number =>
    (fillers ?? []).reduce((sum, each) => sum + each.share, 0);
  // The batch with the least of fillers gets hottest.
  const [least] = [...pourOf(copy).batches].sort((a, b) => share(a.fillers) - share(b.fillers));
  return {
    setting: begunAt(pour.planned, pour.begunS),
    fillers: (least?.fillers ?? []).map(({ kind, share: of, grainGPerMl }) => ({
      kind,
      share: of,
      grainGPerMl,
    })),
  };
}

/** What only some families have; undefined where there is nothing of it. */
function specialOf(copy: BenchCopy, state: BenchState): PourRecord['special'] {
  const { mould, pressure, lamp } = pourOf(copy);
  const looks = state.lanes.filter(isAfterLane).flatMap(({ steps }) => steps);
  const doneOf = (kind: 'close-pot' | 'open-pot') =>
    looks.filter((step) => step.kind === kind && step.state === 'done');
  // In the order of its mixes: each is let out once.
  const opened = doneOf('open-pot');
  const held = doneOf('close-pot').flatMap(({ at: from = 0 }, mix) => {
    const to = opened[mix]?.at;
    return to === undefined ? [] : [(to - from) / msPerMin];
  });
  const lit = looks.filter(({ kind }) => kind === 'lamp');
  const stand = copy.run && runStand(copy.run, state.lanes);
  const found: NonNullable<PourRecord['special']> = {
    curedOn: mould?.checks[0]?.material,
    wallMm: mould?.made.thinnestMm,
    pressureKPa: pressure?.gaugeKPa,
    mouldPressureKPa: pressure?.mouldGaugeKPa,
    potHeldMin: held.length === 0 ? undefined : Math.min(...held),
    potNeededMin: pressure?.holdLeastMin,
    lightBlocked: lamp && lamp.shades.length > 0,
    lampLeftOut: lit.length === 0 ? undefined : lit.some((step) => step.state === 'skipped'),
    cast: stand?.cast,
    good: stand?.good,
  };
  return Object.values(found).every((each) => each === undefined) ? undefined : found;
}

/** What of a job is ticked off: lines of its list of preparations, and tasks of its days with when they were done, ms. */
export interface TickedOff {
  readonly lines: ReadonlySet<string>;
  readonly tasks: ReadonlyMap<string, number>;
}

/**
 * A pour of a record as the bench wrote it: its plan beside what was really done.
 * @param live the pour at the bench
 * @param ticked what of its job is ticked off
 */
export function pourRecordOf(
  copy: BenchCopy,
  state: BenchState,
  live: string,
  ticked: TickedOff,
): PourRecord {
  const pour = pourOf(copy);
  const { resin } = pour;
  const card = cardOf(copy.plan, pour);
  const heated = new Map<string, number>();
  for (const { did, lane, at } of state.events) {
    if (did === 'heating' && lane !== undefined && !heated.has(lane)) heated.set(lane, at);
  }
  const { fillers, pigment } = mixedInto(pour);
  const done = doneOf(copy.prepare, ticked.lines);
  const rooms = state.events.flatMap(({ did, place, c }) =>
    did === 'read' && place === 'room' && c !== undefined ? [c] : [],
  );
  const [first] = pour.layers;
  // Told at the watch, or ticked off in the days.
  const lastAt = (
    did: 'demoulded' | 'planed' | 'fan-off',
    ...tasks: readonly string[]
  ): number | undefined =>
    lastEvent(state.events, (event) => event.did === did)?.at ??
    tasks.flatMap((task) => ticked.tasks.get(task) ?? []).at(-1);
  const label = card && withHardener(card, resin.hardener);
  const pigmentLimit = label && readResin(label).pigmentLimit;
  return {
    name: pour.name ?? '',
    live,
    resin: resin.name,
    family: resin.family,
    hardener: resin.hardener,
    card: card && labelOf(card),
    lots: [],
    mould: undefined,
    roomC: rooms.length > 0 ? Math.min(...rooms) : first?.mixedAt.roomC,
    resinC: first?.mixedAt.resinC,
    fillerShare: fillers,
    pigmentPercent: pigment * 100,
    pigmentGreatestPercent: pigmentLimit === undefined ? undefined : pigmentLimit * 100,
    timberSealed: done('seal-edges', 'seal-faces'),
    released: done('release'),
    formSealed: done('seal-form'),
    heldDown: done('hold-down'),
    surfaceCleaned: done('clean-surface', 'clean-timber', 'wipe-oil'),
    covered: done('cover'),
    said: [],
    measured: measuredOf(copy, pour),
    drops: dropsOf(pour),
    special: specialOf(copy, state),
    layers: pour.layers.map((_, layer) => layerOf(copy, state, layer, heated)),
    stood: stoodOf(copy, state),
    readings: state.events.flatMap(({ did, at, c, place }) =>
      did === 'read' && c !== undefined && place !== undefined ? [{ at, c, place }] : [],
    ),
    seen: state.events.flatMap(({ did, at, layer, test, found }) =>
      did === 'felt' && layer !== undefined && test !== undefined && found !== undefined
        ? [{ at, layer, test, state: found }]
        : [],
    ),
    looks: state.events.flatMap(({ did, at, layer, surface }) =>
      did === 'looked' && layer !== undefined && surface !== undefined
        ? [{ at, layer, surface }]
        : [],
    ),
    demouldedAt: lastAt('demoulded', demouldTaskId(pour)),
    machinedAt: lastAt('planed', planeTaskId(pour)),
    fanOffAt: lastAt(
      'fan-off',
      ...pour.layers.map((_, layer) => `${pourTaskId(pour, layer)}/fan-off`),
    ),
    ...costOf(copy, state),
  };
}
