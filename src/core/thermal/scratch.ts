import type { OpenMoment } from './stepThrough';

/** Gives arrays of one length out of one piece of memory: a short run spends as long on thirty allocations as on its steps. */
export function scratchOf(cells: number, arrays: number): () => Float64Array {
  const all = new Float64Array(cells * arrays);
  let given = 0;
  return () => {
    given += 1;
    return all.subarray((given - 1) * cells, given * cells);
  };
}

/** Arrays that one moment takes. */
export const arraysOfMoment = 4;

/** Room for what is known at one time. */
export const momentIn = (make: () => Float64Array): OpenMoment => ({
  timeS: 0,
  temperaturesC: make(),
  alphas: make(),
  warming: make(),
  curing: make(),
});
