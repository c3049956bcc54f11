import { pourOf, type BenchCopy } from '../../core/bench/benchCopy';
import type { BenchEvent } from '../../core/bench/benchEvents';
import {
  afterLane,
  benchBatches,
  plannedSteps,
  readyLane,
  stepIdOf,
} from '../../core/bench/benchSteps';

/** The job whose first layer is curing when the demo is loaded. */
export const demoCuringJob = 'demo-lamp-base';

const minuteMs = 60_000;
/** A batch takes so long, min; and it is read so long after it was begun, °C. */
const [batchMin, stepMin] = [16, 2];
const readings = [
  [180, 24.5],
  [300, 27],
] as const;

/**
 * A first layer that was poured by the guide and is warmer than planned since.
 * @param begunAt ms
 */
export function demoCuringEvents(copy: BenchCopy, begunAt: number): readonly BenchEvent[] {
  const pour = pourOf(copy);
  const at = (min: number): number => begunAt + min * minuteMs;
  const batches = benchBatches(pour).filter(({ layer }) => layer === 0);
  const poured = batches.flatMap((batch, place) =>
    plannedSteps(pour, batch).map((step, turn): BenchEvent => {
      const { onScale } = batch.group;
      const g =
        step.kind === 'part-a' ? onScale.aG : step.kind === 'part-b' ? onScale.bG : undefined;
      return {
        at: at(place * batchMin + turn * stepMin),
        did: 'done',
        step: step.id,
        ...(g === undefined ? {} : { g, by: 'hand' }),
      };
    }),
  );
  const endMin = batches.length * batchMin + 4;
  const passes = copy.layerTimes[0]!.bubblesMin.map((min, turn): BenchEvent => ({
    at: at(endMin + min),
    did: 'done',
    step: stepIdOf(afterLane(0), 'bubbles', turn),
  }));
  return [
    { at: at(-1), did: 'done', step: stepIdOf(readyLane(0), 'ready') },
    ...poured,
    ...passes,
    ...readings.map(([min, c]): BenchEvent => ({
      at: at(min),
      did: 'read',
      c,
      place: 'core',
      by: 'hand',
    })),
  ];
}
