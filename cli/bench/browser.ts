import { chromium, type Browser } from '@playwright/test';
import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chromiumPath, chromiumSwitches } from '../../scripts/chromium.mjs';

const port = 4398;

/**
 * Serves the built app for as long as `work` takes.
 * @param folder that it was built into
 */
export async function withServer<T>(
  work: (address: string) => Promise<T>,
  folder = 'dist',
): Promise<T> {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts'], {
    env: { ...process.env, PORT: String(port), APP: folder },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  const [said] = (await once(server.stdout, 'data')) as [Buffer];
  const address = /http\S+/.exec(said.toString())?.[0] ?? '';
  try {
    return await work(address);
  } finally {
    server.kill();
  }
}

/** Serves the built app and opens a browser for as long as `work` takes. */
export const withBrowser = <T>(
  work: (browser: Browser, address: string) => Promise<T>,
  folder?: string,
): Promise<T> =>
  withServer(async (address) => {
    const executablePath = chromiumPath();
    const browser = await chromium.launch({
      ...(executablePath === undefined ? {} : { executablePath }),
      args: chromiumSwitches,
    });
    try {
      return await work(browser, address);
    } finally {
      await browser.close();
    }
  }, folder);
