import type { JobPour } from '../job/jobPour';
import type { Job } from '../job/jobSchema';
import { resolveJob, withOtherPour, type ResolvedJob } from '../job/resolveJob';
import type { Coded } from '../codes/coded';
import type { Nothing } from '../codes/problems/problemData';
import { InputError, type Problem } from '../problem';
import type { ReadResin } from '../resin/readResin';
import { clarities, type Clarity, type Resin } from '../resin/resinSchema';
import { hardenerNames } from '../resin/withHardener';
import { familyOf, type ResinFamily } from '../resin/families';
import { planResolved } from './planJob';
import { planAfter, type PouredSoFar } from './pourAfter';
import type { PourPlan, Shelf, Warning, WarningCode } from './planTypes';
import { pouredForms, type FormOfPour } from './pouredForm';
import { lotWarnings } from './warnings';
import { buyingOf } from '../stock/buying';

/** What speaks against a resin for a job before it is planned, and a batch that has to be larger; mPa·s and ml. */
export interface ChoiceCodes {
  'not-for-moulds': { readonly family: ResinFamily };
  'not-for-castings': { readonly family: ResinFamily };
  'too-thick-for-detail': { readonly viscosityMPaS: number; readonly limitMPaS: number };
  'too-thin-for-glitter': { readonly viscosityMPaS: number; readonly limitMPaS: number };
  'no-light-through-pigment': Nothing;
  'under-least-batch': { readonly leastMl: number; readonly surplusMl: number };
}

/** Why a resin does not fit a job, or fits with a thought: by itself, by a warning of its plan, or because there is none. */
export type Fit = { readonly severity: 'no' | 'mind' } & (
  | (Coded<ChoiceCodes> & { readonly from: 'choice' })
  | { readonly from: 'plan'; readonly warning: Warning }
  | { readonly from: 'refusal'; readonly problem: Problem }
);

/** One resin with one of its hardeners, held against a job. */
export interface ResinChoice {
  readonly resinId: string | undefined;
  readonly name: string;
  readonly family: ResinFamily;
  /** Undefined for the card's own. */
  readonly hardener: string | undefined;
  readonly hardenerName: string;
  readonly fits: boolean;
  readonly reasons: readonly Fit[];
  /** Undefined where the job cannot be planned with it; so are the figures below. */
  readonly layers: number | undefined;
  readonly doneMin: number | undefined;
  readonly potLifeMin: number | undefined;
  /** Mixing and pouring the largest batch. */
  readonly workingMin: number | undefined;
  /** With whole kits and delivery. */
  readonly cost: number | undefined;
  readonly leftoverMl: number | undefined;
  /** Foreseen in the hottest layer; it comes later than the rest (`choicePeaks`). */
  readonly peakC: number | undefined;
  readonly clarity: Clarity | undefined;
  readonly viscosityMPaS: number | undefined;
  /** The deepest layer as a share of what the resin takes. */
  readonly depthUsed: number | undefined;
}

/** What people choose by. */
export const choiceOrders = ['soonest', 'cheapest', 'safest', 'clearest'] as const;
export type ChoiceOrder = (typeof choiceOrders)[number];

/** Fine detail wants a resin that runs into it; glitter one that does not let it sink. General practice. */
const thickestForDetailMPaS = 1500;
const thinnestForGlitterMPaS = 500;

const isSilicone = (family: ResinFamily): boolean => familyOf(family).kind === 'silicone';

/** A mould round a master is made of silicone, and nothing else is. */
const makesMould = ({ measure }: JobPour): boolean =>
  measure !== undefined &&
  measure.parts.some((part) => part.shape === 'mesh' && part.as === 'master');

function suitability(job: JobPour, card: Resin, resin: ReadResin): readonly Fit[] {
  const found: Fit[] = [];
  const no = (coded: Coded<ChoiceCodes>): void =>
    void found.push({ ...coded, from: 'choice', severity: 'no' });
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
  return found;
}

