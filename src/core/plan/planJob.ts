import { slabsOf } from '../holdDown/slabsOf';
import type { Job } from '../job/jobSchema';
import { ofPour, resolveJob, type ResolvedJob } from '../job/resolveJob';
import { heightCurve, type MeasuredWhole } from '../measure/measureWhole';
import { readQuantity } from '../quantity/readQuantity';
import { roomTemperatureRule } from '../quantity/rules';
import { inUnit } from '../quantity/units';
import { jobTimes, joinWarnings } from './joinPours';
import { readyCavities } from './leftoversOf';
import type { PlannedBelow } from './heat/belowPour';
import { planAfter } from './pourAfter';
import type {
  FormSection,
  JobWarning,
  Plan,
  PourJoint,
  PourPlan,
  ResinBuying,
  Shelf,
  TogetherSection,
  WeightSection,
} from './planTypes';
import { measureSection } from './measureSection';
import { gapsBetween, pouredForms, type FormOfPour, type Gap } from './pouredForm';
import { buyingByResin } from './shoppingOf';
import { lotWarnings } from './warnings';

/** The form of the job, with V(h) at every border of a fill. */
function formSection(whole: MeasuredWhole, pours: readonly PourPlan[]): FormSection {
  const bordersMm = pours.flatMap(({ kind, layers }) =>
    kind === 'fills' ? layers.flatMap(({ toMm }) => toMm ?? []) : [],
  );
  return {
    ...measureSection(whole),
    heightCurve: heightCurve(whole, bordersMm),
  };
}

const sumOf = <T>(items: readonly T[], of: (item: T) => number): number =>
  items.reduce((sum, item) => sum + of(item), 0);

function together(pours: readonly PourPlan[]): TogetherSection {
  const cavityMl = sumOf(pours, (pour) => pour.cavityMl);
  return {
    cavityMl,
    cavityUsFlOz: inUnit(cavityMl, 'US fl oz'),
    cavityImperialFlOz: inUnit(cavityMl, 'imp fl oz'),
    cavityUsGal: inUnit(cavityMl, 'US gal'),
    totalMl: sumOf(pours, ({ totalMl }) => totalMl),
    totalG: sumOf(pours, ({ totalG }) => totalG),
  };
}

/** A mould is no part of what is cast in it. */
function weightOf(
  { job }: ResolvedJob,
  form: MeasuredWhole | undefined,
  pours: readonly PourPlan[],
): WeightSection {
  const isCast = pours.some(({ role }) => role === 'castings');
  const kept = pours.filter(({ role }) => !(isCast && role === 'mould'));
  const resinG = sumOf(kept, ({ cavityMl, fillers = [], resin }) => {
    const share = 1 - sumOf(fillers, (filler) => filler.share);
    return cavityMl * share * resin.mixedDensityGPerMl;
  });
  const fillersG = sumOf(kept, ({ cavityMl, fillers = [] }) =>
    sumOf(fillers, ({ share, grainGPerMl }) => cavityMl * share * grainGPerMl),
  );
  const inserts = form?.inserts ?? kept.flatMap((pour) => pour.inserts);
  const insertsG = sumOf(
    inserts,
    ({ eachMl, count, densityGPerMl = 0 }) => eachMl * count * densityGPerMl,
  );
  const slabs = slabsOf(job);
  const slabsG = sumOf(
    slabs,
    ({ eachMl, count, densityGPerMl = 0 }) => eachMl * count * densityGPerMl,
  );
  return {
    resinG,
    fillersG,
    insertsG,
    slabsG: slabs.length === 0 ? undefined : slabsG,
    unknownInserts: [...inserts, ...slabs].filter(
      ({ densityGPerMl }) => densityGPerMl === undefined,
    ).length,
    totalG: resinG + fillersG + insertsG + slabsG,
  };
}

/** What the job and its pours give cause to say: what is missing, then pour by pour, then the lots of their resins. */
function warningsOf(
  { missing }: ResolvedJob,
  pours: readonly PourPlan[],
  againstClock: ReturnType<typeof joinWarnings>,
  gaps: readonly Gap[],
  buying: readonly ResinBuying[],
): readonly JobWarning[] {
  const named = (index: number | undefined): JobWarning['pour'] =>
    index === undefined ? undefined : { index, name: pours[index]?.name };
  return [
    ...missing.map(({ code, name, pour }): JobWarning => ({
      code,
      severity: 'tell',
      data: { name },
      pour: named(pour),
    })),
    ...gaps.map((gap): JobWarning => ({
      code: 'fills-gap',
      severity: 'warn',
      data: { ...gap },
      pour: undefined,
    })),
    ...pours.flatMap(({ warnings, index }) =>
      [...warnings, ...(againstClock[index] ?? [])].map((warning): JobWarning => ({
        ...warning,
        pour: named(index),
      })),
    ),
    ...buying.flatMap((each) =>
      lotWarnings(each.buying, each.card.name).map((warning): JobWarning => ({
        ...warning,
        pour: named(each.pours.length === 1 ? each.pours[0] : undefined),
      })),
    ),
  ];
}

/** Pour by pour in working order: a cavity that took what one left is full for the next. */
function planPours(
  resolved: ResolvedJob,
  forms: readonly FormOfPour[],
  shelf?: Shelf,
): readonly PourPlan[] {
  let ready = readyCavities(resolved.leftoverMoulds);
  const kept = shelf?.calibrations;
  const earlier: PlannedBelow[] = [];
  const joins: (PourJoint | undefined)[] = [];
  for (const [index, pour] of resolved.pours.entries()) {
    const { poured } = forms[index]!;
    const { planned, join } = ofPour(resolved.job.pours[index]!, index, () =>
      planAfter({ earlier, joins }, pour, poured, { kept, ready }),
    );
    ready = planned.ready;
    earlier.push({ pour, poured, plan: planned.plan });
    joins.push(join);
  }
  return earlier.map(({ plan }, index) => ({ ...plan, joins: joins[index] }));
}

/**
 * The one way from what a person said to what they should do.
 * @param job as checked by `checkJob` or `readJob`
 * @param shelf what is at hand; a card in it stands over the job's own copy of the same `id`.
 *   Leave it out where there is no shelf to look at, as for a file.
 * @param today `2026-11-23`, for best-before dates; the core has no clock
 * @throws InputError those of `resolveJob`, `pouredForms`, `gapsBetween` and `planAfter`
 */
export const planJob = (job: Job, shelf?: Shelf, today?: string): Plan =>
  planResolved(resolveJob(job, shelf), shelf, today);

/** The same for a job whose cards have been found. */
export function planResolved(resolved: ResolvedJob, shelf?: Shelf, today?: string): Plan {
  const { job } = resolved;
  const forms = pouredForms(resolved);
  const gaps = gapsBetween(forms);
  const pours = planPours(resolved, forms, shelf);
  const joins = pours.map((pour) => pour.joins);
  const form = forms.find((each) => each.form !== undefined)?.form;
  const buying = buyingByResin(resolved.pours, pours, today);
  return {
    name: job.name,
    // With one pour its room is the room, whoever says it.
    roomTemperatureC:
      pours.length === 1
        ? pours[0]!.roomTemperatureC
        : readQuantity(job.room.temperature, roomTemperatureRule).value,
    form: form && formSection(form, pours),
    pours,
    together: together(pours),
    buying,
    weight: weightOf(resolved, form, pours),
    times: jobTimes(pours, joins),
    warnings: warningsOf(resolved, pours, joinWarnings(pours, joins), gaps, buying),
  };
}
