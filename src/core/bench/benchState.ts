import { correctBatch, type BatchCorrection } from '../plan/correctBatch';
import type { PourPlan } from '../plan/planTypes';
import { pourOf, type BenchCopy } from './benchCopy';
import { lastEvent, type BenchEvent } from './benchEvents';
import type { LaterStep } from './laterSteps';
import type { AfterLane, BatchLane, InCup, Lane, StepState } from './lanes';
import { runLanes } from './runLanes';
import {
  afterLane,
  benchBatches,
  plannedSteps,
  readyLane,
  stepOf,
  type BenchBatch,
  type BenchStep,
} from './benchSteps';

/** A pour under way, as it follows from what happened. */
export interface BenchState {
  readonly lanes: readonly (Lane | BatchLane | AfterLane)[];
  readonly events: readonly BenchEvent[];
  readonly isPaused: boolean;
  readonly pausedAt: number | undefined;
  /** Everything is poured and looked after, or it was ended. */
  readonly isOver: boolean;
  /** When it was ended before all of it was poured, ms: it may be gone on with. */
  readonly endedAt: number | undefined;
  /** When a layer was begun and when its last batch was poured, ms. */
  readonly layers: readonly {
    readonly begunAt: number | undefined;
    readonly pouredAt: number | undefined;
    readonly poured: number;
    readonly batches: number;
  }[];
}

/** Events by step: the last word on each, after what went back was taken out. */
function settledSteps(events: readonly BenchEvent[]): ReadonlyMap<string, BenchEvent> {
  const settled = new Map<string, BenchEvent>();
  for (const event of events) {
    const { step, did } = event;
    if (step === undefined) continue;
    if (did === 'reopened') {
      const lane = step.slice(0, step.indexOf(':'));
      const order = [...settled.keys()].filter((each) => each.startsWith(`${lane}:`));
      const at = order.indexOf(step);
      // What was done after it in its lane is open again too.
      if (at !== -1) order.slice(at).forEach((each) => settled.delete(each));
    } else if ((did === 'done' || did === 'skipped') && !settled.has(step)) {
      settled.set(step, event);
    }
  }
  return settled;
}

const settledStep = (step: BenchStep, event: BenchEvent | undefined): StepState => ({
  ...step,
  state: event === undefined ? 'open' : event.did === 'skipped' ? 'skipped' : 'done',
  at: event?.at,
  event,
});

/** Below this a part is not topped up: half of what the scale shows. */
const worthAdding = (addG: number, stepG: number): boolean => addG > stepG * 0.5 + 1e-9;

/**
 * What of A and B is still to be added so that the ratio is right, as long as it is further off than is fine: nothing is ever
 * poured back.
 */
function toAdd(correction: BatchCorrection | undefined): 'more-a' | 'more-b' | undefined {
  if (correction === undefined || correction.band === 'fine') return undefined;
  const { a, b, onScale } = correction;
  if (worthAdding(a.addG, onScale.stepG)) return 'more-a';
  return worthAdding(b.addG, onScale.stepG) ? 'more-b' : undefined;
}

/** What the cup holds by now of each part; a later figure of a part stands for all of it. */
function cupOf(steps: readonly StepState[]): InCup {
  let [aG, bG]: [number | undefined, number | undefined] = [undefined, undefined];
  for (const { kind, state, event } of steps) {
    if (state !== 'done' || event === undefined) continue;
    if (kind === 'part-a' || kind === 'more-a') aG = event.g ?? aG;
    if (kind === 'part-b' || kind === 'more-b') bG = event.g ?? bG;
    aG = event.aG ?? aG;
    bG = event.bG ?? bG;
  }
  return { aG, bG };
}

/** How often both parts may be corrected; nobody tries longer than that. */
const mostCorrections = 6;

/** The steps of a batch with its corrections among them: each is there once it was done, or while it is due. */
function withCorrections(
  pour: PourPlan,
  batch: BenchBatch,
  settled: ReadonlyMap<string, BenchEvent>,
): readonly StepState[] {
  const planned = plannedSteps(pour, batch).map((step) => settledStep(step, settled.get(step.id)));
  if (pour.resin.ratio === undefined) return planned;
  const isPart = ({ kind }: StepState): boolean => kind === 'part-a' || kind === 'part-b';
  const lastPart = planned.indexOf(planned.filter(isPart).at(-1)!);
  const parts = planned.slice(0, lastPart + 1);
  if (parts.some(({ state }) => state === 'open')) return planned;
  const steps = [...parts];
  for (let turn = 0; turn < mostCorrections; turn += 1) {
    const kind = toAdd(correctBatch(pour, batch.group.id, cupOf(steps)));
    if (kind === undefined) break;
    const step = stepOf(batch.id, kind, turn);
    const event = settled.get(step.id);
    steps.push(settledStep(step, event));
    // What was left out is not asked for again.
    if (event?.did !== 'done') break;
  }
  return [...steps, ...planned.slice(lastPart + 1)];
}

