import { chromium, type Browser, type Page } from '@playwright/test';
import { spawn, type ChildProcess } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createServer, type AddressInfo } from 'node:net';
import { once } from 'node:events';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Outcome } from '../../../src/testing/campaign';
import { chromiumPath, chromiumSwitches } from '../../../scripts/chromium.mjs';
import { withServer } from '../browser';

async function freePort(): Promise<number> {
  const server = createServer();
  server.listen(0, '127.0.0.1');
  await once(server, 'listening');
  const { port } = server.address() as AddressInfo;
  server.close();
  await once(server, 'close');
  return port;
}

interface Running {
  readonly browser: Browser;
  readonly page: Page;
  /** Ends it as a power cut does: nothing in it has a moment left. */
  readonly kill: () => Promise<void>;
}

const pause = (ms: number): Promise<void> => new Promise((resolve) => setTimeout(resolve, ms));

async function connected(port: number): Promise<Browser> {
  for (let tries = 0; ; tries += 1) {
    try {
      return await chromium.connectOverCDP(`http://127.0.0.1:${port}`);
    } catch (error) {
      if (tries > 60) throw error;
      await pause(250);
    }
  }
}

/** A browser with a profile that outlives it, in a group of processes of its own. */
async function start(profile: string): Promise<Running> {
  const port = await freePort();
  const program: ChildProcess = spawn(
    chromiumPath() ?? 'chromium',
    [
      ...chromiumSwitches,
      '--headless=new',
      `--remote-debugging-port=${port}`,
      `--user-data-dir=${profile}`,
      'about:blank',
    ],
    { detached: true, stdio: 'ignore' },
  );
  const ended = once(program, 'exit');
  const browser = await connected(port);
  const [context] = browser.contexts();
  const page = context?.pages()[0] ?? (await context?.newPage());
  if (page === undefined) throw new Error('the browser has no page');
  return {
    browser,
    page,
    async kill() {
      if (program.pid !== undefined) process.kill(-program.pid, 'SIGKILL');
      await ended;
      await browser.close().catch(() => undefined);
    },
  };
}

/**
 * Types into a job, and kills the browser at any moment after some of it was said to be saved.
 * @param count kills
 */
export const browserKills = (count: number): Promise<Outcome> =>
  withServer(async (address) => {
    const profile = mkdtempSync(join(tmpdir(), 'nipperkin-kills-'));
    let lost = 0;
    let locked = 0;
    let longestMs = 0;
    let edits = 0;
    let running = await start(profile);
    /** What was said to be saved last, and what was typed over it since. */
    let confirmed: string | undefined;
    let typed: string | undefined;
    try {
      for (let run = 0; run <= count; run += 1) {
        const { page, kill } = running;
        await page.goto(`${address}jobs/demo-drawer-tray/measure`);
        const depth = page.getByLabel('Depth', { exact: true });
        try {
          await depth.waitFor({ timeout: 30_000 });
        } catch {
          locked += 1;
        }
        const found = await depth.inputValue();
        if (confirmed !== undefined && found !== confirmed && found !== typed) lost += 1;
        confirmed = found;
        typed = undefined;
        if (run === count) break;
        for (let edit = 0; edit < 3; edit += 1) {
          typed = `${run + 1}.${edit} mm`;
          const before = performance.now();
          await depth.fill(typed);
          edits += 1;
          // The last one is on its way, mostly, when the browser is gone.
          if (edit === 2) break;
          await page
            .getByTestId('save-state')
            .filter({ hasText: /^saved$/ })
            .waitFor();
          longestMs = Math.max(longestMs, performance.now() - before);
          confirmed = typed;
        }
        await pause(Math.random() * 40);
        await kill();
        running = await start(profile);
      }
    } finally {
      await running.kill();
      rmSync(profile, { recursive: true, force: true });
    }
    return {
      promise: `browser kills, ${edits} edits`,
      count,
      lost,
      locked,
      longestMs: Math.round(longestMs),
    };
  });
