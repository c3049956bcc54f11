import { emptyTrace, type Trace } from '../../core/measure/outline/traceEdit';
import type { TypedScale } from '../../core/measure/parts/outlineSchemas';

/** Everything that is set on the picture. */
export interface Traced {
  readonly trace: Trace;
  readonly scale: TypedScale;
}

/** What is there, what was there before each change, and what was undone. */
export interface TraceHistory {
  readonly past: readonly Traced[];
  readonly now: Traced;
  readonly future: readonly Traced[];
  /** Whether a point is on its way under a finger: only where it comes to rest is kept. */
  readonly moving: boolean;
}

export type TraceAction =
  /** A change that undo takes back. */
  | { readonly type: 'change'; readonly to: Traced }
  /** The first step of a drag, which undo takes back as a whole… */
  | { readonly type: 'lift'; readonly to: Traced }
  /** …those that come after it… */
  | { readonly type: 'follow'; readonly to: Traced }
  /** …and its end. */
  | { readonly type: 'rest' }
  | { readonly type: 'undo' }
  | { readonly type: 'redo' };

const mostPast = 200;

export const beginTrace = (
  outlines: readonly (readonly number[])[],
  scale: TypedScale,
): TraceHistory => ({
  past: [],
  now: { trace: { ...emptyTrace, outlines }, scale },
  future: [],
  moving: false,
});

export function traceReducer(history: TraceHistory, action: TraceAction): TraceHistory {
  const { past, now, future } = history;
  switch (action.type) {
    case 'change':
    case 'lift':
      return {
        past: [...past, now].slice(-mostPast),
        now: action.to,
        future: [],
        moving: action.type === 'lift',
      };
    case 'rest':
      return { ...history, moving: false };
    case 'follow':
      return { ...history, now: action.to };
    case 'undo': {
      const before = past.at(-1);
      return before === undefined
        ? history
        : { past: past.slice(0, -1), now: before, future: [now, ...future], moving: false };
    }
    case 'redo': {
      const [after, ...rest] = future;
      return after === undefined
        ? history
        : { past: [...past, now], now: after, future: rest, moving: false };
    }
  }
}
