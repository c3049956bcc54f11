import { demouldTaskId, planeTaskId, pourTaskId } from '../timetable/taskIds';
import { lastEvent } from './benchEvents';
import { pourOf, type BenchCopy } from './benchCopy';
import { type BenchState } from './benchState';
import { isAfterLane } from './lanes';

/** A task of the days that the bench has seen done, at its real times, ms. */
export interface PourTick {
  readonly id: string;
  readonly from: number;
  readonly to: number;
}

/** What of the days was done at the bench: layers that are poured, bubble passes, and what followed while it cured. */
export function pourTicks(copy: BenchCopy, state: BenchState): readonly PourTick[] {
  const pour = pourOf(copy);
  const atOf = (did: 'fan-off' | 'demoulded' | 'planed'): number | undefined =>
    lastEvent(state.events, (event) => event.did === did)?.at;
  const [fanOffAt, demouldedAt, planedAt] = [atOf('fan-off'), atOf('demoulded'), atOf('planed')];
  const tick = (id: string, at: number | undefined): readonly PourTick[] =>
    at === undefined ? [] : [{ id, from: at, to: at }];
  const layers = state.layers.flatMap(({ begunAt, pouredAt }, layer) => {
    if (begunAt === undefined || pouredAt === undefined || layer < copy.before.length) return [];
    const id = pourTaskId(pour, layer);
    const after = state.lanes.filter(isAfterLane).find((lane) => lane.layer === layer);
    const passes = (after?.steps ?? []).flatMap(({ kind, state: how, at, turn }, index) => {
      if (how !== 'done' || at === undefined) return [];
      const later = after?.later[index];
      if (later?.code === 'add-inclusion') return tick(`${id}/add-${later.data.place}`, at);
      return kind === 'bubbles' ? tick(`${id}/bubbles-${turn + 1}`, at) : [];
    });
    const fan =
      fanOffAt !== undefined && fanOffAt > pouredAt ? tick(`${id}/fan-off`, fanOffAt) : [];
    return [{ id, from: begunAt, to: pouredAt }, ...passes, ...fan];
  });
  return [
    ...layers,
    ...tick(demouldTaskId(pour), demouldedAt),
    ...tick(planeTaskId(pour), planedAt),
  ];
}
