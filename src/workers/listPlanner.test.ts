import type { Shelf } from '../core/plan/planTypes';
import type { ListedJob } from './listedJob';
import { createListPlanner, type ListThread } from './listPlanner';

const shelf: Shelf = { resins: [], moulds: [] };
const limits = { jobMs: 5_000, restMs: 1 };
const still = new AbortController().signal;

/** Threads that answer when they are told to, or never. */
function threads() {
  const asked: string[] = [];
  const answers: (() => void)[] = [];
  const state = { started: 0, stopped: 0, shelves: 0, fails: false };
  const start = (): ListThread => {
    state.started += 1;
    const failed = new Promise<never>((_, reject) => {
      if (state.fails) reject(new Error('the server is gone'));
    });
    failed.catch(() => undefined);
    return {
      failed,
      terminate: () => void (state.stopped += 1),
      remote: {
        useShelf: async () => void (state.shelves += 1),
        plan: (key) => {
          asked.push(key);
          return new Promise<ListedJob>((resolve) => {
            answers.push(() => resolve({ state: 'unreadable', reason: key }));
          });
        },
      },
    };
  };
  return { start, asked, answers, state };
}

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
  const { start, asked, answers, state } = threads();
  const planner = createListPlanner(start, limits);
  const plan = (key: string, inSight: boolean) =>
    planner.plan({ key, text: '', shelf, inSight, signal: still });
  const all = [plan('counted 1', false), plan('counted 2', false), plan('seen 1', true)];
  all.push(plan('seen 2', true));
  await answered(answers, Promise.all(all));
  expect(asked).toEqual(['counted 1', 'seen 2', 'seen 1', 'counted 2']);
  expect(state).toMatchObject({ started: 1, shelves: 1, stopped: 0 });
});

test('what is not wanted any more is not planned', async () => {
  const { start, asked, answers } = threads();
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
  const { start, answers, state } = threads();
  const planner = createListPlanner(start, { jobMs: 20, restMs: 1 });
  const slow = planner.plan({ key: 'slow', text: '', shelf, inSight: true, signal: still });
  expect(await slow).toEqual({ state: 'too-slow' });
  answers.length = 0;
  const next = planner.plan({ key: 'next', text: '', shelf, inSight: true, signal: still });
  expect(await answered(answers, next)).toMatchObject({ reason: 'next' });
  expect(state).toMatchObject({ started: 2, stopped: 1, shelves: 2 });
});

test('a thread that cannot run is told, and tried anew', async () => {
  const { start, answers, state } = threads();
  const planner = createListPlanner(start, limits);
  state.fails = true;
  const job = { key: 'a', text: '', shelf, inSight: true, signal: still };
  await expect(planner.plan(job)).rejects.toThrow('the server is gone');
  state.fails = false;
  expect(await answered(answers, planner.plan(job))).toMatchObject({ reason: 'a' });
});
