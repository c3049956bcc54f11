import type { Write } from './changes';
import { eventually } from '../../testing/eventually';
import { isOwnKey } from './ownKeys';
import { StaleWriteError } from './staleWriteError';
import { twoTabs } from './twoTabs';
import { undoing } from './undoing';
import type { StoredRecord } from './versions';

const record = (id: string, revision: number, more: object = {}): StoredRecord => ({
  id,
  schema: 1,
  revision,
  ...more,
});
const creation = (one: StoredRecord, prefix = 'mould/'): Write => ({
  key: prefix + one.id,
  record: one,
  replaces: null,
});
const change = (one: StoredRecord, replaces: StoredRecord, prefix = 'mould/'): Write => ({
  key: prefix + one.id,
  record: one,
  replaces,
});
const removal = (one: StoredRecord): Write => ({
  key: `mould/${one.id}`,
  record: null,
  replaces: one,
});
const a1 = record('a', 1);
const a2 = record('a', 2);

test('all changes of one commit are one transaction, deletes included', async () => {
  const { first, device, kept } = twoTabs();
  await first.commit([creation(a1), creation(record('b', 1))]);
  await first.commit([removal(a1), creation(record('c', 1))]);
  expect(device.transactions).toBe(2);
  expect([...(await first.read('mould/')).keys()]).toEqual(['mould/b', 'mould/c']);
  await eventually(() =>
    expect([...kept.keys()].filter((key) => !isOwnKey(key))).toEqual(['mould/b', 'mould/c']),
  );
});

test('a write that did not see the latest is refused and changes nothing', async () => {
  const { first, second } = twoTabs();
  await first.commit([creation(a1)]);
  await first.commit([change(a2, a1)]);
  await expect(
    second.commit([change({ ...a2, schema: 9 }, a1), creation(record('b', 1))]),
  ).rejects.toThrow(StaleWriteError);
  expect([...(await second.read('mould/')).keys()]).toEqual(['mould/a']);
});

test('a new record is refused where there is one, and so is one of the same count but another state', async () => {
  const { first, second } = twoTabs();
  await first.commit([creation(a1)]);
  await expect(second.commit([creation({ ...a1, schema: 9 })])).rejects.toThrow(StaleWriteError);
  await first.commit([change({ ...a2, stamp: 'x' }, a1)]);
  const third = record('a', 3);
  await expect(first.commit([change(third, { ...a2, stamp: 'y' })])).rejects.toThrow(
    StaleWriteError,
  );
  await first.commit([change(third, { ...a2, stamp: 'x' })]);
});

test('a write over a deleted record is refused, and says that it is gone', async () => {
  const { first, second } = twoTabs();
  await first.commit([creation(a1)]);
  await first.commit([removal(a1)]);
  await expect(second.commit([change(a2, a1)])).rejects.toMatchObject({ stored: undefined });
});

test('a text that cannot be read gives way only to a change that names it', async () => {
  const { first, kept } = twoTabs();
  kept.set('mould/a', 'torn');
  await expect(first.commit([creation(a1)])).rejects.toThrow(StaleWriteError);
  await expect(first.commit([change(a2, a1)])).rejects.toThrow(StaleWriteError);
  await first.commit([{ key: 'mould/a', record: a1, replaces: { text: 'torn' } }]);
  expect(kept.get('mould/a')).toContain('"revision":1');
});

test('undo brings back what was there as a new state, and is refused once somebody has changed it', async () => {
  const { first, second } = twoTabs();
  const writes = [creation(a1), creation(record('b', 1))];
  await first.commit(writes);
  const deletion = [removal(a1)];
  await first.commit(deletion);
  await first.commit(undoing(deletion));
  const [back] = (await first.read('mould/a')).values();
  expect(JSON.parse(back ?? '')).toMatchObject({ id: 'a', revision: 2 });
  await second.commit([change(record('b', 2), record('b', 1))]);
  await expect(first.commit(undoing(writes))).rejects.toThrow(StaleWriteError);
  expect((await first.read('mould/')).size).toBe(2);
});

test('other tabs hear which keys were written', async () => {
  const { first, second } = twoTabs();
  const heard: (readonly string[])[] = [];
  second.onForeignChange((keys) => heard.push(keys));
  await first.commit([creation(a1)]);
  expect(heard).toEqual([['mould/a']]);
});

test('a storage that cannot be read is not an empty one', async () => {
  const { first, device } = twoTabs();
  device.cannotRead = true;
  await expect(first.read('')).rejects.toThrow('cannot be read');
});

test('a refused write stays in memory, says so, and is written by itself once the device allows it', async () => {
  const { first, device, kept } = twoTabs();
  const states: string[] = [];
  await first.commit([creation(a1)]);
  first.onSaveState(() => states.push(first.saveState().state));
  device.refuses = true;
  await first.commit([change(a2, a1)]);
  await first.commit([change(record('a', 3), a2)]);
  expect(first.saveState()).toMatchObject({
    state: 'failed',
    reason: expect.stringContaining('Quota'),
  });
  expect((await first.read('mould/')).get('mould/a')).toContain('"revision":3');
  expect(kept.get('mould/a')).toContain('"revision":1');
  device.refuses = false;
  await eventually(() => expect(first.saveState().state).toBe('saved'));
  expect(kept.get('mould/a')).toContain('"revision":3');
  expect(states.slice(0, 4)).toEqual(['saving', 'failed', 'saving', 'failed']);
  expect(states.at(-1)).toBe('saved');
});

