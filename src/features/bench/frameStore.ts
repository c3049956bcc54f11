/** A value that changes as fast as a device speaks, and is drawn once a frame. */
export interface FrameStore<T> {
  readonly get: () => T;
  /** Listens to the device as long as somebody listens here. */
  readonly subscribe: (listener: () => void) => () => void;
  readonly change: (change: (before: T) => T) => void;
}

/**
 * @param listen hears the device and changes the value with all that it says
 */
export function frameStore<T>(
  initial: T,
  listen: (change: (change: (before: T) => T) => void) => () => void,
): FrameStore<T> {
  let [newest, drawn] = [initial, initial];
  let frame: number | undefined;
  let stop: (() => void) | undefined;
  const listeners = new Set<() => void>();
  const draw = (): void => {
    frame = undefined;
    drawn = newest;
    for (const listener of listeners) listener();
  };
  const change = (to: (before: T) => T): void => {
    newest = to(newest);
    frame ??= requestAnimationFrame(draw);
  };
  return {
    get: () => drawn,
    change,
    subscribe(listener) {
      listeners.add(listener);
      stop ??= listen(change);
      return () => {
        listeners.delete(listener);
        if (listeners.size > 0) return;
        stop?.();
        stop = undefined;
        if (frame !== undefined) cancelAnimationFrame(frame);
        frame = undefined;
      };
    },
  };
}
