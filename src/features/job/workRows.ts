import type { JobWarning, Plan, PourPlan } from '../../core/plan/planTypes';
import type { Problem } from '../../core/problem';
import { familyOf } from '../../core/resin/families';
import type { PourDraft } from '../../data/draft/jobDraft';
import type { WorkFigures } from './workFigures';
import { stepOfWarning } from './stepOfWarning';
import { jobSteps, type JobStep, type JobStepRecord } from './steps';

/** How far a row of the work is: something in it is wrong, it is decided, it comes next, or it is still open. */
export type RowState = 'wrong' | 'done' | 'next' | 'open';

/** One step in the list of the work; of a pour it says which one, counted from 0. */
export interface WorkRow {
  readonly step: JobStep;
  readonly label: string;
  readonly pour: number | undefined;
  readonly state: RowState;
  /** What it comes to; empty where nothing is planned yet. */
  readonly figure: string;
  /** Something in it is warned of. */
  readonly isWarned: boolean;
}

interface Work {
  readonly plan: Plan | undefined;
  readonly problems: readonly Problem[];
  readonly pours: readonly PourDraft[];
  readonly currency: string;
  /** Of steps that other rooms tell. */
  readonly figures?: WorkFigures | undefined;
}

/** The part of a problem's field that a step's own pattern is about. */
function fieldWithin(field: string, pour: number | undefined): string | undefined {
  if (pour === undefined) return field;
  const place = `pours[${pour}]`;
  if (!field.startsWith(place)) return undefined;
  return field.slice(place.length).replace(/^\./, '');
}

/** Whether something that is set in a step is wrong. What is the job's is told at the steps of its first pour too. */
function isWrong(
  step: JobStepRecord,
  pour: number | undefined,
  { problems, pours }: Work,
): boolean {
  return problems.some(({ field }) => {
    const own = fieldWithin(field, pour);
    if (own !== undefined && step.fields?.test(own) === true) {
      // One pour alone has no step for its place.
      return step.value !== 'place' || pours.length > 1;
    }
    return pour === 0 && step.jobFields?.test(field) === true;
  });
}

/** Steps whose figures other rooms tell. */
const elsewhere: ReadonlySet<JobStep> = new Set<JobStep>(['hold', 'prepare', 'days', 'pour']);

const isToldElsewhere = ({ value }: JobStepRecord): boolean => elsewhere.has(value);

/** Whether there is nothing left to decide in a step. */
function isDecided(
  step: JobStepRecord,
  { plan, figures }: Work,
  draft: PourDraft | undefined,
): boolean {
  if (isToldElsewhere(step)) return figures?.[step.value]?.isDone ?? false;
  if (step.value === 'resin') return draft?.resin !== undefined;
  return plan !== undefined;
}

/** Whether a warning is told at a step, of a pour or of the whole job. */
export const isToldAt = (
  { code, pour }: JobWarning,
  step: JobStep,
  pourIndex: number | undefined,
): boolean =>
  stepOfWarning[code] === step &&
  (pour === undefined || pourIndex === undefined || pour.index === pourIndex);

function figureOf(
  step: JobStepRecord,
  pour: PourPlan | undefined,
  { plan, currency, figures }: Work,
): string {
  if (plan === undefined) return '';
  if (isToldElsewhere(step)) return figures?.[step.value]?.figure ?? '';
  if (step.of === 'job') return step.figure?.(plan, currency) ?? '';
  return pour === undefined ? '' : step.figure(plan, pour);
}

/** What is cast in a mould may be cast in a run. */
const isCast = ({ role, run, measure }: PourDraft): boolean =>
  role === 'castings' ||
  run !== undefined ||
  measure?.parts.some(({ shape }) => shape === 'mould') === true;

/** A box is built round what a mould is poured round. */
const isMould = ({ role, mouldBox, resin, fills, covers }: PourDraft): boolean =>
  role === 'mould' ||
  mouldBox !== undefined ||
  (role === undefined &&
    fills === undefined &&
    covers === undefined &&
    resin !== undefined &&
    familyOf(resin.family).kind === 'silicone');

/**
 * The work of a job as a list, in its order: what is of the whole job, and in the middle of it the steps of each pour. The first
 * row that is not decided comes next.
 */
export function workList(work: Work): readonly WorkRow[] {
  const { plan, pours } = work;
  const row = (step: JobStepRecord, pour: number | undefined): WorkRow => {
    const wrong = isWrong(step, pour, work);
    const decided = isDecided(step, work, pour === undefined ? undefined : pours[pour]);
    return {
      step: step.value,
      label: step.label,
      pour,
      state: wrong ? 'wrong' : decided ? 'done' : 'open',
      figure: figureOf(step, pour === undefined ? undefined : plan?.pours[pour], work),
      isWarned:
        plan?.warnings.some(
          (warning) => warning.severity === 'warn' && isToldAt(warning, step.value, pour),
        ) ?? false,
    };
  };
  const steps = jobSteps.filter(({ amongSeveral }) => amongSeveral !== true || pours.length > 1);
  const firstOfPour = steps.findIndex(({ of }) => of === 'pour');
  const ofPour = steps.filter(({ of }) => of === 'pour');
  const rows = [
    ...steps.slice(0, firstOfPour).map((step) => row(step, undefined)),
    ...pours.flatMap((draft, pour) =>
      ofPour
        .filter(
          ({ ofCastings, ofMould }) =>
            (ofCastings !== true || isCast(draft)) && (ofMould !== true || isMould(draft)),
        )
        .map((step) => row(step, pour)),
    ),
    ...steps.slice(firstOfPour + ofPour.length).map((step) => row(step, undefined)),
  ];
  // Everything is planned before the days are: they are no hindrance to weighing out.
  const next = rows.findIndex(
    ({ state, step }) => state === 'wrong' || (state === 'open' && !elsewhere.has(step)),
  );
  return rows.map((each, index) =>
    index === next && each.state === 'open' ? { ...each, state: 'next' } : each,
  );
}

/** A pour that is under way goes before everything; once there is a date, preparing comes next, and then pouring. */
function toBench(rows: readonly WorkRow[], isPouring: boolean): WorkRow | undefined {
  const pour = rows.find(({ step }) => step === 'pour');
  if (isPouring) return pour;
  const isDated = rows.some(({ step, state }) => step === 'days' && state === 'done');
  if (!isDated) return undefined;
  const open = (step: JobStep): WorkRow | undefined =>
    rows.find((row) => row.step === step && row.state === 'open');
  return open('prepare') ?? open('pour');
}

/** The row that is open: a step, of a pour where it is of one. */
export const rowAt = (rows: readonly WorkRow[], step: JobStep, pour: number): number =>
  rows.findIndex((row) => row.step === step && (row.pour === undefined || row.pour === pour));

/**
 * What is done next: what is wrong or open first; the bench, once there is a date; otherwise the amounts, which everything leads to.
 * @param isPouring a pour of it is under way
 */
export function nextRow(
  rows: readonly WorkRow[],
  pour: number,
  isPouring = false,
): WorkRow | undefined {
  return (
    rows.find(({ state }) => state === 'wrong' || state === 'next') ??
    toBench(rows, isPouring) ??
    rows[rowAt(rows, 'mix', pour)]
  );
}
