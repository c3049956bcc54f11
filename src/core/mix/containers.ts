import type { JobPour } from '../job/jobPour';
import { readQuantity } from '../quantity/readQuantity';
import { fillRule, volumeRule } from '../quantity/rules';
import { usualFill } from './mixingSchema';

/** A container with what one batch in it may be. */
export interface ReadContainer {
  readonly name: string | undefined;
  readonly capacityMl: number;
  readonly fill: number;
  readonly limitMl: number;
}

/** The containers that a job may be mixed in: the one it names, or its whole set; none for one batch. */
export function containersOf({ container, containers, vacuum }: JobPour): readonly ReadContainer[] {
  // What is degassed boils up in its pot, whatever it was stirred in.
  if (vacuum?.pot !== undefined) {
    const capacityMl = readQuantity(vacuum.pot, volumeRule).value;
    const fill = usualFill.vacuum;
    return [{ name: 'Vacuum pot', capacityMl, fill, limitMl: capacityMl * fill }];
  }
  const said = container === undefined ? (containers ?? []) : [{ use: undefined, ...container }];
  return said.map((each) => {
    const capacityMl = readQuantity(each.capacity, volumeRule).value;
    const fill =
      each.fill === undefined
        ? usualFill[each.use ?? 'stir']
        : readQuantity(each.fill, fillRule).value;
    const name = 'name' in each && typeof each.name === 'string' ? each.name.trim() : '';
    return {
      name: name === '' ? undefined : name,
      capacityMl,
      fill,
      limitMl: capacityMl * fill,
    };
  });
}
