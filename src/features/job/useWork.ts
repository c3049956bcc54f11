import { useContext, useMemo } from 'react';
import { useWatch } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useCurrency } from '../../data/hooks/useKept';
import { useShared } from '../../data/hooks/useShared';
import { WorkFiguresContext } from './workFigures';
import { workList, type WorkRow } from './workRows';

/** The work of the open job as a list. */
export function useWork(): readonly WorkRow[] {
  const { plan, problems } = useOpenJob();
  const { currency } = useCurrency();
  const pours = useWatch<JobDraft, 'pours'>({ name: 'pours' });
  const figures = useContext(WorkFiguresContext);
  const rows = useMemo(
    () => workList({ plan, problems, pours, currency, figures }),
    [plan, problems, pours, currency, figures],
  );
  return useShared(rows);
}
