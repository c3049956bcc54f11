import { chromium, expect, test, type BrowserContext, type Page } from '@playwright/test';
import { cp, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { testChromiumPath, chromiumSwitches } from '../scripts/chromium.mjs';
import { createApp } from '../server/app';
import { listen, type Listening } from '../server/listen';

/** A server of its own, of a copy of the built app: it is stopped and changed here. */
interface Served {
  readonly folder: string;
  readonly server: Listening;
  readonly context: BrowserContext;
}

const phone = { viewport: { width: 390, height: 844 }, hasTouch: true };

async function serve(): Promise<Served> {
  const folder = await mkdtemp(join(tmpdir(), 'nipperkin-'));
  await cp('dist', folder, { recursive: true });
  const server = await listen(createApp(folder), 0);
  const context = await chromium.launchPersistentContext('', {
    executablePath: testChromiumPath() ?? '',
    args: chromiumSwitches,
    baseURL: server.address,
    ...phone,
  });
  return { folder, server, context };
}

async function end({ folder, server, context }: Served): Promise<void> {
  await context.close();
  await server.close().catch(() => undefined);
  await rm(folder, { recursive: true, force: true });
}

/** Opens the app and waits until all of it is on the device, as the Data screen tells. */
async function firstVisit({ context }: Served): Promise<Page> {
  const page = context.pages()[0] ?? (await context.newPage());
  await page.goto('/data');
  await expect(page.getByTestId('offline')).toContainText('All of Nipperkin is kept', {
    timeout: 60_000,
  });
  return page;
}

let served: Served;
test.beforeEach(async () => {
  served = await serve();
});
test.afterEach(() => end(served));

test('after one visit all of it works with the server stopped: places, threads, fonts, demo, sheet', async () => {
  const page = await firstVisit(served);
  await served.server.close();
  const failed: string[] = [];
  page.on('requestfailed', (request) => {
    const reason = request.failure()?.errorText ?? '';
    // A thread that is left behind with its page is no failure.
    if (reason !== 'net::ERR_ABORTED') failed.push(`${request.url()}: ${reason}`);
  });
  // An address deep inside, opened from nothing.
  await page.goto('/jobs/demo-drawer-tray/heat');
  await expect(page.getByTestId('main-figure')).toContainText('°C');
  await page.goto('/jobs/demo-drawer-tray/sheet');
  await expect(page.getByText('Mixing sheet ·')).toBeVisible();
  await expect(page.getByTestId('part-A').first()).toContainText('g');
  const fonts = await page.evaluate(async () => {
    await document.fonts.ready;
    return [...document.fonts].filter(({ status }) => status === 'loaded').length;
  });
  expect(fonts).toBeGreaterThan(0);
  await page.goto('/today');
  await expect(page.getByTestId('main-figure')).toBeVisible();
  await page.goto('/shelf');
  await expect(page.getByRole('link', { name: 'Open Slow clear' })).toBeVisible();
  // The demo is fetched when it is wanted: it is here too.
  await page.goto('/data');
  await page.getByRole('button', { name: 'Load the demo' }).tap();
  await expect(page.getByText(/The demo is loaded/)).toBeVisible();
  await page.goto('/licences.txt');
  await expect(page.getByText('Nipperkin is built with these packages')).toBeVisible();
  expect(failed).toEqual([]);
});

test('a newer version waits, asks, and never comes in the middle of a pour', async () => {
  const page = await firstVisit(served);
  const index = join(served.folder, 'index.html');
  const worker = join(served.folder, 'sw.js');
  await writeFile(
    index,
    (await readFile(index, 'utf8')).replace('<head>', '<head><meta name="newer">'),
  );
  // As a build does: the list of files names the changed one anew.
  const list = await readFile(worker, 'utf8');
  await writeFile(worker, list.replace(/(url:"index\.html",revision:")\w+/, '$1newer'));
  const bench = await served.context.newPage();
  await bench.goto('/bench/practice');
  await expect(bench.getByRole('main')).toBeVisible();
  await page.reload();
  const asks = page.getByRole('alert').filter({ hasText: 'A newer version' });
  await expect(asks).toBeVisible({ timeout: 60_000 });
  await expect(bench.getByText('A newer version')).toHaveCount(0);
  await page.getByRole('button', { name: 'Load it now' }).tap();
  await expect(page.getByText('A pour is under way in another window.')).toBeVisible();
  expect(await page.locator('meta[name=newer]').count()).toBe(0);
  await bench.close();
  await page.getByRole('button', { name: 'Load it now' }).tap();
  await expect(page.locator('meta[name=newer]')).toHaveCount(1);
  await expect(page.getByRole('heading', { name: 'Data', exact: true })).toBeVisible();
});

test('it can be put among the apps of a device', async ({ request }) => {
  const answer = await request.get(`${served.server.address}/manifest.webmanifest`);
  expect(answer.headers()['content-type']).toContain('application/manifest+json');
  const manifest = (await answer.json()) as {
    readonly start_url: string;
    readonly icons: readonly { readonly src: string; readonly sizes: string }[];
  };
  expect(manifest.start_url).toBe('/');
  for (const { src, sizes } of manifest.icons) {
    const icon = await (await request.get(served.server.address + src)).body();
    // The width stands in the head of a PNG.
    expect(`${icon.readUInt32BE(16)}x${icon.readUInt32BE(20)}`).toBe(sizes);
  }
  const page = await firstVisit(served);
  const devtools = await served.context.newCDPSession(page);
  const { errors } = await devtools.send('Page.getAppManifest');
  expect(errors).toEqual([]);
});
