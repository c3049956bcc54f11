import type { Job } from '../job';
import { InputError, type ProblemData } from '../problem';
import { readResin, type ReadResin } from '../resin/readResin';
import { clarities, type Clarity, type Resin } from '../resin/resinSchema';
import { hardenerNames, withHardener } from '../resin/withHardener';
import { familyOf, type ResinFamily } from '../resin/families';
import { withCards } from './fromShelf';
import { measurePour, type MeasuredPour } from './measurePour';
import { planPour, type PouredPlan } from './planJob';
import type { Shelf } from './planTypes';
import { readingOf } from './readingOf';

/** Why a resin does not fit a job, or fits with a thought. */
export interface Fit {
  /** A code of a problem or a warning of its plan, or one of these. */
  readonly code: string;
  readonly severity: 'no' | 'mind';
  readonly data: ProblemData;
}

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
const makesMould = ({ measure }: Job): boolean =>
  measure.parts.some((part) => part.shape === 'mesh' && part.as === 'master');

function suitability(job: Job, card: Resin, resin: ReadResin): readonly Fit[] {
  const found: Fit[] = [];
  const no = (code: string, data: ProblemData = {}): void =>
    void found.push({ code, severity: 'no', data });
  if (makesMould(job) && !isSilicone(card.family)) no('not-for-moulds', { family: card.family });
  if (!makesMould(job) && isSilicone(card.family)) no('not-for-castings', { family: card.family });
  const { viscosityMPaS } = resin;
  const wants = job.wants ?? [];
  if (viscosityMPaS !== undefined) {
    if (wants.includes('fine-detail') && viscosityMPaS > thickestForDetailMPaS)
      no('too-thick-for-detail', { viscosityMPaS, limitMPaS: thickestForDetailMPaS });
    if (wants.includes('glitter') && viscosityMPaS < thinnestForGlitterMPaS)
      no('too-thin-for-glitter', { viscosityMPaS, limitMPaS: thinnestForGlitterMPaS });
  }
  const coloured =
    job.tint !== undefined || (job.portions ?? []).some(({ pigments }) => pigments?.length);
  if (familyOf(card.family).kind === 'uv' && coloured) no('no-light-through-pigment');
  return found;
}

/** Warnings of a plan that speak against its resin. */
const against: Readonly<Record<string, Fit['severity']>> = {
  'deeper-than-label': 'no',
  'deeper-than-room': 'no',
  'thinner-than-least': 'no',
  'over-pot-life': 'no',
  'ratios-impossible': 'mind',
  'density-assumed': 'mind',
  'lots-expired': 'mind',
};

/** A pour that is not cut yet is cut by the resin: that is what is being chosen. */
export function asChosen(job: Job, resin: Resin, hardener: string | undefined): Job {
  const { style, heights: _, ...layers } = job.layers ?? {};
  const cut = style === undefined || style === 'one-pour' ? 'equal' : style;
  // What the person knew of the other resin does not hold for this one.
  const { maxDepth: __, lockIn: ___, ...kept } = layers;
  return { ...job, resin, hardener, layers: { ...kept, style: cut, heights: undefined } };
}

function depthUsedBy({ layers, cut }: PouredPlan): number | undefined {
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

/**
 * Every resin of the shelf with every hardener, held against a job and its room. Each is planned as the job would be.
 * @param shelf its cards, and the moulds that the job measures by
 * @throws InputError those of `measurePour`: what cannot be measured fits nothing
 */
export function chooseResin(job: Job, shelf: Shelf, today?: string): readonly ResinChoice[] {
  const { measure } = withCards(job, shelf);
  // A known mass is another volume with each resin; everything else is measured once for all.
  const byMass = measure.parts.some(({ shape }) => shape === 'amount');
  let once: MeasuredPour | undefined;
  return shelf.resins.flatMap((found) =>
    hardenerNames(found).map((hardenerName, index): ResinChoice => {
      const hardener = index === 0 ? undefined : hardenerName;
      const card = withHardener(found, hardener);
      const resin = readResin(card);
      const chosen = asChosen(job, found, hardener);
      const measured =
        (byMass ? undefined : once) ?? measurePour(chosen, measure, readingOf(chosen, resin));
      once = measured;
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
      const suits = suitability(job, card, resin);
      try {
        const plan = planPour(chosen, {
          card,
          resin,
          parts: measure.parts,
          measured,
          kept: shelf.calibrations,
          leftoverMoulds: [],
          warnings: [],
          today,
        });
        const reasons = [
          ...suits,
          ...plan.warnings.flatMap(({ code, data }): Fit[] => {
            const severity = against[code];
            return severity === undefined ? [] : [{ code, severity, data }];
          }),
          ...plan.batches.slice(0, 1).flatMap(({ rule, surplusMl, ml }): Fit[] =>
            rule === 'least-batch'
              ? [
                  {
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
          cost: plan.buying.cost,
          leftoverMl: plan.buying.leftoverMl,
          depthUsed: depthUsedBy(plan),
        };
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        const { code, data } = error;
        return {
          ...common,
          ...nothing,
          fits: false,
          reasons: [...suits, { code, severity: 'no', data }],
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