function laneOf(
  id: string,
  kind: Lane['kind'],
  layer: number,
  steps: readonly StepState[],
  isOpen: boolean,
): Lane {
  const times = steps.flatMap(({ at }) => (at === undefined ? [] : [at]));
  const next = steps.find(({ state }) => state === 'open');
  const before = next === undefined ? undefined : steps[steps.indexOf(next) - 1];
  return {
    id,
    kind,
    layer,
    steps,
    next,
    isOpen,
    isBegun: times.length > 0,
    begunAt: times.length === 0 ? undefined : Math.min(...times),
    since: before?.at,
  };
}

/** When A met B: seen by the scale, or when the second part was in, or both were put together. */
function metAtOf(
  steps: readonly StepState[],
  events: readonly BenchEvent[],
  lane: string,
): number | undefined {
  const parts = steps.filter(({ kind }) => kind === 'part-a' || kind === 'part-b');
  const second = parts.at(-1);
  const first = parts[0];
  const pumped = steps.find(({ kind }) => kind === 'strokes');
  if (pumped !== undefined) {
    return events.find(({ did, step }) => did === 'counted' && step === pumped.id)?.at ?? pumped.at;
  }
  if (parts.length < 2 || first?.state === 'open') return undefined;
  const combine = steps.find(({ kind }) => kind === 'combine');
  if (combine !== undefined) return combine.at;
  const since = first?.at ?? 0;
  const seen = events.find(({ did, lane: of, at }) => did === 'met' && of === lane && at >= since);
  return seen?.at ?? second?.at;
}

function batchLane(
  pour: PourPlan,
  batch: BenchBatch,
  settled: ReadonlyMap<string, BenchEvent>,
  events: readonly BenchEvent[],
  isOpen: boolean,
): BatchLane {
  const steps = withCorrections(pour, batch, settled);
  const lane = laneOf(batch.id, 'batch', batch.layer, steps, isOpen);
  const inCup = cupOf(steps);
  const rest = steps.find(({ kind }) => kind === 'rest');
  const chosen = rest && lastEvent(events, ({ did, step }) => did === 'chosen' && step === rest.id);
  const metAt = metAtOf(steps, events, batch.id);
  return {
    ...lane,
    kind: 'batch',
    batch,
    inCup,
    correction:
      pour.resin.ratio === undefined ? undefined : correctBatch(pour, batch.group.id, inCup),
    metAt,
    pouredAt: steps.find(({ kind }) => kind === 'pour')?.at,
    rounds: events.filter(({ did, step }) => did === 'counted' && step === `${batch.id}:strokes`)
      .length,
    rest: chosen?.way === undefined ? undefined : { way: chosen.way, at: chosen.at, c: chosen.c },
    readings: events.flatMap(({ did, lane: of, place, c, at }) =>
      did === 'read' && of === batch.id && place === 'cup' && c !== undefined && metAt !== undefined
        ? [{ at, c }]
        : [],
    ),
  };
}

const msPerMin = 60_000;

/** What is looked after once a layer is poured, in the order in which it is due; undefined where nothing is. */
function lookedAfter(
  copy: BenchCopy,
  layer: number,
  settled: ReadonlyMap<string, BenchEvent>,
  pouredAt: number | undefined,
): AfterLane | undefined {
  const { bubblesMin = [], later = [] } = copy.layerTimes[layer] ?? {};
  const lane = afterLane(layer);
  const settle = (kind: BenchStep['kind'], turn: number): StepState => {
    const step = stepOf(lane, kind, turn);
    return settledStep(step, settled.get(step.id));
  };
  const turns = new Map<LaterStep['code'], number>();
  const looks = [
    ...bubblesMin.map((afterMin, turn) => ({
      step: settle('bubbles', turn),
      afterMin,
      said: undefined,
    })),
    ...later.map((said) => {
      const turn = turns.get(said.code) ?? 0;
      turns.set(said.code, turn + 1);
      return { step: settle(said.code, turn), afterMin: said.afterMin, said };
    }),
  ].sort((one, other) => one.afterMin - other.afterMin);
  if (looks.length === 0) return undefined;
  const closedAt = looks.find(({ said }) => said?.code === 'close-pot')?.step.at;
  const steps = looks.map(({ step }) => step);
  return {
    ...laneOf(lane, 'after', layer, steps, pouredAt !== undefined),
    kind: 'after',
    // A pot is held from when it was closed.
    dueAt: looks.map(
      ({ afterMin, said }) =>
        ((said?.code === 'open-pot' ? closedAt : undefined) ?? pouredAt ?? Infinity) +
        afterMin * msPerMin,
    ),
    later: looks.map(({ said }) => said),
  };
}

