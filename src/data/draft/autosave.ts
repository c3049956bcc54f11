export interface Autosave<T> {
  /** What saves from now on. */
  readonly savesBy: (save: (typed: T) => Promise<void>) => void;
  /** Saves this as soon as the save before it is through; what still waits is dropped for it. */
  readonly request: (typed: T) => void;
  /** What is asked to be saved and not saved yet. */
  readonly unsaved: () => { readonly typed: T } | undefined;
  /** Drops what waits. */
  readonly drop: () => void;
  /** Nothing is saved before this is over: what it writes, the next save builds on. */
  readonly hold: (until: Promise<unknown>) => void;
  /** Calls back once nothing is unsaved. */
  readonly whenDone: (callback: () => void) => void;
}

/**
 * Saves the latest of what comes in, one save at a time.
 * @param ready what each save waits for
 */
export function createAutosave<T>(ready?: () => Promise<void>): Autosave<T> {
  let save: (typed: T) => Promise<void> = async () => undefined;
  let waiting: { readonly typed: T } | undefined;
  let running: { readonly typed: T } | undefined;
  let held: Promise<unknown> | undefined;
  let isRunning = false;
  let callbacks: (() => void)[] = [];
  async function run(): Promise<void> {
    isRunning = true;
    try {
      while (waiting !== undefined) {
        if (ready !== undefined) await ready();
        if (held !== undefined) await held;
        // Dropped meanwhile, or held once more.
        if (waiting === undefined || held !== undefined) continue;
        running = waiting;
        waiting = undefined;
        await save(running.typed);
      }
    } finally {
      isRunning = false;
      running = undefined;
      for (const callback of callbacks) callback();
      callbacks = [];
    }
  }
  return {
    savesBy(next) {
      save = next;
    },
    request(typed) {
      waiting = { typed };
      if (!isRunning) void run();
    },
    unsaved: () => waiting ?? running,
    drop: () => {
      waiting = undefined;
    },
    hold(until) {
      const over = until.then(
        () => undefined,
        () => undefined,
      );
      held = over;
      void over.then(() => {
        if (held === over) held = undefined;
      });
    },
    whenDone(callback) {
      if (!isRunning) callback();
      else callbacks.push(callback);
    },
  };
}
