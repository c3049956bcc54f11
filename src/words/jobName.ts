import type { Plan } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { shapeNames } from './names';

/** A volume in two digits: 60 ml, 1.9 l. */
function roughVolume(ml: number): string {
  const round = (value: number): number => Number(value.toPrecision(2));
  return ml < 1000 ? `${formatPlain(round(ml), 1)} ml` : `${formatPlain(round(ml / 1000), 1)} l`;
}

/** What a job is called until a person names it: by what is measured. */
export function sayJobByMeasure({ form, pours, together }: Plan): string | undefined {
  const parts = form?.parts ?? pours.flatMap((pour) => pour.parts);
  const [first] = parts;
  if (first === undefined) return undefined;
  const ml = form?.cavityMl ?? together.cavityMl;
  const count = first.count > 1 ? `${first.count} × ` : '';
  const more = parts.length > 1 ? ` and ${parts.length - 1} more` : '';
  return `${count}${first.name ?? shapeNames[first.shape]}${more}, ${roughVolume(ml)}`;
}
