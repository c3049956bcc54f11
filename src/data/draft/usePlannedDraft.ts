import { useMemo, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Plan, Shelf } from '../../core/plan/planTypes';
import type { Problem } from '../../core/problem';
import { useShared } from '../hooks/useShared';
import { planDraft } from './planDraft';

/** A draft's plan; while the draft is not whole, the last good plan stands, marked outdated. */
export interface DraftPlan {
  readonly job: Job | undefined;
  readonly plan: Plan | undefined;
  readonly outdated: boolean;
  readonly problems: readonly Problem[];
}

/**
 * Plans what is being typed and remembers the last draft that was whole.
 * @param lastGood the last whole state before this screen opened, if there was one
 */
export function usePlannedDraft(draft: unknown, shelf: Shelf, lastGood: unknown): DraftPlan {
  const [goodDraft, setGoodDraft] = useState(lastGood);
  const now = useMemo(() => planDraft(draft, shelf), [draft, shelf]);
  if (now.plan !== undefined && goodDraft !== draft) setGoodDraft(draft);
  const before = useMemo(
    () => (now.plan === undefined && goodDraft !== null ? planDraft(goodDraft, shelf) : now),
    [now, goodDraft, shelf],
  );
  const planned = useMemo<DraftPlan>(
    () => ({
      job: before.job,
      plan: before.plan,
      outdated: now.plan === undefined,
      problems: now.problems,
    }),
    [before, now],
  );
  return useShared(planned);
}
