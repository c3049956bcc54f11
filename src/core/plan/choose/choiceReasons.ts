import type { JobPour } from '../../job/jobPour';
import type { Coded } from '../../codes/coded';
import type { Nothing } from '../../codes/problems/problemData';
import { familyOf, type ResinFamily } from '../../resin/families';
import type { ReadResin } from '../../resin/readResin';
import type { Resin } from '../../resin/resinSchema';
import type { Problem } from '../../problem';
import { isAwakeFor } from '../awake';
import type { PourPlan, Warning, WarningCode, Shelf } from '../planTypes';

/** What speaks against a resin for a job besides the warnings of its plan; mPa·s, ml and min. */
export interface ChoiceCodes {
  'not-for-moulds': { readonly family: ResinFamily };
  'not-for-castings': { readonly family: ResinFamily };
  'too-thick-for-detail': { readonly viscosityMPaS: number; readonly limitMPaS: number };
  'too-thin-for-glitter': { readonly viscosityMPaS: number; readonly limitMPaS: number };
  'no-light-through-pigment': Nothing;
  /** It hides what stands in it, or a tint that is to be looked into. */
  'opaque-over': { readonly what: 'inserts' | 'tint' };
  'many-layers': { readonly layers: number; readonly tooMany: boolean };
  'many-batches': { readonly batches: number; readonly tooMany: boolean };
  /** A layer would have to follow while everybody sleeps. */
  'window-at-night': { readonly pouredAtMin: number | undefined };
  'under-least-batch': { readonly leastMl: number; readonly surplusMl: number };
}

/**
 * Why a resin is not for a job, only possible for it, or good with a thought: by itself, by a warning of its plan, or because there
 * is none.
 */
export type Fit = { readonly severity: 'no' | 'possible' | 'mind' } & (
  | (Coded<ChoiceCodes> & { readonly from: 'choice' })
  | { readonly from: 'plan'; readonly warning: Warning }
  | { readonly from: 'refusal'; readonly problem: Problem }
);

/** How a resin suits a job: as a caster would take it, with a reason against it, or not at all. */
export type Suits = 'good' | 'possible' | 'no';

export const suitsBy = (reasons: readonly Fit[]): Suits =>
  reasons.some(({ severity }) => severity === 'no')
    ? 'no'
    : reasons.some(({ severity }) => severity === 'possible')
      ? 'possible'
      : 'good';

const choice = (severity: Fit['severity'], coded: Coded<ChoiceCodes>): Fit => ({
  ...coded,
  from: 'choice',
  severity,
});

/** Fine detail wants a resin that runs into it; glitter one that does not let it sink. General practice. */
const thickestForDetailMPaS = 1500;
const thinnestForGlitterMPaS = 500;

/** More layers than this are a burden, and than this a mistake; as are so many batches for one layer. */
const [easyLayers, mostLayers] = [3, 6];
const [easyBatches, mostBatches] = [3, 10];

const isSilicone = (family: ResinFamily): boolean => familyOf(family).kind === 'silicone';

/** A mould round a master is made of silicone, and nothing else is. */
const makesMould = ({ measure, mouldBox, role }: JobPour): boolean =>
  mouldBox !== undefined ||
  role === 'mould' ||
  measure?.parts.some((part) => part.shape === 'mesh' && part.as === 'master') === true;

