import type { BrowserContext, Page } from '@playwright/test';
import { runs } from '../src/testing/campaign';
import { expect, test } from './app';
import { beginBench, benchMain, liveRecords, onHeading, readJobFile } from './bench';

/** Draws by chance from a seed (a linear congruence), so that a run that fails fails again. */
function chances(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_103_515_245 + 12_345) % 2_147_483_648;
    return state / 2_147_483_648;
  };
}

/** The page dies in the middle of whatever it does: nothing in it hears of that. */
async function kill(context: BrowserContext, page: Page, isCrash: boolean): Promise<void> {
  if (isCrash) {
    const session = await context.newCDPSession(page);
    void session.send('Page.crash').catch(() => undefined);
    await page.waitForEvent('crash').catch(() => undefined);
  }
  await page.close({ runBeforeUnload: false });
}

/** What stands over the step in hand, as it is at this moment: it waits for nothing. */
const place = async (page: Page): Promise<string> =>
  (
    await page.locator('[role=heading][aria-level="1"], [data-testid=bench-place]').allInnerTexts()
  ).join(' / ');

/** The page is killed so many times. */
const mostKills = runs(8, 40);

test(`killed ${mostKills} times at any moment of a pour, it goes on where it was, and nothing is poured twice`, async ({
  context,
  page: first,
}) => {
  test.setTimeout(300_000);
  const chance = chances(17);
  await readJobFile(first, 'two-batches.job.json');
  await beginBench(first);
  const address = new URL(first.url()).pathname;
  let page = first;
  let stored = 0;
  let kills = 0;
  while (kills < mostKills) {
    // So seldom that the pour is still under way at the last of them.
    const taps = Math.floor(chance() * 1.8);
    for (let tap = 0; tap < taps; tap += 1) {
      const before = await place(page);
      await benchMain(page).tap();
      // Some of them are seen to be done, some are cut off on their way.
      if (tap < taps - 1 || chance() < 0.5) {
        await expect.poll(() => place(page)).not.toBe(before);
      }
    }
    const seen = await place(page);
    await kill(context, page, kills % 4 === 3);
    kills += 1;
    page = await context.newPage();
    await page.goto(address);
    await expect(benchMain(page)).toBeVisible();
    const [live] = await liveRecords(page);
    const events = live!.events;
    // What was on the screen is there, and what is there was done once.
    expect(events.length).toBeGreaterThanOrEqual(stored);
    const steps = events.map(({ step }) => step);
    expect(new Set(steps).size).toBe(steps.length);
    const now = await place(page);
    if (events.length === stored) expect(now).toBe(seen);
    stored = events.length;
    if ((await page.getByText('until the next look').count()) > 0 && kills < mostKills) {
      // The rest is waiting: the next layer is begun from here.
      await benchMain(page).tap();
    }
  }
  for (let step = 0; step < 60; step += 1) {
    if ((await page.getByText('Bench tray: poured').count()) > 0) break;
    const before = await place(page);
    await benchMain(page).tap();
    await expect.poll(() => place(page)).not.toBe(before);
  }
  await onHeading(page, 'Bench tray: poured');
  const [live] = await liveRecords(page);
  const poured = live!.events.filter(({ step = '' }) => step.endsWith(':pour'));
  expect(poured.map(({ step }) => step)).toEqual([
    'layer-1/1:pour',
    'layer-1/2:pour',
    'layer-2/1:pour',
    'layer-2/2:pour',
  ]);
  for (const part of ['part-a', 'part-b']) {
    const weighed = live!.events.filter(({ step = '' }) => step.endsWith(part));
    expect(weighed.map(({ g }) => g)).toEqual(weighed.map(() => (part === 'part-a' ? 420 : 140)));
    expect(weighed).toHaveLength(4);
  }
});
