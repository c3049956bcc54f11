import type { Shelf } from '../../core/plan/planTypes';
import type { Resin } from '../../core/resin/resinSchema';
import { newJobDraft, type JobDraft } from './jobDraft';
import { planDraft, type PlannedDraft } from './planDraft';
import { quickScaleStep, type QuickDraft, type QuickMix } from './quickMix';

/** A quick mix is a job of one known amount, so that it is planned like every other. */
export function quickDraft({ amount, batches }: QuickMix, resin: Resin): JobDraft {
  return {
    ...newJobDraft(resin),
    name: 'Quick mix',
    measure: { parts: [{ shape: 'amount', amount, count: batches }] },
    container: undefined,
    scaleStep: quickScaleStep,
    pours: [{ resin, overage: '0 %', batches }],
  };
}

/** A quick mix as it is planned. */
export const planQuick = ({ quick, resin }: QuickDraft, shelf: Shelf): PlannedDraft =>
  planDraft(resin && quickDraft(quick, resin), shelf);
