import type { Job } from '../job/jobSchema';
import { within } from '../measure/within';
import { readQuantity } from '../quantity/readQuantity';
import { lengthRule, positionRule } from '../quantity/rules';
import { densityOfBody, type DensityBy } from './densityOfBody';
import type { Seat } from './heldKeys';

/** A slab that lies in the form beside the cavity, read. */
export interface ReadSlab {
  readonly name: string | undefined;
  readonly count: number;
  readonly areaMm2: number;
  readonly bottomMm: number;
  readonly thicknessMm: number;
  /** Volume of one, ml. */
  readonly eachMl: number;
  readonly densityGPerMl: number | undefined;
  readonly densityBy: DensityBy | undefined;
  readonly seat: Seat | undefined;
}

const lengthOf = (field: string, typed: string): number =>
  within(field, () => readQuantity(typed, lengthRule).value);

/** The slabs of a job's form, told over its floor. */
export const slabsOf = ({ form }: Pick<Job, 'form'>): readonly ReadSlab[] =>
  (form?.slabs ?? []).map((slab, index) =>
    within(`form.slabs[${index}]`, (): ReadSlab => {
      const areaMm2 = lengthOf('length', slab.length) * lengthOf('width', slab.width);
      const thicknessMm = lengthOf('thickness', slab.thickness);
      const eachMl = (areaMm2 * thicknessMm) / 1000;
      const heavy = densityOfBody(slab, eachMl);
      return {
        name: slab.name?.trim() || undefined,
        count: slab.count ?? 1,
        areaMm2,
        bottomMm: slab.height === undefined ? 0 : readQuantity(slab.height, positionRule).value,
        thicknessMm,
        eachMl,
        densityGPerMl: heavy?.gPerMl,
        densityBy: heavy?.by,
        seat: slab.seat,
      };
    }),
  );