test('a refused write that another tab has overtaken does not hold up the others, and is kept beside theirs', async () => {
  const { first, second, device } = twoTabs();
  const mine = { ...a1, draft: { name: 'Tray', depth: '10 mm' } };
  await first.commit([creation(mine, 'job/')]);
  device.refuses = true;
  await first.commit([change({ ...mine, revision: 2 }, mine, 'job/')]);
  await first.commit([creation(record('b', 1))]);
  device.refuses = false;
  const theirs = { ...mine, revision: 2, stamp: 'theirs', draft: { name: 'Tray', depth: '5 mm' } };
  await second.commit([change(theirs, mine, 'job/')]);
  await eventually(() => expect(first.saveState().state).toBe('saved'));
  expect((await second.read('job/a')).get('job/a')).toContain('5 mm');
  expect([...(await second.read('mould/')).keys()]).toEqual(['mould/b']);
  const [draft] = (await second.read('draft/')).values();
  expect(JSON.parse(draft ?? '')).toMatchObject({
    of: 'job/a',
    name: 'Tray',
    values: { depth: '10 mm' },
  });
});

test('a write whose answer was lost is not taken for somebody else’s', async () => {
  const { first, device, kept } = twoTabs();
  await first.commit([creation(a1)]);
  device.losesAnswers = true;
  await first.commit([change(a2, a1)]);
  expect(first.saveState().state).toBe('failed');
  expect(kept.get('mould/a')).toContain('"revision":2');
  device.losesAnswers = false;
  await first.commit([change(record('a', 3), a2)]);
  expect(first.saveState().state).toBe('saved');
  expect(kept.get('mould/a')).toContain('"revision":3');
});

test('settings of two tabs are merged key by key, whatever each has seen', async () => {
  const { first, second } = twoTabs();
  const patch = (change: object) => [{ key: 'settings/person', patch: change }];
  await Promise.all([
    first.commit(patch({ set: { currency: '£' } })),
    second.commit(patch({ keep: { grains: [{ name: 'Sand', bulkDensity: '1.6 g/ml' }] } })),
    first.commit(patch({ keep: { grains: [{ name: 'Oak', bulkDensity: '0.3 g/ml' }] } })),
  ]);
  const [text] = (await first.read('settings/')).values();
  expect(JSON.parse(text ?? '')).toMatchObject({
    currency: '£',
    revision: 3,
    grains: [{ name: 'Sand' }, { name: 'Oak' }],
  });
});

test('settings that cannot be read are not patched over', async () => {
  const { first, kept } = twoTabs();
  const newer = '{"id":"person","schema":99,"revision":7}';
  kept.set('settings/person', newer);
  await expect(
    first.commit([{ key: 'settings/person', patch: { set: { currency: '£' } } }]),
  ).rejects.toThrow(StaleWriteError);
  expect(kept.get('settings/person')).toBe(newer);
});

test('each record says what it has grown out of, and what was deleted is remembered until it is there again', async () => {
  const { first, second } = twoTabs();
  await first.commit([creation(a1), creation(record('b', 1))]);
  await second.commit([change(a2, a1)]);
  const { id, writes } = await first.device();
  expect(writes).toBe(2);
  const vectorOf = async (key: string): Promise<unknown> =>
    (JSON.parse((await first.read('')).get(key)!) as StoredRecord).vector;
  expect(await vectorOf('mould/a')).toEqual({ [id]: 2 });
  expect(await vectorOf('mould/b')).toEqual({ [id]: 1 });
  await first.commit([removal(a2)]);
  expect([...(await second.gone())]).toEqual([['mould/a', { [id]: 3 }]]);
  expect(await first.keys('')).not.toContain('#gone/mould/a');
  await first.commit([creation(record('a', 9))]);
  expect([...(await second.gone())]).toEqual([]);
  // It has grown out of what was deleted there.
  expect(await vectorOf('mould/a')).toEqual({ [id]: 4 });
});

test('settings that are patched grow too, and an undo is a new state', async () => {
  const { first } = twoTabs();
  const patch = (currency: string) => [{ key: 'settings/person', patch: { set: { currency } } }];
  await first.commit(patch('£'));
  const before = await first.read('settings/');
  await first.commit(patch('€'));
  const text = (await first.read('settings/')).get('settings/person')!;
  const { id } = await first.device();
  expect(JSON.parse(before.get('settings/person')!)).toMatchObject({ vector: { [id]: 1 } });
  expect(JSON.parse(text)).toMatchObject({ vector: { [id]: 2 } });
  const writes = [creation(a1)];
  await first.commit(writes);
  await first.commit(undoing(writes));
  await first.commit(undoing(undoing(writes)));
  expect(JSON.parse((await first.read('')).get('mould/a')!)).toMatchObject({ vector: { [id]: 5 } });
});
