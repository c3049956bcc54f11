/** What was waited for gave no answer. */
export class NoAnswerError extends Error {
  constructor(readonly afterMs: number) {
    super(`no answer after ${afterMs / 1000} s`);
    this.name = 'NoAnswerError';
  }
}

/** Rejects with NoAnswerError where this takes longer; what it was about may still arrive later. */
export function within<T>(ms: number, work: Promise<T>): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => reject(new NoAnswerError(ms)), ms);
    work.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
