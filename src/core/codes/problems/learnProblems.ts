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
}
