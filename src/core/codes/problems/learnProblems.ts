import type { TimeForm } from '../../learn/timeForms';
import type { Nothing } from './problemData';
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
  /** No column of names and one of days. */
  'no-records-in-table': { readonly columns: readonly string[] };
  'row-without-piece': { readonly row: number };
  'row-without-day': { readonly row: number };
  'not-a-figure': { readonly row: number; readonly column: string; readonly decimal: '.' | ',' };
  'cell-too-long': { readonly row: number; readonly column: string; readonly longest: number };
  /** Counted from 1. */
  'layer-too-early': { readonly layer: number };
  'done-before-pour': Nothing;
  'too-many-readings': { readonly count: number; readonly most: number };
  'not-a-temperature': { readonly row: number; readonly decimal: '.' | ',' };
}
