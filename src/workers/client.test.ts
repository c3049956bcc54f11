import { proxy, type Remote } from 'comlink';
import { InputError } from '../core/problem';
import { testThreads } from '../testing/threads';
import { createWorkerClient, WorkerStopped } from './client';

interface Api {
  readonly double: (figure: number) => Promise<number>;
  readonly slow: (ms: number, alive: () => void) => Promise<string>;
  readonly break: () => Promise<never>;
  readonly breakOnce: () => Promise<string>;
}

let hasBroken = false;
const api: Api = {
  double: async (figure) => figure * 2,
  async slow(ms, alive) {
    for (let at = 0; at < ms; at += 10) {
      await new Promise((resolve) => setTimeout(resolve, 10));
      alive();
    }
    return 'done';
  },
  async break() {
    throw new TypeError('a fault inside');
  },
  async breakOnce() {
    const isFirst = !hasBroken;
    hasBroken = true;
    if (isFirst) throw new TypeError('a fault inside');
    return 'again';
  },
};

let threads = testThreads(() => api);
beforeEach(() => {
  threads = testThreads(() => api);
  hasBroken = false;
});
afterEach(() => threads.close());

const client = (limits = { answerMs: 5_000 }) => createWorkerClient<Api>(threads.start, limits);
const failed = expect.objectContaining({ code: 'worker-failed' }) as Error;
const tooSlow = expect.objectContaining({ code: 'worker-too-slow' }) as Error;

test('it starts when it is first asked, and stays', async () => {
  const asked = client();
  expect(threads.state.started).toBe(0);
  expect(await asked.ask((remote) => remote.double(21))).toBe(42);
  expect(await asked.ask((remote) => remote.double(2))).toBe(4);
  expect(threads.state).toMatchObject({ started: 1, stopped: 0 });
});

test('one that cannot be loaded is started once more; then it says so, and is tried again with the next question', async () => {
  const asked = client();
  threads.state.behaves = 'cannot be loaded';
  await expect(asked.ask((remote) => remote.double(1))).rejects.toEqual(failed);
  expect(threads.state).toMatchObject({ started: 2, stopped: 2 });
  threads.state.behaves = 'works';
  expect(await asked.ask((remote) => remote.double(1))).toBe(2);
});

test('one that breaks inside is started once more; a fault that stays is reported', async () => {
  const asked = client();
  expect(await asked.ask((remote) => remote.breakOnce())).toBe('again');
  expect(threads.state.started).toBe(2);
  await expect(asked.ask((remote) => remote.break())).rejects.toEqual(failed);
  expect(await asked.ask((remote) => remote.double(3))).toBe(6);
});

test('what the work itself refuses goes through as it is, and stops nothing', async () => {
  const asked = client();
  const refused = new InputError('no-file', 'a.stl');
  await expect(
    asked.ask(async (remote) => {
      await remote.double(1);
      throw refused;
    }),
  ).rejects.toBe(refused);
  expect(threads.state).toMatchObject({ started: 1, stopped: 0 });
});

test('one that never answers is stopped at its limit; a sign of progress begins it again', async () => {
  threads.state.behaves = 'never answers';
  await expect(client({ answerMs: 30 }).ask((remote) => remote.double(1))).rejects.toEqual(tooSlow);
  expect(threads.state).toMatchObject({ started: 1, stopped: 1 });
  threads.state.behaves = 'works';
  const told = client({ answerMs: 200 }).ask((remote, alive) => remote.slow(400, proxy(alive)));
  expect(await told).toBe('done');
});

/** Work that is still going on when the test is over. */
const forLong = (remote: Remote<Api>): Promise<string> =>
  remote.slow(
    2_000,
    proxy(() => undefined),
  );

test('what is cancelled rejects at once; the thread goes where nothing else waits for it', async () => {
  const asked = client();
  const gone = new AbortController();
  const alone = asked.ask(forLong, gone.signal);
  const reason = new WorkerStopped();
  gone.abort(reason);
  await expect(alone).rejects.toBe(reason);
  expect(threads.state.stopped).toBe(1);

  const other = new AbortController();
  const first = asked.ask(forLong, other.signal);
  const second = asked.ask((remote) => remote.double(4));
  other.abort(reason);
  await expect(first).rejects.toBe(reason);
  expect(await second).toBe(8);
  expect(threads.state.stopped).toBe(1);
});

test('stopped, whatever it was asked rejects; at rest it is let go', async () => {
  const asked = client();
  const waited = asked.ask(forLong);
  asked.stop();
  await expect(waited).rejects.toBeInstanceOf(WorkerStopped);
  const rested = createWorkerClient<Api>(threads.start, { answerMs: 5_000, restMs: 1 });
  expect(await rested.ask((remote) => remote.double(1))).toBe(2);
  const before = threads.state.stopped;
  while (threads.state.stopped === before) await new Promise((resolve) => setTimeout(resolve, 1));
  expect(await rested.ask((remote) => remote.double(1))).toBe(2);
});
