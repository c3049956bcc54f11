import type { Shelf } from '../core/plan/planTypes';
import { testThreads } from '../testing/threads';
import type { ListedJob, ListWorker } from './listedJob';
import { createListPlanner } from './listPlanner';

const shelf: Shelf = { resins: [], moulds: [] };
const limits = { answerMs: 5_000, restMs: 50 };
const still = new AbortController().signal;

/** Threads that answer when they are told to, or never. */
function answering() {
  const asked: string[] = [];
  const answers: (() => void)[] = [];
  const shelves: Shelf[] = [];
  const worker: ListWorker = {
    useShelf: async (next) => void shelves.push(next),
    plan: (key) => {
      asked.push(key);
      return new Promise<ListedJob>((resolve) => {
        answers.push(() => resolve({ state: 'unreadable', reason: key }));
      });
    },
  };
  const { start, state, close } = testThreads(() => worker);
  open.push(close);
  return { start, asked, answers, shelves, state };
}

const open: (() => void)[] = [];
afterEach(() => open.splice(0).forEach((close) => close()));

const moment = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 1));

/** Answers whatever is asked until this is there. */
async function answered<T>(answers: (() => void)[], work: Promise<T>): Promise<T> {
  let isDone = false;
  void work.finally(() => (isDone = true)).catch(() => undefined);
  for (let turn = 0; !isDone && turn < 100; turn += 1) {
    answers.shift()?.();
    await moment();
  }
  return work;
}

test('one after the other; what came into sight last goes first, what is only counted waits', async () => {
  const { start, asked, answers, shelves, state } = answering();
  const planner = createListPlanner(start, limits);
  const plan = (key: string, inSight: boolean) =>
    planner.plan({ key, text: '', shelf, inSight, signal: still });
  const all = [plan('counted 1', false), plan('counted 2', false), plan('seen 1', true)];
  all.push(plan('seen 2', true));
  await answered(answers, Promise.all(all));
  expect(asked).toEqual(['counted 1', 'seen 2', 'seen 1', 'counted 2']);
  expect(shelves).toHaveLength(1);
  expect(state).toMatchObject({ started: 1, stopped: 0 });
});

test('what is not wanted any more is not planned', async () => {
  const { start, asked, answers } = answering();
  const planner = createListPlanner(start, limits);
  const gone = new AbortController();
  const first = planner.plan({ key: 'a', text: '', shelf, inSight: true, signal: still });
  const second = planner.plan({ key: 'b', text: '', shelf, inSight: true, signal: gone.signal });
  gone.abort();
  const [, outcome] = await answered(answers, Promise.allSettled([first, second]));
  expect(outcome.status).toBe('rejected');
  expect(asked).toEqual(['a']);
});

test('a job that takes too long is stopped, and the next one is planned in a new thread', async () => {
  const { start, answers, shelves, state } = answering();
  const planner = createListPlanner(start, { answerMs: 40, restMs: 50 });
  const slow = planner.plan({ key: 'slow', text: '', shelf, inSight: true, signal: still });
  expect(await slow).toEqual({ state: 'too-slow' });
  answers.length = 0;
  const next = planner.plan({ key: 'next', text: '', shelf, inSight: true, signal: still });
  expect(await answered(answers, next)).toMatchObject({ reason: 'next' });
  expect(shelves).toHaveLength(2);
  expect(state).toMatchObject({ started: 2, stopped: 1 });
});

test('a thread that cannot run is told, and tried anew', async () => {
  const { start, answers, state } = answering();
  const planner = createListPlanner(start, limits);
  state.behaves = 'cannot be loaded';
  const job = { key: 'a', text: '', shelf, inSight: true, signal: still };
  await expect(planner.plan(job)).rejects.toMatchObject({ code: 'worker-failed' });
  state.behaves = 'works';
  expect(await answered(answers, planner.plan(job))).toMatchObject({ reason: 'a' });
});
