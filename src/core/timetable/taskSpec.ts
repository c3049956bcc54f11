import type { TaskSpec, Tie } from './tasks';

/** A task with what is not as for most. */
type Task = Pick<TaskSpec, 'id' | 'kind' | 'minutes' | 'hands' | 'tie'> & Partial<TaskSpec>;

/** A hair that rounding leaves, min. */
const hairMin = 1e-6;
const up = (minutes: number): number => Math.ceil(minutes - hairMin);
const down = (minutes: number): number => Math.floor(minutes + hairMin);

/** Whole minutes, none of them outside; what is shorter than one begins at its end. */
function wholeMinutes<W extends { readonly fromMin: number; readonly toMin: number }>(
  window: W,
): W {
  const fromMin = Number.isFinite(window.fromMin) ? up(window.fromMin) : window.fromMin;
  return { ...window, fromMin, toMin: Math.max(fromMin, down(window.toMin)) };
}

/** In whole minutes. */
function wholeTie(tie: Tie): Tie {
  const { fromMin, toMin, safe } = tie;
  // What lies before is told from the other end.
  const whole =
    toMin <= 0
      ? { fromMin: Number.isFinite(fromMin) ? up(fromMin) : fromMin, toMin: down(toMin) }
      : wholeMinutes({ fromMin, toMin });
  return { ...tie, ...whole, safe: safe && wholeMinutes(safe) };
}

export const spec = ({ tie, ...task }: Task): TaskSpec => ({
  tie: tie && wholeTie(tie),
  pour: undefined,
  layer: undefined,
  lines: [],
  peakMin: undefined,
  ...task,
});

/** As soon as its window opens. */
export const early = (to: string, window: Pick<Tie, 'fromMin' | 'toMin' | 'safe'>): Tie => ({
  to,
  ...window,
  prefer: 'early',
});
/** At one moment. */
export const exactly = (to: string, atMin: number): Tie => ({
  to,
  fromMin: atMin,
  toMin: atMin,
  safe: undefined,
  prefer: 'early',
});
/** From a moment on. */
export const from = (to: string, fromMin: number, safe?: Tie['safe']): Tie => ({
  to,
  fromMin,
  toMin: Infinity,
  safe,
  prefer: 'early',
});
