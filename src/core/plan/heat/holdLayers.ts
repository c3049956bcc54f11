import type { Job } from '../../job';
import type { Plan } from '../planTypes';

/**
 * The job cut as it is planned now, whatever its room or its resin becomes: two settings are compared over the same layers.
 * @param plan of the same job
 */
export function holdLayers(job: Job, { layers }: Pick<Plan, 'layers'>): Job {
  const tops = layers.slice(0, -1).flatMap(({ toMm }) => (toMm === undefined ? [] : [toMm]));
  const { style: _, heights: __, ...kept } = job.layers ?? {};
  const cut =
    tops.length === 0
      ? ({ ...kept, style: 'one-pour', heights: undefined } as const)
      : { ...kept, heights: tops.map((mm) => `${mm} mm`) };
  return { ...job, layers: cut };
}
