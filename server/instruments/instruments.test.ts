import { connect } from 'node:net';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../app';
import { listen, type Listening } from '../listen';
import { InstrumentSessions } from './sessions';

let folder: string;
let server: Listening;
let sessions: InstrumentSessions;

beforeAll(async () => {
  folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  writeFileSync(join(folder, 'index.html'), '<title>Nipperkin</title>');
  sessions = new InstrumentSessions();
  server = await listen(createApp(folder, sessions), 0);
});
afterEach(() => sessions.endAll());
afterAll(async () => {
  await server.close();
  rmSync(folder, { recursive: true });
});

const at = (path: string): string => `${server.address}/instruments${path}`;
const post = (path: string, body?: unknown): Promise<Response> =>
  fetch(at(path), {
    method: 'POST',
    ...(body === undefined
      ? {}
      : { headers: { 'content-type': 'application/json' }, body: JSON.stringify(body) }),
  });
const open = async (): Promise<string> =>
  ((await (await post('')).json()) as { readonly id: string }).id;

/** What a stream says, one line after the other. */
async function* heard(path: string): AsyncGenerator<string> {
  const response = await fetch(at(path));
  expect(response.headers.get('content-type')).toBe('text/event-stream');
  const decoder = new TextDecoder();
  let rest = '';
  for await (const piece of response.body!) {
    const parts = (rest + decoder.decode(piece as Uint8Array, { stream: true })).split('\n\n');
    rest = parts.pop() ?? '';
    for (const part of parts) yield JSON.parse(part.slice('data: '.length)) as string;
  }
}

async function until(path: string, isIt: (line: string) => boolean): Promise<string> {
  for await (const line of heard(path)) if (isIt(line)) return line;
  throw new Error('the stream ended');
}

test('a cup is put on, tared, and resin is poured to a figure', async () => {
  const id = await open();
  await post(`/${id}/scale`, { do: 'put-cup', vesselG: 31 });
  expect(
    await until(`/${id}/scale`, (line) => line.startsWith('ST') && line.includes('31')),
  ).toMatch(/^ST,GS,\+\s+(30\.9|31\.0|31\.1) g$/);
  await post(`/${id}/scale`, { do: 'tare' });
  await post(`/${id}/scale`, { do: 'pour', g: 60, hand: 'exact' });
  const full = await until(`/${id}/scale`, (line) => /^ST.*\s(59\.9|60\.\d) g$/.test(line));
  expect(full).toContain('ST,GS,+');
});

test('each bench is by itself, and what nobody opened is over', async () => {
  const [one, other] = [await open(), await open()];
  await post(`/${one}/scale`, { do: 'put-cup', vesselG: 500 });
  expect(await until(`/${one}/scale`, (line) => line.includes('500'))).toBeDefined();
  expect(await until(`/${other}/scale`, () => true)).toMatch(/[+-]\s+0\.[01] g/);
  expect((await fetch(at('/nobody/scale'))).status).toBe(404);
  expect((await post('/nobody/scale', { do: 'tare' })).status).toBe(404);
});

test('a probe follows the curve that it is held into', async () => {
  const id = await open();
  expect(await until(`/${id}/thermometer`, () => true)).toBe('OPEN');
  await post(`/${id}/thermometer`, {
    atMin: [0, 60],
    curveC: [20, 80],
    elapsedMin: 30,
    speed: 0,
    hotterBy: 0,
    noiseC: 0,
  });
  expect(await until(`/${id}/thermometer`, () => true)).toBe('T1: +50.0 C');
});

test('a connection that is lost ends the stream, refuses for so long, and comes back', async () => {
  const id = await open();
  const lines: string[] = [];
  const ended = (async () => {
    for await (const line of heard(`/${id}/scale`)) lines.push(line);
  })();
  await until(`/${id}/scale`, () => true);
  await post(`/${id}/scale`, { do: 'drop', seconds: 0.3 });
  await ended;
  expect((await fetch(at(`/${id}/scale`))).status).toBe(503);
  for (;;) {
    const response = await fetch(at(`/${id}/scale`));
    await response.body?.cancel();
    if (response.status === 200) break;
  }
});

test('ending a bench ends its streams', async () => {
  const id = await open();
  const all = (async () => {
    const lines: string[] = [];
    for await (const line of heard(`/${id}/scale`)) lines.push(line);
    return lines;
  })();
  await until(`/${id}/scale`, () => true);
  expect((await fetch(at(`/${id}`), { method: 'DELETE' })).status).toBe(204);
  await all;
  expect((await fetch(at(`/${id}/scale`))).status).toBe(404);
});

