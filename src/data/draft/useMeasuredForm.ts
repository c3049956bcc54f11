import { useMemo } from 'react';
import { useWatch } from 'react-hook-form';
import { measureAlone } from '../../core/plan/measureAlone';
import type { MeasureSection } from '../../core/plan/planTypes';
import type { JobDraft } from './jobDraft';
import { useOpenJob } from './openJob';

/** What the form of the open job measures: as planned, or by itself while there is no plan of it, such as before it has a resin. */
export function useMeasuredForm(): MeasureSection | undefined {
  const { plan } = useOpenJob();
  // A mould alone is planned as its rubber: what it is poured round is measured by itself.
  const isPlanned = plan?.form !== undefined;
  const measure = useWatch<JobDraft, 'measure'>({ name: 'measure', disabled: isPlanned });
  const scaleStep = useWatch<JobDraft, 'scaleStep'>({ name: 'scaleStep', disabled: isPlanned });
  const alone = useMemo(
    () => (isPlanned ? undefined : measureAlone(measure, scaleStep)),
    [isPlanned, measure, scaleStep],
  );
  return plan?.form ?? alone;
}
