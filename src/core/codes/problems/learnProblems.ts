import type { TimeForm } from '../../learn/timeForms';
import type { ResinFamily } from '../../resin/families';

/** What readings of a pour can have wrong; h and °C. */
export interface LearnProblems {
  'no-model': { readonly family: ResinFamily };
  'before-pour': { readonly h: number };
  'readings-out-of-order': { readonly h: number; readonly before: number };
  'perhaps-fahrenheit': {
    readonly first: number;
    readonly asC: number;
    readonly pouredC: number;
  };
  /** No two of its columns could be times and temperatures. */
  'no-readings-in-table': { readonly columns: readonly string[] };
  /** Rows as people count, the line with the names is the first. */
  'not-a-time': { readonly row: number; readonly times: TimeForm };
  'too-many-readings': { readonly count: number; readonly most: number };
  'not-a-temperature': { readonly row: number; readonly decimal: '.' | ',' };
}
