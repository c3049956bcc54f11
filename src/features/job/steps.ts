import type { Plan, PourPlan } from '../../core/plan/planTypes';
import {
  sayBuyFigure,
  sayColourFigure,
  sayHeatFigure,
  sayLayersFigure,
  sayMeasuredFigure,
  sayMixFigure,
  sayMouldBoxFigure,
  sayPlaceFigure,
  sayResinFigure,
  sayRunFigure,
} from '../../words/steps';

interface StepNames {
  readonly label: string;
  /** Fields that are set in it: of the job, or of one pour. A problem with one of them is told at this step. */
  readonly fields?: RegExp;
  /** Of a pour's step: what the job says there for all of its pours. */
  readonly jobFields?: RegExp;
  /** Only where a job has several pours. */
  readonly amongSeveral?: boolean;
  /** Only for castings out of a mould. */
  readonly ofCastings?: boolean;
  /** Only for a mould. */
  readonly ofMould?: boolean;
}

interface StepOfJob extends StepNames {
  readonly of: 'job';
  /** Of the plan; what other rooms tell comes through `WorkFiguresContext`. */
  readonly figure?: (plan: Plan, currency: string) => string;
}

interface StepOfPour extends StepNames {
  readonly of: 'pour';
  readonly figure: (plan: Plan, pour: PourPlan) => string;
}

type StepRecord = StepOfJob | StepOfPour;

const records = {
  measure: {
    label: 'Measure',
    of: 'job',
    fields: /^measure\b/,
    figure: sayMeasuredFigure,
  },
  place: {
    label: 'Place',
    of: 'pour',
    amongSeveral: true,
    fields: /^$|^(name|role|fills|covers|measure|joint|wait|room)\b/,
    figure: sayPlaceFigure,
  },
  box: {
    label: 'Mould box',
    of: 'pour',
    ofMould: true,
    fields: /^mouldBox\b/,
    figure: sayMouldBoxFigure,
  },
  resin: {
    label: 'Resin',
    of: 'pour',
    fields: /^(resin|hardener|wants)\b/,
    figure: sayResinFigure,
  },
  layers: {
    label: 'Layers',
    of: 'pour',
    fields: /^(layers|allowances\.planing|uv)\b/,
    figure: sayLayersFigure,
  },
  heat: {
    label: 'Heat',
    of: 'pour',
    fields: /^heat\b/,
    jobFields: /^heat\b/,
    figure: sayHeatFigure,
  },
  colour: {
    label: 'Colour',
    of: 'pour',
    fields: /^(portions|coloursFrom|tint|fillers|inclusions)\b/,
    figure: sayColourFigure,
  },
  mix: {
    label: 'Mix',
    of: 'pour',
    fields: /^(mixing|containers?|batches|overage|allowances|kind|cupMarks|pressure|vacuum)\b/,
    jobFields: /^(containers?|scaleStep|leftoverMoulds)\b/,
    figure: sayMixFigure,
  },
  run: {
    label: 'Run',
    of: 'pour',
    ofCastings: true,
    fields: /^(run|casting)\b/,
    figure: sayRunFigure,
  },
  buy: { label: 'Buy', of: 'job', figure: sayBuyFigure },
  hold: { label: 'Hold down', of: 'job', fields: /^form\b/ },
  prepare: { label: 'Prepare', of: 'job', fields: /^prepare\b/ },
  days: { label: 'Days', of: 'job' },
  pour: { label: 'Pour', of: 'job' },
} as const satisfies Readonly<Record<string, StepRecord>>;

export type JobStep = keyof typeof records;
export type JobStepRecord = StepRecord & { readonly value: JobStep };

/** The steps of a job in working order: the list of the work, routes, and the ways before and after all follow this. */
export const jobSteps: readonly JobStepRecord[] = (Object.keys(records) as JobStep[]).map(
  (value) => ({ value, ...records[value] }),
);

export const stepAt = (path: string): JobStepRecord | undefined =>
  jobSteps.find(({ value }) => path.endsWith(`/${value}`));
