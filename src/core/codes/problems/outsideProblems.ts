import type { Nothing } from './problemData';

/** What is refused round the core: the command, links, the supplier, and work that is done beside the screen. */
export interface OutsideProblems {
  'worker-failed': Nothing;
  'worker-too-slow': { readonly seconds: number };
  'supplier-silent': Nothing;
  'link-broken': Nothing;
  'link-foreign': Nothing;
  'no-code': Nothing;
  'unknown-option': Nothing;
  'no-argument': Nothing;
  'no-such-zone': { readonly example: string };
  'not-a-moment': { readonly example: string };
  'start-and-due': Nothing;
}
