import type { Resin } from '../../core/resin/resinSchema';
import { newJobDraft, type JobDraft } from './jobDraft';

/** A quick mix as the person left it. */
export interface QuickMix {
  /** Of one batch. */
  readonly amount: string;
  readonly resinId: string;
  readonly batches: string;
}

/** A quick mix is a job of one known amount, so that it is planned like every other. */
export function quickDraft({ amount, batches }: QuickMix, resin: Resin): JobDraft {
  return {
    ...newJobDraft(resin),
    name: 'Quick mix',
    measure: { parts: [{ shape: 'amount', amount, count: batches }] },
    container: undefined,
    scaleStep: '0.1 g',
    pours: [{ resin, overage: '0 %', batches }],
  };
}
