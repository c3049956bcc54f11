import { mkdirSync, mkdtempSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createServer, get as httpGet, type IncomingMessage } from 'node:http';
import { connect, type AddressInfo } from 'node:net';
import { packFiles } from '../scripts/packed.mjs';
import { createApp } from './app';
import { portOf, sayTaken, usualPort } from './port';
import { priceListCsv } from './priceList';
import { listen, type Listening } from './listen';

let folder: string;
let server: Listening;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  mkdirSync(join(folder, '_expo'));
  writeFileSync(join(folder, 'index.html'), '<title>Nipperkin</title>'.padEnd(3000));
  writeFileSync(join(folder, '_expo', 'entry-abc.js'), '// code '.padEnd(3000));
  await packFiles(folder);
  writeFileSync(join(folder, '_expo', 'late-abc.js'), '// later '.padEnd(3000));
  server = await listen(createApp(folder), 0);
});
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true });
});

const get = (path: string): Promise<Response> => fetch(server.address + path);

test('says that it is well', async () => {
  expect(await (await get('/health')).json()).toEqual({ status: 'ok', app: 'nipperkin' });
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

test('hashed files are kept for good and travel as they were packed when they were built', async () => {
  const response = await fetch(`${server.address}/_expo/entry-abc.js`, {
    headers: { 'accept-encoding': 'gzip, deflate, br' },
  });
  expect(response.headers.get('cache-control')).toContain('immutable');
  expect(response.headers.get('content-encoding')).toBe('br');
  expect(response.headers.get('content-type')).toContain('javascript');
  expect(Number(response.headers.get('content-length'))).toBe(
    statSync(join(folder, '_expo', 'entry-abc.js.br')).size,
  );
  expect(await response.text()).toBe('// code '.padEnd(3000));
});

test('who does not take what is packed gets it plain, and what is not packed is packed on the way', async () => {
  const plain = await fetch(`${server.address}/_expo/entry-abc.js`, {
    headers: { 'accept-encoding': 'identity' },
  });
  expect(plain.headers.get('content-encoding')).toBeNull();
  expect(await plain.text()).toBe('// code '.padEnd(3000));
  const late = await get('/_expo/late-abc.js');
  expect(late.headers.get('content-encoding')).toMatch(/gzip|br/);
  expect(await late.text()).toBe('// later '.padEnd(3000));
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

test('a port that is taken is told, with who is there', async () => {
  const taken = Number(new URL(server.address).port);
  await expect(listen(createApp(folder), taken)).rejects.toMatchObject({
    port: taken,
    byNipperkin: true,
  });
  const other = createServer((_, response) => response.end('hello'));
  await new Promise<void>((resolve) => other.listen(0, '127.0.0.1', resolve));
  const { port } = other.address() as AddressInfo;
  await expect(listen(createApp(folder), port)).rejects.toMatchObject({ byNipperkin: false });
  await new Promise((resolve) => other.close(resolve));
  expect(sayTaken(4380, true)).toMatchObject({ failed: false });
  expect(sayTaken(4380, false).text).toContain('PORT=');
});

test.each(['0', '65536', '-1', '3.5', 'http', '1e3', '80 80'])(
  'PORT=%s is refused in a sentence',
  (typed) => {
    expect(portOf(typed)).toContain('whole number');
  },
);
test.each([
  [undefined, usualPort],
  ['', usualPort],
  ['4390', 4390],
])('PORT=%s is %s', (typed, port) => {
  expect(portOf(typed)).toBe(port);
});

/** Asks as a program would that says what it likes. */
const ask = (path: string, host: string): Promise<IncomingMessage> =>
  new Promise((resolve, reject) => {
    const { port } = new URL(server.address);
    httpGet({ host: '127.0.0.1', port, path, headers: { host } }, (response) => {
      response.resume();
      resolve(response);
    }).on('error', reject);
  });

test('there is one address: other names lead to it, other hosts are refused', async () => {
  const { port } = new URL(server.address);
  for (const name of ['127.0.0.1', '[::1]']) {
    const { statusCode, headers } = await ask('/jobs?a=b', `${name}:${port}`);
    expect([statusCode, headers.location]).toEqual([308, `${server.address}/jobs?a=b`]);
  }
  for (const host of ['evil.example', `evil.example:${port}`, 'localhost:1', 'localhost']) {
    expect((await ask('/', host)).statusCode).toBe(421);
  }
  expect((await ask('/', `localhost:${port}`)).statusCode).toBe(200);
});

test('an address that cannot be read is told without the inside', async () => {
  const answer = await get('/%');
  expect(answer.status).toBe(400);
  expect(await answer.text()).toBe('This address cannot be read.');
});

test('asks nothing of the device that it does not need', async () => {
  expect((await get('/')).headers.get('permissions-policy')).toContain('geolocation=()');
});

test('ends within its time though somebody never finishes asking', async () => {
  const own = await listen(createApp(folder), 0);
  const socket = connect(Number(new URL(own.address).port), '127.0.0.1');
  socket.on('error', () => undefined);
  await new Promise<void>((resolve) => socket.once('connect', resolve));
  socket.write('GET / HTTP/1.1\r\nHost: localhost\r\n');
  const cut = new Promise((resolve) => socket.once('close', resolve));
  await own.close();
  await cut;
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

/** Asks in the very words that are given, as no library would. */
const raw = (words: string): Promise<string> =>
  new Promise((resolve, reject) => {
    const socket = connect(Number(new URL(server.address).port), '127.0.0.1');
    let said = '';
    socket.on('data', (piece: Buffer) => (said += piece.toString('latin1')));
    socket.on('error', reject);
    socket.on('close', () => resolve(said));
    socket.write(words);
  });
const rawGet = (path: string, more = ''): Promise<string> =>
  raw(
    `GET ${path} HTTP/1.1\r\nHost: localhost:${new URL(server.address).port}\r\n${more}Connection: close\r\n\r\n`,
  );

test.each([
  '/../../../../etc/passwd',
  '/..%2f..%2f..%2fetc%2fpasswd',
  '/%2e%2e/%2e%2e/etc/passwd',
  '/....//....//etc/passwd',
  '/_expo/..%5c..%5cpackage.json',
  '/_expo/../../package.json',
  '/.built-from',
  '/%00',
  '/index.html%00.js',
  '//etc/passwd',
  'http://evil.example/',
  '/%c0%ae%c0%ae/etc/passwd',
])('%s leads to nothing outside of the app', async (path) => {
  const said = await rawGet(path);
  expect(said).toMatch(/^HTTP\/1\.1 (200|400|403|404|421) /);
  expect(said).not.toMatch(/root:|"dependencies"|at .*\.ts:/);
  // Where a page comes it is the one of the app.
  if (said.startsWith('HTTP/1.1 200')) expect(said).toContain('<title>Nipperkin</title>');
});

test.each([
  ['GET\u0000 / HTTP/1.1\r\n\r\n', 400],
  ['GET / HTTP/9.9\r\nHost: localhost\r\n\r\n', 400],
  [`GET /${'a'.repeat(20_000)} HTTP/1.1\r\nHost: localhost\r\n\r\n`, 431],
  ['GET / HTTP/1.1\r\nHost: localhost\r\nX: a\u0000b\r\n\r\n', 400],
  [
    'POST / HTTP/1.1\r\nHost: localhost\r\nContent-Length: 5\r\nTransfer-Encoding: chunked\r\n\r\n',
    400,
  ],
])('a request that is none is refused and its connection closed', async (words, status) => {
  expect(await raw(words)).toMatch(new RegExp(`^HTTP/1\\.1 ${status} `));
});

test('what is served can be read and nothing else', async () => {
  for (const method of ['POST', 'PUT', 'DELETE', 'PATCH', 'OPTIONS']) {
    const answer = await fetch(`${server.address}/jobs`, { method });
    expect([method, answer.status, answer.headers.get('allow')]).toEqual([
      method,
      405,
      'GET, HEAD',
    ]);
  }
});

test('every answer carries what a browser must be told', async () => {
  for (const path of [
    '/',
    '/_expo/entry-abc.js',
    '/gone.js',
    '/%',
    '/health',
    '/instruments/x/y',
  ]) {
    const { headers } = await get(path);
    const said = Object.fromEntries(headers);
    expect(said).toMatchObject({
      'cross-origin-opener-policy': 'same-origin',
      'cross-origin-resource-policy': 'same-origin',
      'origin-agent-cluster': '?1',
      'referrer-policy': 'no-referrer',
      'x-content-type-options': 'nosniff',
      'x-dns-prefetch-control': 'off',
      'x-frame-options': 'SAMEORIGIN',
      'x-permitted-cross-domain-policies': 'none',
      'x-xss-protection': '0',
    });
    expect(said['content-security-policy']).toMatch(/frame-ancestors 'none'/);
    expect(said['permissions-policy']).toMatch(/camera=\(self\)/);
    expect(said).not.toHaveProperty('x-powered-by');
    expect(said).not.toHaveProperty('access-control-allow-origin');
  }
});
