import { createAutosave } from './autosave';

test('one save at a time, and only the latest of those that waited', async () => {
  const autosave = createAutosave();
  const done: string[] = [];
  let finishFirst = (): void => undefined;
  autosave.request(async () => {
    await new Promise<void>((resolve) => (finishFirst = resolve));
    done.push('first');
  });
  const last = new Promise<void>((resolve) => {
    autosave.request(async () => void done.push('second'));
    autosave.request(async () => {
      done.push('third');
      resolve();
    });
  });
  expect(autosave.busy()).toBe(true);
  finishFirst();
  await last;
  expect(done).toEqual(['first', 'third']);
  await Promise.resolve();
  expect(autosave.busy()).toBe(false);
});
