/** What was waited for gave no answer. */
export class NoAnswerError extends Error {
  constructor(readonly afterMs: number) {
    super(`no answer after ${afterMs / 1000} s`);
    this.name = 'NoAnswerError';
  }
}

/** A device that slept rings every timer as it wakes, before anything could answer: sleeping spends one slice. */
const slices = 4;

/** Rejects with NoAnswerError where this takes longer, sleep not counted; what it was about may still arrive later. */
export function within<T>(ms: number, work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    let timer: ReturnType<typeof setTimeout>;
    const wait = (left: number): void => {
      timer = setTimeout(
        () => (left > 1 ? wait(left - 1) : reject(new NoAnswerError(ms))),
        ms / slices,
      );
    };
    wait(slices);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
