import type { Browser, Page } from '@playwright/test';
import { withBrowser } from './browser';
import type { BenchFigure } from './figure';

/** Copies the jobs of the demo in the storage of a browser until there are so many; no list knows of them. */
const multiplyJobs = (page: Page, count: number): Promise<void> =>
  page.evaluate(
    (wanted) =>
      new Promise<void>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const writing = opening.result.transaction('entries', 'readwrite');
          const entries = writing.objectStore('entries');
          const range = IDBKeyRange.bound('job/', 'job0', false, true);
          const reading = entries.getAll(range);
          reading.onsuccess = () => {
            const jobs = (reading.result as string[]).map((text) => JSON.parse(text) as object);
            for (let index = jobs.length; index < wanted; index += 1) {
              const id = `copy-${index}`;
              entries.put(JSON.stringify({ ...jobs[index % jobs.length], id }), `job/${id}`);
            }
          };
          writing.onerror = () => reject(new Error('not written'));
          writing.oncomplete = () => {
            opening.result.close();
            resolve();
          };
        };
      }),
    count,
  );

/** Waits until the list of so many jobs, which is made in the background, is kept. */
const listKept = (page: Page, count: number) =>
  page.waitForFunction(
    (wanted) =>
      new Promise<boolean>((resolve, reject) => {
        const opening = indexedDB.open('nipperkin');
        opening.onerror = () => reject(new Error('not opened'));
        opening.onsuccess = () => {
          const entries = opening.result.transaction('entries').objectStore('entries');
          const reading = entries.getAll(IDBKeyRange.bound('#index/', '#index0', false, true));
          reading.onsuccess = () => {
            opening.result.close();
            const texts = reading.result as string[];
            const lists = texts.map((text) => JSON.parse(text) as { entries: unknown[] });
            resolve(lists.reduce((sum, { entries: list }) => sum + list.length, 0) >= wanted);
          };
        };
      }),
    count,
  );

/** Notes in each page when its first row is there: asking from outside would take longer than the page does. */
const noteFirstRow = (page: Page) =>
  page.addInitScript(() => {
    new MutationObserver((_, observer) => {
      if (document.querySelector('[role=listitem]') === null) return;
      document.documentElement.dataset['firstRow'] = String(performance.now());
      observer.disconnect();
    }).observe(document, { subtree: true, childList: true });
  });

/** Goes to the list: ms until its first row is there. */
async function loaded(page: Page, address: string): Promise<number> {
  await page.goto(address);
  const html = page.locator('html[data-first-row]');
  await html.waitFor({ timeout: 120_000 });
  return Number(await html.getAttribute('data-first-row'));
}

const rows = (page: Page) => page.getByRole('listitem');
/** A row with its figures. */
const figures = (page: Page) => rows(page).filter({ hasText: ' ml of ' }).first();

/** Presses something and waits until something else is there, both by their XPath and within the page: ms. */
const msFrom = (page: Page, pressed: string, until: string): Promise<number> =>
  page.evaluate(
    async ([press, there]) => {
      const begin = performance.now();
      (document.evaluate(press, document, null, 9).singleNodeValue as HTMLElement).click();
      while (document.evaluate(there, document, null, 9).singleNodeValue === null) {
        await new Promise((next) => requestAnimationFrame(next));
      }
      return performance.now() - begin;
    },
    [pressed, until] as const,
  );

/** Scrolls through the list as a finger does: times between two pictures, ms. */
const scrolled = (page: Page): Promise<{ longest: number; median: number }> =>
  page.evaluate(async () => {
    const list = document.querySelector('[role=list]');
    let place = list?.parentElement ?? null;
    while (place !== null && place.scrollHeight <= place.clientHeight + 1) {
      place = place.parentElement;
    }
    const times: number[] = [];
    let before = await new Promise<number>((next) => requestAnimationFrame(next));
    while (times.length < 300) {
      if (place !== null) place.scrollTop += 40;
      const now = await new Promise<number>((next) => requestAnimationFrame(next));
      times.push(now - before);
      before = now;
    }
    times.sort((one, other) => one - other);
    return { longest: times.at(-1) ?? 0, median: times[times.length >> 1] ?? 0 };
  });

async function heapMb(page: Page): Promise<number> {
  const session = await page.context().newCDPSession(page);
  await session.send('Performance.enable');
  await session.send('HeapProfiler.collectGarbage');
  const { metrics } = await session.send('Performance.getMetrics');
  return (metrics.find(({ name }) => name === 'JSHeapUsedSize')?.value ?? 0) / 1e6;
}

/**
 * The list of so many jobs. `load`: from the address to the first row, the app's own start in it. `open`: from another place of
 * the app to the first row. `firstLoad`: where the list of them had to be made first.
 */
async function measureList(
  browser: Browser,
  address: string,
  count: number,
): Promise<readonly BenchFigure[]> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const list = `${new URL(address).origin}/jobs`;
  await noteFirstRow(page);
  await page.goto(list);
  await figures(page).waitFor();
  await multiplyJobs(page, count);
  const firstLoad = await loaded(page, list);
  await listKept(page, count);
  const load = await loaded(page, list);
  await figures(page).waitFor();
  const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
  await page.getByRole('link', { name: 'Data' }).click();
  await page.getByText('Kept here').waitFor();
  const open = await msFrom(
    page,
    '//*[@role="navigation"]//*[@role="link"][contains(., "Jobs")]',
    '//*[@role="listitem"]',
  );
  const { longest, median } = await scrolled(page);
  const heap = await heapMb(page);
  await page.goto(list);
  await figures(page).waitFor();
  await page
    .getByRole('button', { name: /^More for / })
    .first()
    .click();
  await page.getByRole('button', { name: /^Duplicate / }).waitFor();
  const duplicate = await msFrom(
    page,
    '//*[starts-with(@aria-label, "Duplicate ")]',
    '//*[@role="listitem"][contains(., "(copy)")]',
  );
  await page.close();
  const figure = (what: string, value: number, unit: BenchFigure['unit'] = 'ms'): BenchFigure => ({
    name: `jobs.${count}.${what}`,
    median: value,
    unit,
    runs: 1,
  });
  return [
    figure('firstLoad', firstLoad),
    figure('load', load),
    figure('open', open),
    figure('nodes', nodes, 'elements'),
    figure('scroll.frame', median),
    figure('scroll.longestFrame', longest),
    figure('heap', heap, 'MB'),
    figure('duplicate', duplicate),
  ];
}

/** Lists of jobs that have grown, beside the one of the demo; needs the app built. */
export const benchJobList = (): Promise<readonly BenchFigure[]> =>
  withBrowser(async (browser, address) => {
    const all: BenchFigure[] = [];
    for (const count of [12, 1_000, 10_000]) {
      all.push(...(await measureList(browser, address, count)));
    }
    return all;
  });
