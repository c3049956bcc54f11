export interface Autosave<T> {
  /** What saves from now on. */
  readonly savesBy: (save: (typed: T) => Promise<void>) => void;
  /** Saves this as soon as the save before it is through; what still waits is dropped for it. */
  readonly request: (typed: T) => void;
  /** What is asked to be saved and not saved yet. */
  readonly unsaved: () => { readonly typed: T } | undefined;
  /** Drops what waits. */
  readonly drop: () => void;
  /** Calls back once nothing is unsaved. */
  readonly whenDone: (callback: () => void) => void;
}

/** Saves the latest of what comes in, one save at a time. */
export function createAutosave<T>(): Autosave<T> {
  let save: (typed: T) => Promise<void> = async () => undefined;
  let waiting: { readonly typed: T } | undefined;
  let running: { readonly typed: T } | undefined;
  let callbacks: (() => void)[] = [];
  async function run(): Promise<void> {
    try {
      while (waiting !== undefined) {
        running = waiting;
        waiting = undefined;
        await save(running.typed);
      }
    } finally {
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
      if (running === undefined) void run();
    },
    unsaved: () => waiting ?? running,
    drop: () => {
      waiting = undefined;
    },
    whenDone(callback) {
      if (running === undefined) callback();
      else callbacks.push(callback);
    },
  };
}
