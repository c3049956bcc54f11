import { useEffect, useRef } from 'react';
import { useFormContext } from 'react-hook-form';
import { newJobName, type JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { sayJobByMeasure } from '../../words/jobName';
import type { JobStep } from './steps';

/**
 * A job that nobody has named is called by what is measured. It is named anew as one leaves measuring, so that no keystroke
 * has the name to write as well.
 */
export function useNameByMeasure(step: JobStep | undefined): void {
  const { plan, outdated } = useOpenJob();
  const { getValues, setValue } = useFormContext<JobDraft>();
  const byMeasure = plan === undefined || outdated ? undefined : sayJobByMeasure(plan);
  /** The name that this gave it last: one that differs is the person's own. */
  const given = useRef(byMeasure);
  useEffect(() => {
    if (step === 'measure' || byMeasure === undefined) return undefined;
    let left = false;
    // After the effects of the form that it stands in: before them it does not hear of what is set.
    queueMicrotask(() => {
      if (left) return;
      const name = getValues('name').trim();
      const isOurs = name === newJobName || name === given.current;
      if (!isOurs) return;
      if (name !== byMeasure) setValue('name', byMeasure);
      given.current = byMeasure;
    });
    return () => {
      left = true;
    };
  }, [step, byMeasure, getValues, setValue]);
}
