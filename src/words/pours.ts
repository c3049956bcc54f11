import { sayRoughly } from './rough';
import type { CoveredFace, PourRole } from '../core/job/pourChoices';
import type { JobWarning, Plan, PourJoint, PourPlan } from '../core/plan/planTypes';
import { sayC, sayHeight, sayTime } from './figures';
import { coatFaceNames } from './names';
import { sayWarning } from './warnings';

export const roleNames: Readonly<Record<PourRole, string>> = {
  seal: 'Seal',
  fill: 'Fill',
  coat: 'Coat',
  mould: 'Mould',
  castings: 'Castings',
};

export const faceNames: Readonly<Record<CoveredFace, string>> = coatFaceNames;

/** What a pour is called: as the person calls it, or by what it is for. */
export const sayPour = ({ name, role }: Pick<PourPlan, 'name' | 'role'>): string =>
  name ?? roleNames[role];

/**
 * Where a pour goes, in a few words, and its room where that is another than the job's.
 * @param job what is of the whole job
 */
export const sayPlace = (pour: PourPlan, job: Pick<Plan, 'roomTemperatureC'>): string =>
  pour.roomTemperatureC === job.roomTemperatureC
    ? sayCover(pour)
    : `${sayCover(pour)}, room ${sayC(pour.roomTemperatureC)}`;

function sayCover({ kind, face, between, depthMm, mould }: PourPlan): string {
  if (mould !== undefined) return `round the piece, ${sayHeight(mould.heightMm)} high`;
  if (kind === 'covers' && face !== undefined) {
    const at =
      face.name === 'floor'
        ? ''
        : face.name === 'surface'
          ? ` at ${sayHeight(face.upToMm)}`
          : ` up to ${sayHeight(face.upToMm)}`;
    return `${faceNames[face.name].toLowerCase()}${at}, ${sayHeight(face.thicknessMm)} thick`;
  }
  if (kind === 'own') {
    return depthMm === undefined ? 'by itself' : `by itself, ${sayHeight(depthMm)} deep`;
  }
  return between === undefined
    ? 'all of it'
    : `${sayHeight(between.fromMm)} to ${sayHeight(between.toMm)}`;
}

/** How a pour follows the one before it. */
export function sayJoins({ school, waitMin, coolMin, typed }: PourJoint, role?: PourRole): string {
  const how =
    role === 'castings'
      ? 'when what it is cast in has cured'
      : school === 'tacky'
        ? 'while the one before is sticky'
        : 'onto the one before, cured and scuffed';
  if (waitMin === undefined) return `Poured ${how}; its card does not say when.`;
  if (typed) return `Poured ${how}, ${sayTime(waitMin)} after it, as you set it.`;
  const cool = coolMin === undefined ? '' : ': any sooner the two would heat each other';
  return `Poured ${how}, ${sayRoughly(waitMin)} after it at the earliest${cool}.`;
}

/** A warning of a job, with the pour that it is about where there are several. */
export function sayJobWarning(warning: JobWarning, pours: readonly PourPlan[]): string {
  const pour = warning.pour === undefined ? undefined : pours[warning.pour.index];
  return pours.length > 1 && pour !== undefined
    ? `${sayPour(pour)}: ${sayWarning(warning)}`
    : sayWarning(warning);
}

/** What a pour goes into or onto. */
export const coversNames = {
  form: 'Into the form',
  face: 'Onto a face of it',
  own: 'Elsewhere, measured here',
} as const;

/** What another pour may be for. */
export const addedPourNames = {
  seal: { label: 'Seal first' },
  'fill-on-top': { label: 'Fill on top' },
  coat: { label: 'Coat the top' },
  'other-resin': { label: 'Another resin from here up' },
  'mould-and-castings': { label: 'Mould and castings' },
} as const;
