import { createAutosave } from './autosave';

test('one save at a time, and only the latest of those that waited', async () => {
  const done: string[] = [];
  let finishFirst = (): void => undefined;
  const autosave = createAutosave<string>();
  autosave.savesBy(async (typed) => {
    if (typed === 'first') await new Promise<void>((resolve) => (finishFirst = resolve));
    done.push(typed);
  });
  autosave.request('first');
  autosave.request('second');
  expect(autosave.unsaved()).toEqual({ typed: 'second' });
  autosave.request('third');
  const isDone = new Promise<void>(autosave.whenDone);
  finishFirst();
  await isDone;
  expect(done).toEqual(['first', 'third']);
  expect(autosave.unsaved()).toBeUndefined();
});

test('what waits can be dropped; what is on its way is not', async () => {
  const done: string[] = [];
  const autosave = createAutosave<string>();
  autosave.savesBy(async (typed) => void done.push(typed));
  autosave.request('first');
  autosave.request('second');
  autosave.drop();
  await new Promise<void>(autosave.whenDone);
  expect(done).toEqual(['first']);
});

test('what is typed while something else is written is saved after it, the latest of it alone', async () => {
  const done: string[] = [];
  let written = (): void => undefined;
  const autosave = createAutosave<string>();
  autosave.savesBy(async (typed) => void done.push(typed));
  autosave.hold(
    new Promise<void>((resolve) => (written = resolve)).then(() => void done.push('kept')),
  );
  autosave.request('first');
  autosave.request('second');
  expect(autosave.unsaved()).toEqual({ typed: 'second' });
  const isDone = new Promise<void>(autosave.whenDone);
  written();
  await isDone;
  expect(done).toEqual(['kept', 'second']);
});

test('a write that fails holds nothing up', async () => {
  const done: string[] = [];
  const autosave = createAutosave<string>();
  autosave.savesBy(async (typed) => void done.push(typed));
  autosave.hold(Promise.reject(new Error('refused')));
  autosave.request('first');
  await new Promise<void>(autosave.whenDone);
  expect(done).toEqual(['first']);
});
