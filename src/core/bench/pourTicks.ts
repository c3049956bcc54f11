import { pourTaskId } from '../timetable/taskIds';
import { pourOf, type BenchCopy } from './benchCopy';
import { isAfterLane, type BenchState } from './benchState';

/** A task of the days that the bench has seen done, at its real times, ms. */
export interface PourTick {
  readonly id: string;
  readonly from: number;
  readonly to: number;
}

/** What of the days was done at the bench: layers that are poured, and bubble passes. */
export function pourTicks(copy: BenchCopy, state: BenchState): readonly PourTick[] {
  const pour = pourOf(copy);
  return state.layers.flatMap(({ begunAt, pouredAt }, layer) => {
    if (begunAt === undefined || pouredAt === undefined || layer < copy.before.length) return [];
    const id = pourTaskId(pour, layer);
    const after = state.lanes.find((lane) => isAfterLane(lane) && lane.layer === layer);
    const passes = (after?.steps ?? []).flatMap(({ state: how, at, turn }) =>
      how !== 'done' || at === undefined
        ? []
        : [{ id: `${id}/bubbles-${turn + 1}`, from: at, to: at }],
    );
    return [{ id, from: begunAt, to: pouredAt }, ...passes];
  });
}