/** Warnings of a plan that speak against its resin. */
const against: { readonly [Code in WarningCode]?: Fit['severity'] } = {
  'deeper-than-label': 'no',
  'deeper-than-room': 'no',
  'thinner-than-least': 'no',
  'over-pot-life': 'no',
  'ratios-impossible': 'mind',
  'density-assumed': 'mind',
  'lots-expired': 'mind',
};

/**
 * The job with another resin in one of its pours. A pour that is not cut yet is cut by the resin: that is what is being chosen.
 * @param card as it is on the shelf
 */
export function asChosen(
  resolved: ResolvedJob,
  index: number,
  card: Resin,
  hardener: string | undefined,
): ResolvedJob {
  return withOtherPour(resolved, index, (pour) => {
    const { style, heights: _, ...layers } = pour.layers ?? {};
    const cut = style === undefined || style === 'one-pour' ? 'equal' : style;
    // What the person knew of the other resin does not hold for this one.
    const { maxDepth: __, lockIn: ___, ...kept } = layers;
    const chosen = { ...kept, style: cut, heights: undefined } as const;
    return { ...pour, resin: card, hardener, layers: chosen };
  });
}

/** The cards of a job that is to have another resin: what its own resin was called with does not matter. */
export function resolveForChoice(job: Job, index: number, shelf: Shelf): ResolvedJob {
  const pours = job.pours.map((pour, at) =>
    at === index ? { ...pour, hardener: undefined } : pour,
  );
  return resolveJob({ ...job, pours }, shelf);
}

function depthUsedBy({ layers, cut }: Pick<PourPlan, 'layers' | 'cut'>): number | undefined {
  if (cut.takesMm === undefined) return undefined;
  const depths = layers.flatMap(({ fromMm, toMm }) =>
    toMm === undefined ? [] : [toMm - (fromMm ?? 0)],
  );
  return depths.length === 0 ? undefined : Math.max(...depths) / cut.takesMm;
}

/** Figures of a choice that cannot be planned. */
const nothing = {
  layers: undefined,
  doneMin: undefined,
  potLifeMin: undefined,
  workingMin: undefined,
  cost: undefined,
  leftoverMl: undefined,
  depthUsed: undefined,
};

/** What is poured before, as it is planned; nothing where that cannot be planned yet. */
function earlierPours(resolved: ResolvedJob, index: number, shelf: Shelf): PouredSoFar {
  const nothingYet = { earlier: [], joins: [] };
  if (index === 0) return nothingYet;
  const pours = resolved.pours.slice(0, index);
  const job = { ...resolved.job, pours: resolved.job.pours.slice(0, index) };
  const before = { ...resolved, job, pours };
  try {
    const forms = pouredForms(before);
    const planned = planResolved(before, shelf).pours;
    return {
      earlier: planned.map((plan, at) => ({
        pour: pours[at]!,
        poured: forms[at]!.poured,
        plan,
      })),
      joins: planned.map(({ joins }) => joins),
    };
  } catch (error) {
    if (error instanceof InputError) return nothingYet;
    throw error;
  }
}

/**
 * Every resin of the shelf with every hardener, held against one pour of a job and its room. Each is planned as the job would be.
 * @param index the pour, counted from 0
 * @param shelf its cards, and the moulds that the job measures by
 * @throws InputError those of `pouredForms`: what cannot be measured fits nothing
 */
