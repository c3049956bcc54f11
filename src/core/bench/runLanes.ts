import type { BenchRun, RunTurn } from '../production/benchRun';
import { lastEvent, type BenchEvent } from './benchEvents';
import { stepOf, type BenchStep } from './benchSteps';
import type { AfterLane, BatchLane, Lane, StepState } from './lanes';
import type { LaterStep } from './laterSteps';

const msPerMin = 60_000;

/** One mould filled with one mix, until it is empty again; and the pot that a mix is held in. Counted from 1. */
export const mouldLane = (mould: number, mix: number): string => `mould-${mould + 1}/${mix + 1}`;
export const potLane = (mix: number): string => `mix-${mix + 1}/pot`;

/** What somebody felt of a mould last. */
export const feltOf = (events: readonly BenchEvent[], lane: string): BenchEvent | undefined =>
  lastEvent(events, ({ did, lane: of }) => did === 'warmed' && of === lane);

interface RunQuestion {
  readonly run: BenchRun;
  readonly events: readonly BenchEvent[];
  readonly batches: readonly BatchLane[];
  readonly isReady: boolean;
  readonly settle: (step: BenchStep) => StepState;
  /** A lane of the layer from its steps. */
  readonly lane: (
    id: string,
    kind: 'batch' | 'after',
    steps: readonly StepState[],
    open: boolean,
  ) => Lane;
}

/**
 * The lanes of a run in the order in which it goes round: a mix may be begun once the moulds that it fills are empty, and a mould is
 * emptied when its time is up or it has cooled, out of the pot where there is one.
 */
export function runLanes(question: RunQuestion): readonly (Lane | BatchLane | AfterLane)[] {
  const { run, events, batches, isReady, settle, lane } = question;
  const emptied = new Map<number, boolean>();
  const opened: (number | undefined)[] = [];
  const closings: boolean[] = [];

  function afterLane(
    id: string,
    looks: readonly {
      readonly said: LaterStep;
      readonly dueAt: number;
      readonly step: StepState;
    }[],
    isOpen: boolean,
  ): AfterLane {
    const steps = looks.map(({ step }) => step);
    return {
      ...lane(id, 'after', steps, isOpen),
      kind: 'after',
      dueAt: looks.map(({ dueAt }) => dueAt),
      later: looks.map(({ said }) => said),
    };
  }

  function potOf(mix: number, pouredAt: number | undefined): AfterLane | undefined {
    const { pot } = run;
    if (pot === undefined) return undefined;
    const id = potLane(mix);
    const [close, open] = [settle(stepOf(id, 'close-pot')), settle(stepOf(id, 'open-pot'))];
    const from = pouredAt ?? Infinity;
    const closedAt = close.at ?? from;
    const { gaugeKPa, potLifeMin, holdMin } = pot;
    // One pot: what is in it comes out before the next goes in.
    const isFree = closings.slice(0, mix).every((isDone) => isDone);
    const found = afterLane(
      id,
      [
        {
          said: { code: 'close-pot', data: { gaugeKPa, potLifeMin }, afterMin: 0 },
          dueAt: from,
          step: close,
        },
        {
          said: { code: 'open-pot', data: { holdMin, gaugeKPa }, afterMin: holdMin },
          dueAt: closedAt + holdMin * msPerMin,
          step: open,
        },
      ],
      pouredAt !== undefined && isFree,
    );
    closings[mix] = found.next === undefined;
    opened[mix] = open.at;
    return found;
  }

  function mouldOf({ mould, mix }: Extract<RunTurn, { does: 'empty' }>): AfterLane {
    const id = mouldLane(mould, mix);
    const pouredAt = batches[mix]?.pouredAt;
    const inPot = run.pot !== undefined;
    const isOut = inPot ? opened[mix] !== undefined : pouredAt !== undefined;
    const felt = feltOf(events, id);
    const byClock = (pouredAt ?? Infinity) + run.demouldMin * msPerMin;
    const dueAt = felt?.warmth === 'cooling' ? Math.min(byClock, felt.at) : byClock;
    const found = afterLane(
      id,
      [
        {
          said: {
            code: 'empty-mould',
            data: {
              mould: mould + 1,
              cavities: run.cavities,
              handlingMin: run.handlingMin,
              between: run.between,
            },
            afterMin: run.demouldMin,
          },
          dueAt: Math.max(dueAt, opened[mix] ?? 0),
          step: settle(stepOf(id, 'empty-mould')),
        },
      ],
      isOut,
    );
    emptied.set(mould, found.next === undefined);
    return found;
  }

  return run.turns.flatMap((turn): readonly (Lane | BatchLane | AfterLane)[] => {
    if (turn.does === 'empty') return [mouldOf(turn)];
    const batch = batches[turn.mix];
    if (batch === undefined) return [];
    const isFree = turn.moulds.every((mould) => emptied.get(mould) !== false);
    turn.moulds.forEach((mould) => emptied.set(mould, false));
    const pot = potOf(turn.mix, batch.pouredAt);
    return [{ ...batch, isOpen: isReady && isFree }, ...(pot === undefined ? [] : [pot])];
  });
}

/** How a run stands: good pieces so far, what was cast, and what is still in moulds. */
export interface RunStand {
  readonly good: number;
  readonly cast: number;
  readonly wanted: number;
}

/** Counts what came out of the moulds; a mould that nobody counted gave all of its pieces. */
export function runStand(run: BenchRun, lanes: readonly Lane[]): RunStand {
  const out = lanes.flatMap(({ steps }) =>
    steps.filter(({ kind, state }) => kind === 'empty-mould' && state === 'done'),
  );
  return {
    good: out.reduce((sum, { event }) => sum + (event?.good ?? run.cavities), 0),
    cast: out.length * run.cavities,
    wanted: run.wanted,
  };
}

/** The moulds that a batch is poured into, counted from 1; undefined for what is no run. */
export const mouldsOfMix = (
  run: BenchRun | undefined,
  mix: number,
): readonly number[] | undefined =>
  run?.turns.flatMap((turn) =>
    turn.does === 'mix' && turn.mix === mix ? turn.moulds.map((mould) => mould + 1) : [],
  );
