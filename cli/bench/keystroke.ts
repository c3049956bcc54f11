import type { Browser, Page } from '@playwright/test';
import { withBrowser } from './browser';
import { medianOf, type BenchFigure } from './figure';

/** The largest jobs of the demo, and a field in which every keystroke changes the main figure. */
const jobs = [
  { name: 'wheelhouse', path: '/jobs/demo-wheelhouse/measure', field: /^Length/ },
  { name: 'knobs', path: '/jobs/demo-drawer-knobs/measure', field: /^Bottom diameter/ },
] as const;

/** The first keys of a page are slower, as nothing is compiled yet; they count. */
const keys = 40;

/** Notes how long after a key the figure that it changed was painted. */
const watcher = `{
  globalThis.waits = [];
  let typedMs = 0;
  const figure = () => document.querySelector('[data-testid=main-figure]')?.textContent;
  let was = figure();
  document.addEventListener('keydown', (event) => { typedMs ||= event.timeStamp; }, true);
  new MutationObserver(() => {
    const now = figure();
    if (now === was || typedMs === 0) return;
    const from = typedMs;
    was = now;
    typedMs = 0;
    requestAnimationFrame(() => {
      const painted = new MessageChannel();
      painted.port1.onmessage = () => globalThis.waits.push(performance.now() - from);
      painted.port2.postMessage(0);
    });
  }).observe(document.body, { subtree: true, childList: true, characterData: true });
}`;

/** Until the page has noted so many waits; its own policy keeps Playwright from asking again and again. */
const untilNoted = (count: number): string => `new Promise((done) => {
  requestAnimationFrame(function look() {
    if (globalThis.waits.length >= ${count}) done();
    else requestAnimationFrame(look);
  });
})`;

/** Types the last digit of a field away and another in its place, again and again. */
async function waitsOf(page: Page, field: RegExp): Promise<readonly number[]> {
  const box = page.getByRole('textbox', { name: field }).first();
  await box.click();
  const digits = /^\d+/.exec(await box.inputValue())?.[0].length ?? 0;
  await box.press('Home');
  for (let at = 0; at < digits; at += 1) await box.press('ArrowRight');
  await page.evaluate(watcher);
  for (let key = 0; key < keys; key += 1) {
    await page.keyboard.press(key % 2 === 0 ? 'Backspace' : String(1 + ((key >> 1) % 9)));
    await page.evaluate(untilNoted(key + 1));
    // Nobody types faster than the last save is through.
    await page.getByTestId('save-state').getByText('saved', { exact: true }).waitFor();
  }
  return page.evaluate<number[]>('globalThis.waits');
}

async function keystrokes(browser: Browser, address: string, name: string, rate: number) {
  const figures: BenchFigure[] = [];
  for (const job of jobs) {
    const page = await browser.newPage({
      serviceWorkers: 'block',
      viewport: { width: 390, height: 844 },
    });
    await page.goto(new URL(job.path, address).href);
    await page.getByRole('textbox', { name: job.field }).first().waitFor();
    const devtools = await page.context().newCDPSession(page);
    await devtools.send('Emulation.setCPUThrottlingRate', { rate });
    const waits = (await waitsOf(page, job.field)).toSorted((a, b) => a - b);
    const of = `${name}.${job.name}${rate === 1 ? '' : '.slow'}`;
    const p95 = medianOf([waits[Math.floor(waits.length * 0.95)] ?? NaN]);
    figures.push(
      { name: of, median: medianOf(waits), unit: 'ms', runs: waits.length },
      { name: `${of}.p95`, median: p95, unit: 'ms', runs: waits.length },
    );
    await page.close();
  }
  return figures;
}

/**
 * From a keystroke to the painted figure, idle and at a quarter of the speed.
 * @param folder of the built app
 * @param name stands before each figure
 */
export const benchKeystroke = (
  folder: string,
  name = 'keystroke',
): Promise<readonly BenchFigure[]> =>
  withBrowser(
    async (browser, address) => [
      ...(await keystrokes(browser, address, name, 1)),
      ...(await keystrokes(browser, address, name, 4)),
    ],
    folder,
  );
