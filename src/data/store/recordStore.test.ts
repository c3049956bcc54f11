import type { StoredRecord } from './recordStore';
import { StaleWriteError } from './staleWriteError';
import { twoTabs } from './twoTabs';

const record = (id: string, revision: number): StoredRecord => ({ id, schema: 1, revision });

test('all changes of one commit are one transaction, deletes included', async () => {
  const { first, device, kept } = twoTabs();
  await first.commit([
    { key: 'job/a', record: record('a', 1) },
    { key: 'job/b', record: record('b', 1) },
  ]);
  await first.commit([
    { key: 'job/a', record: null },
    { key: 'job/c', record: record('c', 1) },
  ]);
  expect(device.transactions).toBe(2);
  expect([...(await first.read('job/')).keys()]).toEqual(['job/b', 'job/c']);
  expect([...kept.keys()]).toEqual(['job/b', 'job/c']);
});

test('a write that did not see the latest is refused and changes nothing', async () => {
  const { first, second } = twoTabs();
  await first.commit([{ key: 'job/a', record: record('a', 1) }]);
  await first.commit([{ key: 'job/a', record: record('a', 2), basedOn: 1 }]);
  await expect(
    second.commit([
      { key: 'job/a', record: record('a', 2), basedOn: 1 },
      { key: 'job/b', record: record('b', 1) },
    ]),
  ).rejects.toThrow(StaleWriteError);
  expect([...(await second.read('job/')).keys()]).toEqual(['job/a']);
});

test('a write over a deleted record is refused, and says that it is gone', async () => {
  const { first, second } = twoTabs();
  await first.commit([{ key: 'job/a', record: record('a', 1) }]);
  await first.commit([{ key: 'job/a', record: null }]);
  await expect(
    second.commit([{ key: 'job/a', record: record('a', 2), basedOn: 1 }]),
  ).rejects.toMatchObject({ storedRevision: undefined });
});

test('other tabs hear which keys were written', async () => {
  const { first, second } = twoTabs();
  const heard: (readonly string[])[] = [];
  second.onForeignChange((keys) => heard.push(keys));
  await first.commit([{ key: 'job/a', record: record('a', 1) }]);
  expect(heard).toEqual([['job/a']]);
});

test('a refused write stays in memory, says so, and is written once the device allows it', async () => {
  const { first, device, kept } = twoTabs();
  const states: string[] = [];
  first.onSaveState(() => states.push(first.saveState().state));
  await first.commit([{ key: 'job/a', record: record('a', 1) }]);
  device.refuses = true;
  await first.commit([{ key: 'job/a', record: record('a', 2), basedOn: 1 }]);
  await first.commit([{ key: 'job/a', record: record('a', 3), basedOn: 2 }]);
  expect(first.saveState()).toMatchObject({
    state: 'failed',
    reason: expect.stringContaining('Quota'),
  });
  expect((await first.read('job/')).get('job/a')).toContain('"revision":3');
  expect(kept.get('job/a')).toContain('"revision":1');
  device.refuses = false;
  await first.commit([{ key: 'job/b', record: record('b', 1) }]);
  expect(kept.get('job/a')).toContain('"revision":3');
  expect(states).toEqual([
    'saving',
    'saved',
    'saving',
    'failed',
    'saving',
    'failed',
    'saving',
    'saved',
  ]);
});

test('a refused write that another tab has overtaken does not hold up the others, and is not lost', async () => {
  const { first, second, device } = twoTabs();
  await first.commit([{ key: 'job/a', record: record('a', 1) }]);
  device.refuses = true;
  await first.commit([{ key: 'job/a', record: record('a', 2), basedOn: 1 }]);
  device.refuses = false;
  await second.commit([{ key: 'job/a', record: { ...record('a', 2), schema: 9 }, basedOn: 1 }]);
  await first.commit([{ key: 'job/b', record: record('b', 1) }]);
  expect((await second.read('job/')).get('job/a')).toContain('"schema":9');
  expect([...(await second.read('job/')).keys()]).toContain('job/b');
  expect((await first.read('job/')).get('job/a')).toContain('"schema":1');
  expect(first.saveState()).toMatchObject({
    state: 'failed',
    reason: expect.stringContaining('another'),
  });
  // The person keeps theirs all the same: written whatever is there.
  await first.commit([{ key: 'job/a', record: record('a', 3) }]);
  expect((await second.read('job/')).get('job/a')).toContain('"revision":3');
  expect(first.saveState().state).toBe('saved');
});
