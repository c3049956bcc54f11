import { NoAnswerError, within } from './deadline';

beforeEach(() => void jest.useFakeTimers());
afterEach(() => void jest.useRealTimers());

/** What came of it by now. */
function outcome(work: Promise<unknown>): { is: unknown } {
  const seen: { is: unknown } = { is: 'waiting' };
  work.then(
    (value) => (seen.is = value),
    (error: unknown) => (seen.is = error),
  );
  return seen;
}

test('what answers in time is passed on, with its errors', async () => {
  await expect(within(1000, Promise.resolve(5))).resolves.toBe(5);
  await expect(within(1000, Promise.reject(new Error('refused')))).rejects.toThrow('refused');
  expect(jest.getTimerCount()).toBe(0);
});

test('what does not answer is refused when the time is over, and not before', async () => {
  const seen = outcome(within(1000, new Promise(() => undefined)));
  await jest.advanceTimersByTimeAsync(999);
  expect(seen.is).toBe('waiting');
  await jest.advanceTimersByTimeAsync(1);
  expect(seen.is).toEqual(new NoAnswerError(1000));
});

test('a night in which the device slept is no lack of an answer: that may come after it woke', async () => {
  let answer: (value: string) => void = () => undefined;
  const seen = outcome(within(1000, new Promise<string>((resolve) => (answer = resolve))));
  // Waking, each timer that is due rings once, and none that it starts.
  jest.setSystemTime(Date.now() + 8 * 3_600_000);
  jest.runOnlyPendingTimers();
  answer('here');
  await jest.advanceTimersByTimeAsync(0);
  expect(seen.is).toBe('here');
});
