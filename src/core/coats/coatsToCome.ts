import type { Plan, PourPlan } from '../plan/planTypes';

/** Coats that a job has still to get on top of one that is poured. */
export interface CoatsToCome {
  /** Layers of the same pour that are not poured, and pours after it, counted from 0. */
  readonly layers: readonly number[];
  readonly pours: readonly number[];
  /** How high what is poured reaches, in mm over the floor of the form, or over the face that it covers. */
  readonly topMm: number | undefined;
}

const isCoat = ({ role }: PourPlan): boolean => role === 'coat';
const isUnderCoat = ({ role }: PourPlan): boolean => role === 'coat' || role === 'seal';

/** Pours on top of one that are coats of the same face, one after the other. */
function coatsOn(pours: readonly PourPlan[], pour: number): readonly number[] {
  const after = pours.slice(pour + 1);
  const other = after.findIndex((each) => !isCoat(each));
  return after.slice(0, other === -1 ? after.length : other).map(({ index }) => index);
}

/**
 * The coats that could be left out once a coat, or the seal under one, is in place. Whoever leaves one out leaves out those above
 * it too.
 * @param pour index of the pour, counted from 0
 * @param layer its topmost layer that is poured, counted from 0
 * @returns undefined where no coat is to come on a coat
 */
export function coatsToCome(plan: Plan, pour: number, layer: number): CoatsToCome | undefined {
  const own = plan.pours[pour];
  const poured = own?.layers[layer];
  if (own === undefined || poured === undefined || !isUnderCoat(own)) return undefined;
  const layers = isCoat(own) ? own.layers.flatMap((_, at) => (at > layer ? [at] : [])) : [];
  const isAllPoured = layer === own.layers.length - 1;
  const pours = isCoat(own) || isAllPoured ? coatsOn(plan.pours, pour) : [];
  if (layers.length === 0 && pours.length === 0) return undefined;
  const floorMm = own.between?.fromMm ?? 0;
  return {
    layers,
    pours,
    topMm: poured.toMm === undefined ? undefined : floorMm + poured.toMm,
  };
}
