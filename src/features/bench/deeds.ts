import type { CoatSurface } from '../../core/coats/coatSurfaces';
import type { MovedCure } from '../../core/cure/movedCure';
import type { CureState, CureTest } from '../../core/record/cureTests';
import {
  movedOf,
  type BenchEvent,
  type FigureSource,
  type ReadPlace,
  type RestWay,
  type Warmth,
} from '../../core/bench/benchEvents';
import type { StepState } from '../../core/bench/lanes';
import type { Deed } from '../../data/hooks/useLivePour';

type Step = Pick<StepState, 'id' | 'lane'>;

/** Only what is open is done: a second tap, or another window, does nothing. */
const whileOpen =
  (step: Step, event: BenchEvent): Deed =>
  ({ lanes, isPaused }) => {
    const lane = lanes.find(({ id }) => id === step.lane);
    return lane?.next?.id === step.id && lane.isOpen && !isPaused ? [event] : [];
  };

export const doneNow = (step: Step, at: number, more: Partial<BenchEvent> = {}): Deed =>
  whileOpen(step, { at, did: 'done', step: step.id, ...more });

/** A part that was weighed, g. */
export const partIn = (
  step: Step,
  at: number,
  g: number,
  by: FigureSource,
  more: Partial<BenchEvent> = {},
): Deed => doneNow(step, at, { g, by, ...more });

export const skipped = (step: Step, at: number, text: string): Deed =>
  whileOpen(step, { at, did: 'skipped', step: step.id, text });

export const counted = (step: Step, at: number): Deed =>
  whileOpen(step, { at, did: 'counted', step: step.id });

export const chosen = (step: Step, at: number, way: RestWay, c?: number): Deed =>
  whileOpen(step, { at, did: 'chosen', step: step.id, way, ...(c === undefined ? {} : { c }) });

/** The first of the second part is in: told once. */
export const met =
  (lane: string, at: number): Deed =>
  ({ events }) =>
    events.some(({ did, lane: of }) => did === 'met' && of === lane)
      ? []
      : [{ at, did: 'met', lane }];

export const reopened =
  (step: Step, at: number): Deed =>
  () => [{ at, did: 'reopened', step: step.id }];

export const read =
  (
    lane: string | undefined,
    at: number,
    c: number,
    place: ReadPlace,
    by: FigureSource,
    raw?: string,
  ): Deed =>
  () => [
    {
      at,
      did: 'read',
      c,
      place,
      by,
      ...(lane === undefined ? {} : { lane }),
      ...(raw === undefined ? {} : { raw }),
    },
  ];

/** How firm a layer was found, counted from 0. */
export const felt =
  (layer: number, at: number, test: CureTest, found: CureState): Deed =>
  () => [{ at, did: 'felt', layer, test, found }];

/** How a coat looks before the next, counted from 0. */
export const looked =
  (layer: number, at: number, surface: CoatSurface): Deed =>
  () => [{ at, did: 'looked', layer, surface }];

/** The clocks follow what was measured, unless they did already. */
export const clocksMoved =
  (at: number, moved: MovedCure): Deed =>
  ({ events }) =>
    (movedOf({ events })?.of ?? 0) >= moved.of ? [] : [{ at, did: 'moved', moved }];

/** How warm the casting in a mould was found. */
export const warmed =
  (lane: string, at: number, warmth: Warmth): Deed =>
  () => [{ at, did: 'warmed', lane, warmth }];

/** The fan is off, the piece out of its form, or planed. */
export const sinceDone =
  (did: 'fan-off' | 'demoulded' | 'planed', at: number): Deed =>
  () => [{ at, did }];

export const heating =
  (lane: string | undefined, at: number): Deed =>
  () => [{ at, did: 'heating', ...(lane === undefined ? {} : { lane }) }];

export const noted =
  (lane: string | undefined, at: number, text: string): Deed =>
  () => [{ at, did: 'noted', text, ...(lane === undefined ? {} : { lane }) }];

export const scaleSaid =
  (lane: string, at: number, text: string, raw: string | undefined): Deed =>
  () => [{ at, did: 'scale-said', lane, text, ...(raw === undefined ? {} : { raw }) }];

export const paused =
  (at: number): Deed =>
  ({ isPaused }) =>
    isPaused ? [] : [{ at, did: 'paused' }];
export const resumed =
  (at: number): Deed =>
  ({ isPaused }) =>
    isPaused ? [{ at, did: 'resumed' }] : [];

export const ended =
  (at: number, text: string): Deed =>
  ({ isOver }) =>
    isOver ? [] : [{ at, did: 'ended', text }];

/** A pour that was ended is gone on with. */
export const goneOn =
  (at: number): Deed =>
  ({ endedAt }) =>
    endedAt === undefined ? [] : [{ at, did: 'reopened' }];
