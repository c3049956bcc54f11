import type { CoatsToCome } from '../../core/coats/coatsToCome';
import type { Plan, PourPlan } from '../../core/plan/planTypes';
import { formatPlain } from '../../core/quantity/format';
import { readQuantity } from '../../core/quantity/readQuantity';
import { lengthRule } from '../../core/quantity/rules';
import type { JobDraft, LayersDraft, MeasureDraft, PourDraft } from './jobDraft';

const mm = (value: number): string => `${formatPlain(value, 2)} mm`;

/** Coats that are thicker than what is poured, no thicker than that. */
function thinned(measure: MeasureDraft, topMm: number): MeasureDraft {
  return {
    ...measure,
    parts: measure.parts.map((part) =>
      part.shape === 'coat' &&
      part.thickness !== undefined &&
      readQuantity(part.thickness, lengthRule).value > topMm
        ? { ...part, thickness: mm(topMm) }
        : part,
    ),
  };
}

/** A pour that ends with a layer that is poured: cut as it was up to there. */
function endedAt(pour: PourDraft, plan: PourPlan, layers: number, topMm: number): PourDraft {
  const floorMm = plan.between?.fromMm ?? 0;
  const { heights: _, style: __, ...rest } = pour.layers ?? {};
  const tops = plan.layers.slice(0, layers - 1).flatMap(({ toMm }) => toMm ?? []);
  const cut: LayersDraft =
    layers === 1
      ? { ...rest, style: 'one-pour' }
      : { ...rest, heights: tops.map((topOf) => mm(floorMm + topOf)) };
  return {
    ...pour,
    layers: cut,
    ...(pour.covers === undefined ? {} : { covers: { ...pour.covers, thickness: mm(topMm) } }),
    ...(pour.fills?.to === undefined ? {} : { fills: { ...pour.fills, to: mm(topMm) } }),
    ...(pour.measure === undefined ? {} : { measure: thinned(pour.measure, topMm) }),
  };
}

/**
 * A job without the coats that are still to come.
 * @param plan of the job as it stands
 * @param pour index of the coat that is poured, counted from 0
 */
export function withoutCoats(
  job: JobDraft,
  plan: Plan,
  pour: number,
  { layers, pours, topMm }: CoatsToCome,
): JobDraft {
  const own = plan.pours[pour]!;
  const gone = new Set(pours);
  const kept = job.pours.filter((_, index) => !gone.has(index));
  if (topMm === undefined) return { ...job, pours: kept };
  const poured = own.layers.length - layers.length;
  return {
    ...job,
    // What covers a face of the form, or is measured by itself, leaves the form as it is.
    ...(own.kind === 'fills' ? { measure: thinned(job.measure, topMm) } : {}),
    pours: kept.map((each, index) =>
      index === pour && layers.length > 0 ? endedAt(each, own, poured, topMm) : each,
    ),
  };
}

/** A cleaned coat under a sealing medium stands for a day before the next goes on it, min. */
const mediumDryMin = 24 * 60;

/**
 * A job whose next coat waits for what cratered under it: until that is hard, scuffed and cleaned, and the sealing medium is dry.
 * @param next index of the pour, counted from 0
 * @param planned plans a draft; undefined where it cannot be
 */
export function withSealedCoat(
  job: JobDraft,
  next: number,
  planned: (draft: JobDraft) => Plan | undefined,
): JobDraft {
  const put = (change: Partial<PourDraft>): JobDraft => ({
    ...job,
    pours: job.pours.map((each, index) => (index === next ? { ...each, ...change } : each)),
  });
  const scuffed = put({ joint: 'scuff', wait: undefined });
  const waitMin = planned(scuffed)?.pours[next]?.joins?.waitMin;
  return waitMin === undefined
    ? scuffed
    : put({ joint: 'scuff', wait: `${Math.ceil((waitMin + mediumDryMin) / 60)} h` });
}