export function chooseResin(
  job: Job,
  index: number,
  shelf: Shelf,
  today?: string,
): readonly ResinChoice[] {
  const resolved = resolveForChoice(job, index, shelf);
  const own = resolved.pours[index]!.said;
  // A known mass is another volume with each resin; everything else is measured once for all.
  const byMass = own.measure?.parts.some(({ shape }) => shape === 'amount') === true;
  let once: FormOfPour | undefined;
  const calibrations = shelf.calibrations;
  const earlier = earlierPours(resolved, index, shelf);
  return shelf.resins.flatMap((found) =>
    hardenerNames(found).map((hardenerName, at): ResinChoice => {
      const hardener = at === 0 ? undefined : hardenerName;
      const chosen = asChosen(resolved, index, found, hardener);
      const pour = chosen.pours[index]!;
      const { card, resin } = pour;
      const form = (byMass ? undefined : once) ?? pouredForms(chosen)[index]!;
      once = form;
      const common = {
        resinId: found.id,
        name: found.name,
        family: found.family,
        hardener,
        hardenerName,
        peakC: undefined,
        clarity: found.clarity,
        viscosityMPaS: resin.viscosityMPaS,
      };
      const suits = suitability(own, card, resin);
      try {
        const { planned } = planAfter(earlier, pour, form.poured, {
          kept: calibrations,
          ready: [],
        });
        const { plan } = planned;
        const buying = buyingOf(plan.totalMl, card, resin.mixedDensityGPerMl, today);
        const reasons = [
          ...suits,
          ...[...plan.warnings, ...lotWarnings(buying, card.name)].flatMap((warning): Fit[] => {
            const severity = against[warning.code];
            return severity === undefined ? [] : [{ from: 'plan', severity, warning }];
          }),
          ...plan.batches.slice(0, 1).flatMap(({ rule, surplusMl, ml }): Fit[] =>
            rule === 'least-batch'
              ? [
                  {
                    from: 'choice',
                    code: 'under-least-batch',
                    severity: 'mind',
                    data: { leastMl: ml, surplusMl },
                  },
                ]
              : [],
          ),
        ];
        return {
          ...common,
          fits: reasons.every(({ severity }) => severity !== 'no'),
          reasons,
          layers: plan.layers.length,
          doneMin: plan.times.doneMin,
          potLifeMin: plan.working.potLifeMin,
          workingMin: plan.working.longestMin,
          cost: buying.cost,
          leftoverMl: buying.leftoverMl,
          depthUsed: depthUsedBy(plan),
        };
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        return {
          ...common,
          ...nothing,
          fits: false,
          reasons: [...suits, { from: 'refusal', severity: 'no', problem: error.asProblem() }],
        };
      }
    }),
  );
}

/** What is not known comes last. */
const rising = (a: number | undefined, b: number | undefined): number =>
  (a ?? Infinity) === (b ?? Infinity) ? 0 : (a ?? Infinity) - (b ?? Infinity);

/** Pot life over what mixing and pouring take: the more, the safer. */
const spareOf = ({ potLifeMin, workingMin }: ResinChoice): number | undefined =>
  potLifeMin === undefined || workingMin === undefined ? undefined : workingMin / potLifeMin;

const clarityRank = ({ clarity }: ResinChoice): number | undefined =>
  clarity === undefined ? undefined : clarities.indexOf(clarity);

const byOrder: Readonly<Record<ChoiceOrder, (a: ResinChoice, b: ResinChoice) => number>> = {
  soonest: (a, b) => rising(a.doneMin, b.doneMin),
  cheapest: (a, b) => rising(a.cost, b.cost) || rising(b.leftoverMl, a.leftoverMl),
  safest: (a, b) => rising(a.depthUsed, b.depthUsed) || rising(spareOf(a), spareOf(b)),
  clearest: (a, b) =>
    rising(clarityRank(a), clarityRank(b)) ||
    rising(a.layers, b.layers) ||
    rising(a.viscosityMPaS, b.viscosityMPaS),
};

/** Those that fit first, each kind in the order that a person chooses by, then by name. */
export function inChoiceOrder(
  choices: readonly ResinChoice[],
  order: ChoiceOrder,
): readonly ResinChoice[] {
  return [...choices].sort(
    (a, b) =>
      Number(b.fits) - Number(a.fits) || byOrder[order](a, b) || a.name.localeCompare(b.name),
  );
}
