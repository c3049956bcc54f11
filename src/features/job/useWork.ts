import { useMemo } from 'react';
import { useWatch } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useCurrency } from '../../data/hooks/useKept';
import { useShared } from '../../data/hooks/useShared';
import { workList, type WorkRow } from './workList';

/** The work of the open job as a list. */
export function useWork(): readonly WorkRow[] {
  const { plan, problems } = useOpenJob();
  const { currency } = useCurrency();
  const pours = useWatch<JobDraft, 'pours'>({ name: 'pours' });
  const rows = useMemo(
    () => workList({ plan, problems, pours, currency }),
    [plan, problems, pours, currency],
  );
  return useShared(rows);
}
