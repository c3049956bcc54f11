import type { Job } from '../../job/jobSchema';
import type { Plan } from '../planTypes';

/**
 * The job with one pour cut as it is planned now, whatever its room or its resin becomes: two settings are compared over the
 * same layers.
 * @param plan of the same job
 */
export function holdLayers(job: Job, { pours }: Pick<Plan, 'pours'>, index: number): Job {
  return {
    ...job,
    pours: job.pours.map((pour, at) => {
      if (at !== index) return pour;
      const layers = pours[at]?.layers ?? [];
      const tops = layers.slice(0, -1).flatMap(({ toMm }) => (toMm === undefined ? [] : [toMm]));
      const { style: _, heights: __, ...kept } = pour.layers ?? {};
      const cut =
        tops.length === 0
          ? ({ ...kept, style: 'one-pour', heights: undefined } as const)
          : { ...kept, heights: tops.map((mm) => `${mm} mm`) };
      return { ...pour, layers: cut };
    }),
  };
}
