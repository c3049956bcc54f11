import { useMemo, useState } from 'react';
import type { Job } from '../../core/job/jobSchema';
import type { Plan, Shelf } from '../../core/plan/planTypes';
import type { Problem } from '../../core/problem';
import { useShared } from '../hooks/useShared';
import type { PlannedDraft } from './planDraft';

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
 * @param planDraft one and the same as long as it plans the same
 */
export function usePlannedDraft<Draft>(
  draft: Draft,
  shelf: Shelf,
  lastGood: Draft | null,
  planDraft: (draft: Draft, shelf: Shelf) => PlannedDraft,
): DraftPlan {
  const [goodDraft, setGoodDraft] = useState(lastGood);
  const now = useMemo(() => planDraft(draft, shelf), [draft, shelf, planDraft]);
  if (now.plan !== undefined && goodDraft !== draft) setGoodDraft(draft);
  const before = useMemo(
    () => (now.plan === undefined && goodDraft !== null ? planDraft(goodDraft, shelf) : now),
    [now, goodDraft, shelf, planDraft],
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