/** When a step of a lane is due, ms, and what it is about. */
export function lookOf(
  { steps, dueAt, later }: AfterLane,
  step: Pick<BenchStep, 'id'>,
): { readonly dueAt: number; readonly later: LaterStep | undefined } {
  const at = steps.findIndex(({ id }) => id === step.id);
  return { dueAt: dueAt[at]!, later: later[at] };
}

/**
 * Where a pour stands: everything on the screen follows from the plan that it was begun with and from what happened since. A step
 * that is done once is done: the same event written twice changes nothing.
 */
export function benchState(copy: BenchCopy, events: readonly BenchEvent[]): BenchState {
  const pour = pourOf(copy);
  const settled = settledSteps(events);
  const batches = benchBatches(pour);
  const lanes: Lane[] = [];
  const layers: {
    -readonly [Key in keyof BenchState['layers'][number]]: BenchState['layers'][number][Key];
  }[] = [];
  let before = true;
  for (let layer = 0; layer < pour.layers.length; layer += 1) {
    const poured = copy.before[layer];
    if (poured !== undefined) {
      const count = batches.filter((batch) => batch.layer === layer).length;
      layers.push({ ...poured, poured: count, batches: count });
      continue;
    }
    const step = stepOf(readyLane(layer), 'ready');
    const ready = settledStep(step, settled.get(step.id));
    lanes.push(laneOf(step.lane, 'ready', layer, [ready], before));
    const isReady = ready.state !== 'open';
    const own = batches
      .filter((batch) => batch.layer === layer)
      .map((batch) => batchLane(pour, batch, settled, events, isReady));
    const { run } = copy;
    lanes.push(
      ...(run === undefined
        ? own
        : runLanes({
            run,
            events,
            batches: own,
            isReady,
            settle: (of) => settledStep(of, settled.get(of.id)),
            lane: (id, kind, steps, isOpen) => laneOf(id, kind, layer, steps, isOpen),
          })),
    );
    const inMould = own.filter(({ next }) => next === undefined);
    const pouredAt =
      inMould.length === own.length && own.length > 0
        ? Math.max(...own.map(({ pouredAt: at = 0 }) => at))
        : undefined;
    // A run looks after each of its moulds by itself.
    const afterwards = run === undefined ? lookedAfter(copy, layer, settled, pouredAt) : undefined;
    if (afterwards !== undefined) lanes.push(afterwards);
    const begun = own.flatMap(({ begunAt }) => (begunAt === undefined ? [] : [begunAt]));
    layers.push({
      begunAt: begun.length === 0 ? undefined : Math.min(...begun),
      pouredAt,
      poured: inMould.length,
      batches: own.length,
    });
    before = pouredAt !== undefined;
  }
  const last = lastEvent(
    events,
    ({ did, step }) => did === 'ended' || (did === 'reopened' && step === undefined),
  );
  const ended = last?.did === 'ended' ? last : undefined;
  const paused = lastEvent(events, ({ did }) => did === 'paused' || did === 'resumed');
  const isPaused = paused?.did === 'paused';
  return {
    lanes,
    events,
    isPaused,
    pausedAt: isPaused ? paused?.at : undefined,
    isOver: ended !== undefined || lanes.every(({ next }) => next === undefined),
    endedAt: ended?.at,
    layers,
  };
}

/** The lane of an event. */
const laneOfEvent = ({ lane, step }: BenchEvent): string | undefined =>
  lane ?? step?.slice(0, step.indexOf(':'));

/**
 * What one goes on with: what was touched last, as long as it has a step that is open; then what is under way; then what may be
 * begun next.
 */
export function laneInHand({ lanes, events }: BenchState): Lane | undefined {
  const goesOn = lanes.filter(({ next, isOpen }) => next !== undefined && isOpen);
  const last = lastEvent(events, ({ did }) => did !== 'noted' && did !== 'read');
  const touched = last && goesOn.find(({ id }) => id === laneOfEvent(last));
  return touched ?? goesOn.find(({ isBegun }) => isBegun) ?? goesOn[0];
}
