import type { Job } from '../../core/job/jobSchema';
import type { Checked } from '../../core/schema/check';
import { lateSchemas } from '../records/lateSchemas';

const checked = new WeakMap<object, Checked<Job>>();

/**
 * `checkJob` for what is typed, remembered by the draft: a keystroke plans, lists and saves the same one. A draft is never
 * changed once it is made.
 */
export function checkedDraft(draft: unknown): Checked<Job> {
  const { checkJob } = lateSchemas();
  if (typeof draft !== 'object' || draft === null) return checkJob(draft);
  const before = checked.get(draft);
  if (before !== undefined) return before;
  const now = checkJob(draft);
  checked.set(draft, now);
  return now;
}
