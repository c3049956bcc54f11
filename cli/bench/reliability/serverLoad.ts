import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { readdirSync, readFileSync } from 'node:fs';
import { Agent, get } from 'node:http';
import { setTimeout as pause } from 'node:timers/promises';
import type { Outcome } from '../../../src/testing/campaign';

const clients = 200;
const longMs = 30_000;
/** Memory is looked at from here on: before, what is served for the first time is read and compressed. */
const warmMs = 8_000;
const port = 4399;
/** Garbage comes and goes; more than this within the rest of the time would not. */
const mostGrowthMb = 40;

/** What the server holds of memory, MB, as the machine says it. */
const memoryMb = (pid: number): number =>
  Number(/VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8'))?.[1] ?? 0) / 1024;

/** Asks once and takes all of the answer; gives its status. */
const ask = (agent: Agent, path: string): Promise<number> =>
  new Promise((resolve, reject) => {
    get(
      { agent, host: '127.0.0.1', port, path, headers: { host: `localhost:${port}` } },
      (answer) => {
        answer.resume();
        answer.on('end', () => resolve(answer.statusCode ?? 0));
        answer.on('error', reject);
      },
    ).on('error', reject);
  });

/**
 * Two hundred clients at once for half a minute, each asking for pages, scripts and the supplier's list one after the other:
 * `lost` counts answers that were wrong or never came, `locked` is 1 where memory grew.
 */
export async function serverLoad(): Promise<
  Outcome & { readonly perSecond: number; readonly memoryMb: readonly number[] }
> {
  const scripts = readdirSync('dist/_expo/static/js/web').map(
    (name) => `/_expo/static/js/web/${name}`,
  );
  const paths = [
    '/',
    '/jobs/some/mix',
    '/suppliers/price-list.csv',
    '/health',
    '/sw.js',
    ...scripts.slice(0, 4),
  ];
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: String(port) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  await once(server.stdout, 'data');
  const agent = new Agent({ keepAlive: true, maxSockets: clients });
  const end = performance.now() + longMs;
  let [count, lost, longestMs] = [0, 0, 0];
  const client = async (first: number): Promise<void> => {
    for (let turn = first; performance.now() < end; turn += 1) {
      const before = performance.now();
      const status = await ask(agent, paths[turn % paths.length]!).catch(() => 0);
      count += 1;
      if (status !== 200) lost += 1;
      longestMs = Math.max(longestMs, performance.now() - before);
    }
  };
  const memory: number[] = [];
  const watch = async (): Promise<void> => {
    await pause(warmMs);
    while (performance.now() < end) {
      memory.push(Math.round(memoryMb(server.pid ?? 0)));
      await pause(2_000);
    }
  };
  try {
    await Promise.all([watch(), ...Array.from({ length: clients }, (_, at) => client(at))]);
  } finally {
    agent.destroy();
    server.kill();
  }
  const half = Math.floor(memory.length / 2);
  const mean = (some: readonly number[]): number =>
    some.reduce((sum, each) => sum + each, 0) / Math.max(1, some.length);
  const growthMb = mean(memory.slice(half)) - mean(memory.slice(0, half));
  return {
    promise: 'two hundred clients for half a minute',
    count,
    lost,
    locked: growthMb > mostGrowthMb ? 1 : 0,
    longestMs: Math.round(longestMs),
    perSecond: Math.round(count / (longMs / 1000)),
    memoryMb: memory,
  };
}
