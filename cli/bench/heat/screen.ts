import { withBrowser } from '../browser';
import { medianOf, type BenchFigure } from '../figure';

/** Rooms that are typed, one after the other. */
const roomsC = [20, 24, 18, 26, 22, 19, 25, 21, 23, 17];

/** Notes when a key came, when the first layer's figures changed, and the time from one picture to the next. */
const watcher = `{
  globalThis.typedMs = 0;
  globalThis.changedMs = 0;
  globalThis.frames = [];
  document.addEventListener('input', () => {
    globalThis.typedMs = performance.now();
    globalThis.changedMs = 0;
  }, true);
  new MutationObserver(() => {
    if (globalThis.changedMs === 0) globalThis.changedMs = performance.now();
  }).observe(document.querySelector('[data-testid=heat-layer]'), {
    subtree: true, childList: true, characterData: true,
  });
  let last;
  requestAnimationFrame(function next(now) {
    if (last !== undefined) globalThis.frames.push(now - last);
    last = now;
    requestAnimationFrame(next);
  });
}`;

/**
 * A change of the room in the heat step on a phone's screen in Chromium: how long until its figures are there, and the
 * longest that the page was held up meanwhile.
 */
export async function benchHeatScreen(): Promise<readonly BenchFigure[]> {
  return withBrowser(async (browser, address) => {
    const page = await browser.newPage({
      serviceWorkers: 'block',
      viewport: { width: 390, height: 844 },
    });
    await page.goto(new URL('/jobs/demo-lamp-base/heat', address).href);
    await page.getByTestId('heat-bucket').waitFor();
    await page.getByRole('button', { name: /^Room: / }).click();
    const room = page.getByLabel('Room', { exact: true });
    await page.evaluate(watcher);
    const waits: number[] = [];
    const longest: number[] = [];
    for (const roomC of roomsC) {
      await page.evaluate('globalThis.frames = []');
      await room.fill(`${roomC} °C`);
      // The page's own policy keeps it from being asked again and again; it is asked once, and answers when it is there.
      await page.evaluate(`new Promise((done) => {
        requestAnimationFrame(function look() {
          if (globalThis.changedMs > 0) done();
          else requestAnimationFrame(look);
        });
      })`);
      const [waitMs, frames] = await page.evaluate<[number, number[]]>(
        '[globalThis.changedMs - globalThis.typedMs, globalThis.frames]',
      );
      waits.push(waitMs);
      longest.push(Math.max(...frames));
      await page.getByTestId('heat-bucket').waitFor();
    }
    return [
      { name: 'heat.screen', median: medianOf(waits), unit: 'ms', runs: waits.length },
      {
        name: 'heat.screen.longestFrame',
        median: medianOf(longest),
        unit: 'ms',
        runs: waits.length,
      },
    ];
  });
}
