import type { Mould } from './mouldSchema';

/** What a job keeps of a mould: what it measures by, without picture and history. */
export function mouldInJob(mould: Mould): Mould {
  const { id, name, material, wall, greatestTemperature, cavities } = mould;
  return {
    ...(id === undefined ? {} : { id }),
    name,
    material,
    ...(wall === undefined ? {} : { wall }),
    ...(greatestTemperature === undefined ? {} : { greatestTemperature }),
    cavities,
  };
}
