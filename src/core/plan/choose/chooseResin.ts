import type { JobPour } from '../../job/jobPour';
import type { Job } from '../../job/jobSchema';
import { resolveJob, withOtherPour, type ResolvedJob } from '../../job/resolveJob';
import { cutForResin } from '../../layers/cutForResin';
import { InputError } from '../../problem';
import type { ResinFamily } from '../../resin/families';
import type { Clarity, Resin } from '../../resin/resinSchema';
import { hardenerNames } from '../../resin/withHardener';
import { buyingOf } from '../../stock/buying';
import type { PlannedBelow } from '../heat/belowPour';
import { roomOf } from '../heat/roomOf';
import { joinWarnings } from '../joinPours';
import { planResolved } from '../planJob';
import type { PourJoint, PourPlan, Shelf, Warning } from '../planTypes';
import { planAfter, type PouredSoFar } from '../pourAfter';
import { pouredForms, type FormOfPour } from '../pouredForm';
import { lotWarnings, measureWarnings } from '../warnings';
import { cardReasons, planReasons, suitsBy, type Fit, type Suits } from './choiceReasons';

/** One resin with one of its hardeners, held against a job. */
export interface ResinChoice {
  readonly resinId: string | undefined;
  readonly name: string;
  readonly family: ResinFamily;
  /** Undefined for the card's own. */
  readonly hardener: string | undefined;
  readonly hardenerName: string;
  readonly suits: Suits;
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
  /** Foreseen in the hottest layer, °C. */
  readonly peakC: number | undefined;
  readonly clarity: Clarity | undefined;
  readonly viscosityMPaS: number | undefined;
  /** The deepest layer as a share of what the resin takes. */
  readonly depthUsed: number | undefined;
}

/**
 * The job with another resin in one of its pours. A pour that is not cut yet is cut by the resin: that is what is being chosen.
 * @param card as it is on the shelf
 */
function asChosen(
  resolved: ResolvedJob,
  index: number,
  card: Resin,
  hardener: string | undefined,
): ResolvedJob {
  return withOtherPour(resolved, index, (pour) => ({
    ...pour,
    resin: card,
    hardener,
    layers: { ...cutForResin(pour.layers), heights: undefined },
  }));
}

/** The cards of a job that is to have another resin: what its own resin was called with does not matter. */
function resolveForChoice(job: Job, index: number, shelf: Shelf): ResolvedJob {
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

/** Of the hottest layer, °C; undefined where no model follows it. */
function peakOf({ layers }: Pick<PourPlan, 'layers'>): number | undefined {
  const peaksC = layers.flatMap(({ cure }) => cure?.peakC ?? []);
  return peaksC.length === 0 ? undefined : Math.max(...peaksC);
}

/** Whether a person said how finely the pour is cut: then many layers are what they want. */
const isCutByPerson = ({ layers }: JobPour): boolean =>
  layers?.maxDepth !== undefined || layers?.heights !== undefined;

/** What speaks against when it would follow the pour before it. */
const againstClock = (
  { earlier }: PouredSoFar,
  plan: PlannedBelow['plan'],
  join: PourJoint | undefined,
): readonly Warning[] => {
  const before = earlier.at(-1);
  return before === undefined ? [] : joinWarnings([before.plan, plan], [undefined, join]).flat();
};

/** Figures of a choice that cannot be planned. */
const nothing = {
  layers: undefined,
  doneMin: undefined,
  potLifeMin: undefined,
  workingMin: undefined,
  cost: undefined,
  leftoverMl: undefined,
  depthUsed: undefined,
  peakC: undefined,
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
  const { pouredAtMin } = roomOf(own);
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
        clarity: found.clarity,
        viscosityMPaS: resin.viscosityMPaS,
      };
      const suits = cardReasons(own, card, resin);
      try {
        const { planned, join } = planAfter(earlier, pour, form.poured, {
          kept: calibrations,
          ready: [],
        });
        const { plan } = planned;
        const buying = buyingOf(plan.totalMl, card, resin.mixedDensityGPerMl, today);
        const ofForm = new Set(measureWarnings(form.poured.whole).map(({ code }) => code));
        const warnings = [
          ...plan.warnings.filter(({ code }) => !ofForm.has(code)),
          ...againstClock(earlier, plan, join),
          ...lotWarnings(buying, card.name),
        ];
        const reasons = [
          ...suits,
          ...planReasons(plan, warnings, card, isCutByPerson(own), pouredAtMin, shelf.night),
        ];
        return {
          ...common,
          suits: suitsBy(reasons),
          reasons,
          layers: plan.layers.length,
          doneMin: plan.times.doneMin,
          potLifeMin: plan.working.potLifeMin,
          workingMin: plan.working.longestMin,
          cost: buying.cost,
          leftoverMl: buying.leftoverMl,
          depthUsed: depthUsedBy(plan),
          peakC: peakOf(plan),
        };
      } catch (error) {
        if (!(error instanceof InputError)) throw error;
        return {
          ...common,
          ...nothing,
          suits: 'no',
          reasons: [...suits, { from: 'refusal', severity: 'no', problem: error.asProblem() }],
        };
      }
    }),
  );
}
