import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from './app';
import { priceListCsv } from './priceList';
import { listen, type Listening } from './listen';

let folder: string;
let server: Listening;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  mkdirSync(join(folder, '_expo'));
  writeFileSync(join(folder, 'index.html'), '<title>Nipperkin</title>'.padEnd(3000));
  writeFileSync(join(folder, '_expo', 'entry-abc.js'), '// code '.padEnd(3000));
  server = await listen(createApp(folder), 0);
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true });
});

const get = (path: string): Promise<Response> => fetch(server.address + path);

test('says that it is well', async () => {
  expect(await (await get('/health')).json()).toEqual({ status: 'ok' });
});

test('every address of the app is its page, never kept', async () => {
  for (const path of ['/', '/jobs', '/jobs/some-id/measure']) {
    const response = await get(path);
    expect(response.status).toBe(200);
    expect(await response.text()).toContain('<title>Nipperkin</title>');
    expect(response.headers.get('cache-control')).toBe('no-cache');
  }
});

test('a missing file is missing, and no folder is listed', async () => {
  expect((await get('/_expo/gone.js')).status).toBe(404);
  expect(await (await get('/_expo/')).text()).not.toContain('entry-abc');
});

test('hashed files are kept for good and travel compressed', async () => {
  const response = await get('/_expo/entry-abc.js');
  expect(response.headers.get('cache-control')).toContain('immutable');
  expect(response.headers.get('content-encoding')).toMatch(/gzip|br/);
});

test('the policy allows nothing from elsewhere and no eval', async () => {
  const { headers } = await get('/');
  const policy = headers.get('content-security-policy') ?? '';
  expect(policy).toContain("default-src 'self'");
  expect(policy).toContain("script-src 'self'");
  expect(policy).not.toMatch(/unsafe-eval|https?:|\*/);
  expect(headers.get('x-powered-by')).toBeNull();
  expect(headers.get('x-content-type-options')).toBe('nosniff');
});

test('a port that is taken gives way to a free one', async () => {
  const taken = Number(new URL(server.address).port);
  const second = await listen(createApp(folder), taken);
  expect(second.address).not.toBe(server.address);
  await second.close();
});

test('the supplier that stands in answers with a list that can be read, and drifts by the week', async () => {
  const response = await get('/suppliers/price-list.csv');
  expect(response.headers.get('content-type')).toContain('text/csv');
  const [head, ...rows] = (await response.text()).trim().split('\n');
  expect(head).toBe('resin,supplier,size,price,delivery');
  expect(rows.length).toBeGreaterThan(5);
  const week = 7 * 24 * 60 * 60 * 1000;
  expect(priceListCsv(1)).toBe(priceListCsv(week - 1));
  expect(priceListCsv(1)).not.toBe(priceListCsv(week));
  const priceOf = (csv: string): number => Number(csv.split('\n')[1]?.split(',')[3]);
  for (let at = 0; at < 60; at += 1) {
    expect(Math.abs(priceOf(priceListCsv(at * week)) / 24 - 1)).toBeLessThan(0.031);
  }
});
