export interface Autosave {
  /** Runs this save as soon as the one before it is through; a save that still waits is dropped for it. */
  readonly request: (save: () => Promise<void>) => void;
  /** Whether something is not saved yet. */
  readonly busy: () => boolean;
}

/** Saves the latest of what comes in, one save at a time. */
export function createAutosave(): Autosave {
  let waiting: (() => Promise<void>) | undefined;
  let running = false;
  async function run(): Promise<void> {
    running = true;
    try {
      while (waiting !== undefined) {
        const save = waiting;
        waiting = undefined;
        await save();
      }
    } finally {
      running = false;
    }
  }
  return {
    request(save) {
      waiting = save;
      if (!running) void run();
    },
    busy: () => running || waiting !== undefined,
  };
}
