import type { Plan, Shelf } from '../core/plan/planTypes';

/** What a list shows of a job. */
export type ListedJob =
  | { readonly state: 'planned'; readonly plan: Plan }
  /** It has no amounts yet. */
  | { readonly state: 'unmeasured' }
  | { readonly state: 'unreadable'; readonly reason: string }
  /** Its plan was stopped: nothing in a list may take that long. */
  | { readonly state: 'too-slow' };

/** Jobs planned for a list, over the thread's border. */
export interface ListWorker {
  /** What the jobs after this are planned with. */
  readonly useShelf: (shelf: Shelf) => Promise<void>;
  /** A stored text, read and planned. */
  readonly plan: (key: string, text: string) => Promise<ListedJob>;
}
