import { chromium, type BrowserContext, type Page } from '@playwright/test';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromiumPath, chromiumSwitches } from '../../scripts/chromium.mjs';
import { withServer } from './browser';
import { medianOf, type BenchFigure } from './figure';

/** A phone in a shed: a processor four times as slow, a poor line. */
const slow = {
  cpu: 4,
  line: { offline: false, latency: 150, downloadThroughput: 200_000, uploadThroughput: 93_750 },
} as const;

const phone = { width: 390, height: 844 } as const;
const runs = 5;
/** Starts between the cold one and the warm one: a browser keeps what it compiled from the second on. */
const visits = 2;

/** Notes every piece of work that held the page for longer than 50 ms. */
const watchTasks = `{
  globalThis.heldMs = 0;
  new PerformanceObserver((list) => {
    for (const { duration } of list.getEntries()) {
      if (duration > globalThis.heldMs) globalThis.heldMs = duration;
    }
  }).observe({ type: 'longtask', buffered: true });
}`;

interface Started {
  readonly figureMs: number;
  readonly heldMs: number;
}

/** Opens Quick mix and types an amount as soon as there is a field; how long until A stands. */
async function started(page: Page, address: string, isSlow: boolean): Promise<Started> {
  if (isSlow) {
    const devtools = await page.context().newCDPSession(page);
    await devtools.send('Network.enable');
    await devtools.send('Network.emulateNetworkConditions', slow.line);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: slow.cpu });
  }
  await page.addInitScript(watchTasks);
  const from = performance.now();
  await page.goto(address, { waitUntil: 'commit' });
  await page.getByRole('textbox', { name: 'Amount in one batch' }).fill('500 g');
  await page.getByTestId('part-A').waitFor();
  const figureMs = performance.now() - from;
  return { figureMs, heldMs: await page.evaluate<number>('globalThis.heldMs') };
}

/** A browser of a person's own: it keeps what it compiled from one start to the next. */
async function withOwnBrowser<T>(work: (context: BrowserContext) => Promise<T>): Promise<T> {
  const executablePath = chromiumPath();
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-start-'));
  const context = await chromium.launchPersistentContext(folder, {
    ...(executablePath === undefined ? {} : { executablePath }),
    args: chromiumSwitches,
    viewport: phone,
  });
  try {
    return await work(context);
  } finally {
    await context.close();
    rmSync(folder, { recursive: true, force: true });
  }
}

async function onePage<T>(context: BrowserContext, work: (page: Page) => Promise<T>): Promise<T> {
  const page = await context.newPage();
  try {
    return await work(page);
  } finally {
    await page.close();
  }
}

/** A first start, with nothing in the browser, and one after some others. */
const coldAndWarm = (address: string, quick: string, isSlow: boolean) =>
  withOwnBrowser(async (context) => {
    const cold = await onePage(context, (page) => started(page, address, isSlow));
    // What goes on behind the first figure is over before the next start.
    for (let visit = 0; visit < visits; visit += 1) {
      await onePage(context, async (page) => {
        await page.goto(address);
        await page.getByRole('link', { name: 'Jobs' }).click();
        await page.getByRole('link', { name: /Lamp base/ }).waitFor();
      });
    }
    // By then a job has a date, and the first place is Today.
    const warm = await onePage(context, (page) => started(page, quick, isSlow));
    return { cold, warm };
  });

/**
 * From opening the address to A of 500 g in Quick mix, which is typed as soon as there is a field: cold with the demo to be set
 * up, and warm; and the longest that the page was held meanwhile.
 * @param folder of the built app
 * @param name stands before each figure
 */
export async function benchStart(folder: string, name = 'start'): Promise<readonly BenchFigure[]> {
  // Before there were dates a quick mix was the first place.
  const quickPath = name === 'start' ? '/quick' : '/';
  return withServer(async (address) => {
    const figures: BenchFigure[] = [];
    for (const isSlow of [false, true]) {
      const times = { cold: [] as Started[], warm: [] as Started[] };
      for (let run = 0; run < runs; run += 1) {
        const { cold, warm } = await coldAndWarm(address, new URL(quickPath, address).href, isSlow);
        times.cold.push(cold);
        times.warm.push(warm);
      }
      for (const kind of ['cold', 'warm'] as const) {
        const of = `${name}.${kind}${isSlow ? '.slow' : ''}`;
        const median = (key: keyof Started) => medianOf(times[kind].map((each) => each[key]));
        figures.push(
          { name: of, median: median('figureMs'), unit: 'ms', runs },
          { name: `${of}.held`, median: median('heldMs'), unit: 'ms', runs },
        );
      }
    }
    return figures;
  }, folder);
}
