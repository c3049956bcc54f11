import type { Browser, Page } from '@playwright/test';
import { withBrowser } from './browser';
import { medianOf, type BenchFigure } from './figure';

/** A serial port at the browser's own interface, that says what the page is told to say. */
function fakePort(): void {
  const port = new EventTarget() as EventTarget & Record<string, unknown>;
  const held = window as unknown as { say?: (text: string) => void };
  port['open'] = async () => {
    port['readable'] = new ReadableStream<Uint8Array>({
      start(controller) {
        held.say = (text) => controller.enqueue(new TextEncoder().encode(text));
      },
    });
  };
  port['close'] = async () => {
    port['readable'] = null;
  };
  const serial = new EventTarget() as EventTarget & Record<string, unknown>;
  serial['getPorts'] = async () => [port];
  serial['requestPort'] = async () => port;
  Object.defineProperty(navigator, 'serial', { value: serial });
}

const main = (page: Page) => page.getByTestId('main-action');

async function onHeading(page: Page, name: string): Promise<void> {
  await page.getByRole('heading', { level: 1, name }).waitFor();
}

/** A pour with two batches in their cups, and the third on a live scale. */
async function weighingBeside(browser: Browser, address: string): Promise<Page> {
  const page = await browser.newPage({
    serviceWorkers: 'block',
    viewport: { width: 390, height: 844 },
  });
  await page.addInitScript(fakePort);
  await page.goto(`${address}/jobs`);
  await page.getByRole('link', { name: 'Open Drawer tray' }).waitFor();
  await page.goto(`${address}/jobs/demo-drawer-tray/pour`);
  await page.getByRole('button', { name: 'Begin the pour' }).click();
  await main(page).click();
  for (const batch of ['Batch 2 of 3', 'Batch 3 of 3']) {
    await onHeading(page, 'Take a cup');
    await main(page).click();
    await onHeading(page, 'A resin');
    await main(page).click();
    await onHeading(page, 'B hardener');
    await main(page).click();
    await onHeading(page, 'Stir');
    await page.getByRole('button', { name: batch }).click();
  }
  await onHeading(page, 'Take a cup');
  await main(page).click();
  await onHeading(page, 'A resin');
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: /^Scale, thermometer/ }).click();
  await page.getByRole('button', { name: 'Scale: Serial port' }).click();
  await page.getByText('Waiting for the scale.').first().waitFor({ state: 'attached' });
  await page.evaluate(() => {
    const held = window as unknown as { say?: (text: string) => void };
    Object.assign(held, { saying: setInterval(() => held.say?.('ST,GS,+ 31.0 g\r\n'), 200) });
  });
  await page.getByText('it tells').waitFor();
  await page.getByRole('button', { name: 'Back to the pour' }).click();
  // A cup of 31 g that is not tared: it counts from there, and then nothing more is said of it.
  await page.getByText('tare the scale').waitFor();
  await page.evaluate('clearInterval(globalThis.saying)');
  await main(page).click();
  await page.getByTestId('in-cup').waitFor();
  return page;
}

/** So many readings are followed to the screen. */
const readings = 40;

/** From a line on the wire to its figure in the page, ms, one after the other. */
const latencies = (page: Page, count: number): Promise<readonly number[]> =>
  page.evaluate(async (times) => {
    const held = window as unknown as { say: (text: string) => void };
    const shown = document.querySelector('[data-testid="in-cup"]')!;
    const found: number[] = [];
    for (let turn = 1; turn <= times; turn += 1) {
      const at = performance.now();
      held.say(`US,GS,+ ${31 + turn}.0 g\r\n`);
      while (parseInt(shown.textContent, 10) !== turn) {
        await new Promise((resolve) => requestAnimationFrame(resolve));
      }
      // A frame later it is painted.
      await new Promise((resolve) => requestAnimationFrame(resolve));
      found.push(performance.now() - at);
      await new Promise((resolve) => setTimeout(resolve, 37));
    }
    return found;
  }, count);

/** Frames a second while the scale speaks ten times a second and two clocks run. */
const framesPerSecond = (page: Page, seconds: number): Promise<number> =>
  page.evaluate(async (forS) => {
    const held = window as unknown as { say: (text: string) => void };
    let [frames, g] = [0, 100];
    const saying = setInterval(() => {
      g += 1.3;
      held.say(`US,GS,+ ${g.toFixed(1)} g\r\n`);
    }, 100);
    const from = performance.now();
    while (performance.now() - from < forS * 1000) {
      await new Promise((resolve) => requestAnimationFrame(resolve));
      frames += 1;
    }
    clearInterval(saying);
    return frames / ((performance.now() - from) / 1000);
  }, seconds);

/** The bench with a live scale: how soon a reading is on the screen, and how smoothly it moves, on a slow phone too. */
export const benchBenchScreen = (): Promise<readonly BenchFigure[]> =>
  withBrowser(async (browser, address) => {
    const page = await weighingBeside(browser, address);
    const session = await page.context().newCDPSession(page);
    const figures: BenchFigure[] = [];
    for (const rate of [1, 4]) {
      await session.send('Emulation.setCPUThrottlingRate', { rate });
      const ms = (await latencies(page, readings)).toSorted((a, b) => a - b);
      const p95 = medianOf([ms[Math.floor(ms.length * 0.95)] ?? NaN]);
      const frames = medianOf([await framesPerSecond(page, 5)]);
      const of = rate === 1 ? 'bench' : 'bench.slow';
      figures.push(
        { name: `${of}.reading`, median: medianOf(ms), unit: 'ms', runs: readings },
        { name: `${of}.reading.p95`, median: p95, unit: 'ms', runs: readings },
        { name: `${of}.frames`, median: frames, unit: 'frames/s', runs: 1 },
      );
    }
    return figures;
  });
