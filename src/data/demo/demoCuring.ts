import type { BenchCopy } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import type { MovedCure } from '../../core/cure/movedCure';
import { copyCollection, copyRecordOf, liveCollection, liveRecordOf } from '../repositories';
import type { Write } from '../store/changes';
import { demoCuringEvents, demoCuringJob } from './demoCuringEvents';
// Made by `scripts/make-demo.ts`: the copy of its plan, and what its readings move.
import lamp from './files/lamp-base.json';

/** As it is kept: what is undefined in a copy is not there. */
const made = lamp as unknown as { readonly copy: BenchCopy; readonly moved: MovedCure };

/**
 * A pour that is curing, with two readings of it.
 * @param begunAt when its first layer was, ms
 */
export function demoCuringWrites(begunAt: number): readonly Write[] {
  const events = demoCuringEvents(made.copy, begunAt);
  const of = events.at(-1)!.at;
  const moved: BenchEvent = { at: of, did: 'moved', moved: { ...made.moved, of } };
  const live = {
    ...liveRecordOf({
      job: demoCuringJob,
      name: made.copy.plan.name,
      pourName: '',
      pour: 0,
      startedAt: begunAt,
      state: 'under-way',
      events: [...events, moved],
    }),
    id: 'demo-lamp-live',
  };
  return [liveCollection.creation(live), copyCollection.creation(copyRecordOf(live.id, made.copy))];
}
