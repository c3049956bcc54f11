import type { BatchCorrection } from '../plan/correctBatch';
import type { BenchEvent, RestWay } from './benchEvents';
import type { BenchBatch, BenchStep } from './benchSteps';
import type { LaterStep } from './laterSteps';

/** How far a step is. */
export interface StepState extends BenchStep {
  readonly state: 'open' | 'done' | 'skipped';
  /** When it was done, ms; undefined while it is open. */
  readonly at: number | undefined;
  readonly event: BenchEvent | undefined;
}

/** What is in the cup of a batch. */
export interface InCup {
  readonly aG: number | undefined;
  readonly bG: number | undefined;
}

/** A way through the pour with steps of its own: a batch, what is made ready before a layer, or what is looked after later. */
export interface Lane {
  readonly id: string;
  readonly kind: 'ready' | 'batch' | 'after';
  readonly layer: number;
  readonly steps: readonly StepState[];
  /** The step that is next; undefined when all are done. */
  readonly next: StepState | undefined;
  /** It may be begun: what comes before it is done. */
  readonly isOpen: boolean;
  readonly isBegun: boolean;
  /** When its first step was done, ms. */
  readonly begunAt: number | undefined;
  /** When the next step could begin: the step before it was done then. */
  readonly since: number | undefined;
}

export interface BatchLane extends Lane {
  readonly kind: 'batch';
  readonly batch: BenchBatch;
  readonly inCup: InCup;
  /** What follows for both parts from what is in the cup; undefined for a resin in one bottle. */
  readonly correction: BatchCorrection | undefined;
  /** When A met B, ms. */
  readonly metAt: number | undefined;
  readonly pouredAt: number | undefined;
  /** Rounds of both pumps so far. */
  readonly rounds: number;
  /** How bubbles are let out, and from when on; a warm bath with its temperature. */
  readonly rest:
    { readonly way: RestWay; readonly at: number; readonly c: number | undefined } | undefined;
  /** Readings of its cup. */
  readonly readings: readonly { readonly at: number; readonly c: number }[];
}

export interface AfterLane extends Lane {
  readonly kind: 'after';
  /** When each of its steps is due, ms. */
  readonly dueAt: readonly number[];
  /** What each of its steps is about; undefined for a bubble pass. */
  readonly later: readonly (LaterStep | undefined)[];
}

export const isBatchLane = (lane: Lane): lane is BatchLane => lane.kind === 'batch';
export const isAfterLane = (lane: Lane): lane is AfterLane => lane.kind === 'after';