/** What speaks against a resin before it is planned. */
export function cardReasons(job: JobPour, card: Resin, resin: ReadResin): readonly Fit[] {
  const found: Fit[] = [];
  const no = (coded: Coded<ChoiceCodes>): void => void found.push(choice('no', coded));
  const { family } = card;
  if (makesMould(job) && !isSilicone(family)) no({ code: 'not-for-moulds', data: { family } });
  if (!makesMould(job) && isSilicone(family)) no({ code: 'not-for-castings', data: { family } });
  const { viscosityMPaS } = resin;
  const wants = job.wants ?? [];
  if (viscosityMPaS !== undefined) {
    if (wants.includes('fine-detail') && viscosityMPaS > thickestForDetailMPaS) {
      const data = { viscosityMPaS, limitMPaS: thickestForDetailMPaS };
      no({ code: 'too-thick-for-detail', data });
    }
    if (wants.includes('glitter') && viscosityMPaS < thinnestForGlitterMPaS) {
      const data = { viscosityMPaS, limitMPaS: thinnestForGlitterMPaS };
      no({ code: 'too-thin-for-glitter', data });
    }
  }
  const coloured =
    job.tint !== undefined || (job.portions ?? []).some(({ pigments }) => pigments?.length);
  if (familyOf(family).kind === 'uv' && coloured) {
    no({ code: 'no-light-through-pigment', data: {} });
  }
  // A tint that is opaque itself colours it all the same.
  if (card.clarity === 'opaque' && job.tint !== undefined && job.tint.opaque !== true) {
    found.push(choice('possible', { code: 'opaque-over', data: { what: 'tint' } }));
  }
  return found;
}

/** Warnings of a plan that rule its resin out. */
const rulesOut: ReadonlySet<WarningCode> = new Set([
  'deeper-than-label',
  'deeper-than-room',
  'thinner-than-least',
  'over-pot-life',
  'filler-spoils-family',
]);

/** Tellings of a plan that are worth a thought in the choice. */
const worthAThought: ReadonlySet<WarningCode> = new Set([
  'ratios-impossible',
  'density-assumed',
  'lots-expired',
]);

function byWarning(warning: Warning): Fit | undefined {
  const fit = (severity: Fit['severity']): Fit => ({ from: 'plan', severity, warning });
  const { code, severity } = warning;
  // Its label wants it deeper, though by the model it gets hard.
  if (code === 'thinner-than-least' && severity !== 'warn') return fit('possible');
  if (severity !== 'warn') return worthAThought.has(code) ? fit('mind') : undefined;
  if (rulesOut.has(code)) return fit('no');
  if (warning.code === 'layer-runs-hot') {
    return fit(warning.data.band === 'runaway' ? 'no' : 'possible');
  }
  if (warning.code === 'form-gives-way') {
    return fit(warning.data.peakC > warning.data.bearsC ? 'no' : 'possible');
  }
  return fit('possible');
}

/**
 * What speaks against a resin in the plan that it would have.
 * @param warnings of the plan and of its lots, but for those of the form: these are the same whatever is poured
 * @param asked whether the person cut the pour that finely
 */
export function planReasons(
  plan: Omit<PourPlan, 'joins'>,
  warnings: readonly Warning[],
  card: Resin,
  asked: boolean,
  pouredAtMin: number | undefined,
  night?: Shelf['night'],
): readonly Fit[] {
  const found: Fit[] = warnings.flatMap((warning) => byWarning(warning) ?? []);
  const add = (severity: Fit['severity'], coded: Coded<ChoiceCodes>): void =>
    void found.push(choice(severity, coded));
  if (card.clarity === 'opaque' && plan.inserts.length > 0) {
    add('no', { code: 'opaque-over', data: { what: 'inserts' } });
  }
  const layers = plan.layers.length;
  if (layers > easyLayers) {
    const tooMany = layers > mostLayers && !asked;
    add(tooMany ? 'no' : 'possible', { code: 'many-layers', data: { layers, tooMany } });
  }
  const batches = Math.max(
    0,
    ...plan.batches.map(({ rule, count }) => (rule === 'pot-life' ? count : 0)),
  );
  if (batches > easyBatches) {
    const tooMany = batches > mostBatches;
    add(tooMany ? 'no' : 'possible', { code: 'many-batches', data: { batches, tooMany } });
  }
  if (
    !isAwakeFor(
      plan.layers.flatMap(({ joint }) => joint ?? []),
      pouredAtMin,
      night,
    )
  ) {
    add('possible', { code: 'window-at-night', data: { pouredAtMin } });
  }
  for (const { rule, surplusMl, ml } of plan.batches.slice(0, 1)) {
    if (rule !== 'least-batch') continue;
    add('possible', { code: 'under-least-batch', data: { leastMl: ml, surplusMl } });
  }
  return found;
}