test('there are only so many benches, and so many that listen to one', async () => {
  const id = await open();
  const stop = new AbortController();
  const streams = Array.from({ length: 6 }, () =>
    fetch(at(`/${id}/scale`), { signal: stop.signal }),
  );
  for (const each of await Promise.all(streams)) expect(each.status).toBe(200);
  expect((await fetch(at(`/${id}/scale`))).status).toBe(409);
  stop.abort();
  const made: number[] = [];
  for (let turn = 0; turn < 40; turn += 1) made.push((await post('')).status);
  expect(made.filter((status) => status === 201)).toHaveLength(31);
  expect(made.at(-1)).toBe(503);
});

test.each([
  [{ do: 'explode' }],
  [{ do: '__proto__' }],
  [{ do: 'constructor' }],
  [{ do: 'pour', g: 'much', hand: 'exact' }],
  [{ do: 'pour', g: -5, hand: 'exact' }],
  [{ do: 'pour', g: 5, hand: 'third' }],
  [{ do: 'tare', more: true }],
  [{ do: 'nature', nature: { noiseG: 1e9 } }],
  [[]],
  ['tare'],
])('%j is refused', async (body) => {
  const id = await open();
  const response = await post(`/${id}/scale`, body);
  expect(response.status).toBe(400);
  expect(await until(`/${id}/scale`, () => true)).toMatch(/g$/);
});

test('curves that are none, and bodies too large, are refused', async () => {
  const id = await open();
  const probe = { atMin: [0], curveC: [20, 30], elapsedMin: 0, speed: 1, hotterBy: 0, noiseC: 0 };
  expect((await post(`/${id}/thermometer`, probe)).status).toBe(400);
  const many = Array.from({ length: 3000 }, () => 20);
  expect((await post(`/${id}/thermometer`, { ...probe, atMin: many, curveC: many })).status).toBe(
    400,
  );
  expect((await post(`/${id}/scale`, { do: 'tare', text: 'x'.repeat(200_000) })).status).toBe(413);
  const broken = await fetch(at(`/${id}/scale`), {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: '{"do":',
  });
  expect(broken.status).toBe(400);
});

test.each([
  ['a page of another site', { origin: 'https://evil.example' }],
  ['a page of another port', { origin: 'http://localhost:1' }],
  ['a form of another site', { 'sec-fetch-site': 'cross-site' }],
  ['a page of another name of this site', { 'sec-fetch-site': 'same-site' }],
])('%s steers nothing', async (_, headers) => {
  const answer = await fetch(at(''), { method: 'POST', headers: headers as HeadersInit });
  expect(answer.status).toBe(403);
  expect(
    (await fetch(at(''), { method: 'POST', headers: { origin: server.address } })).status,
  ).toBe(201);
});

test.each([
  ['too much', 'x'.repeat(200_000), 'application/json', 413, 'Too much was sent'],
  ['no JSON', '{', 'application/json', 400, 'not JSON'],
  ['another kind of text', 'do=tare', 'application/x-www-form-urlencoded', 400, 'A scale takes'],
  ['letters of another kind', '{}', 'application/json; charset=x-none', 415, 'UTF-8'],
])('a command of %s is refused in a sentence', async (_, body, type, status, words) => {
  const id = await open();
  const answer = await fetch(at(`/${id}/scale`), {
    method: 'POST',
    headers: { 'content-type': type },
    body,
  });
  expect(answer.status).toBe(status);
  expect(await answer.text()).toContain(words);
});

test('whoever opens benches without end is told to wait, and everybody else goes on', async () => {
  const own = await listen(createApp(folder), 0);
  const answers: number[] = [];
  for (let count = 0; count < 130; count += 1) {
    const answer = await fetch(`${own.address}/instruments`, { method: 'POST' });
    answers.push(answer.status);
    if (answer.status !== 429) continue;
    expect(await answer.text()).toContain('Wait a moment');
    expect(Number(answer.headers.get('retry-after'))).toBeGreaterThan(0);
  }
  expect(new Set(answers)).toEqual(new Set([201, 503, 429]));
  expect((await fetch(own.address)).status).toBe(200);
  await own.close();
});

test('who does not take what a stream says is let go of, and holds up nobody', async () => {
  const id = await open();
  const { port } = new URL(server.address);
  const socket = connect(Number(port), '127.0.0.1');
  socket.pause();
  await new Promise<void>((resolve) => socket.once('connect', resolve));
  socket.write(`GET /instruments/${id}/scale HTTP/1.1\r\nHost: localhost:${port}\r\n\r\n`);
  expect(await until(`/${id}/scale`, () => true)).toContain('g');
  socket.destroy();
});
