import type { Job } from '../../core/job/jobSchema';
import { planJob } from '../../core/plan/planJob';
import type { Plan, Shelf } from '../../core/plan/planTypes';
import { today } from '../today';
import { InputError, type Problem } from '../../core/problem';
import { checkedDraft } from './checkedDraft';

/** What a draft comes to: a job with its plan, or everything that is wrong with it. */
export type PlannedDraft =
  | { readonly job: Job; readonly plan: Plan; readonly problems: readonly [] }
  | { readonly job: undefined; readonly plan: undefined; readonly problems: readonly Problem[] };

/** One and the same, so that nothing is drawn anew because nothing is wrong. */
const noProblems: readonly [] = [];

/** Checks a draft and plans it, as on every keystroke. */
export function planDraft(draft: unknown, shelf: Shelf): PlannedDraft {
  const { value: job, problems } = checkedDraft(draft);
  if (job === undefined) return { job, plan: undefined, problems };
  try {
    return { job, plan: planJob(job, shelf, today()), problems: noProblems };
  } catch (error) {
    if (error instanceof InputError) return { job: undefined, plan: undefined, problems: [error] };
    throw error;
  }
}
