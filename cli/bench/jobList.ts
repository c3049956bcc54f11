import type { Browser, Page } from '@playwright/test';
import { withBrowser } from './browser';
import type { BenchFigure } from './figure';

/** Copies the jobs of the demo in the storage of a browser until there are so many. */
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

/** The list of so many jobs: how long until a row is there, how many elements it takes, how long a copy takes. */
async function measureList(
  browser: Browser,
  address: string,
  count: number,
): Promise<readonly BenchFigure[]> {
  const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
  const { origin } = new URL(address);
  await page.goto(`${origin}/jobs`);
  await page.getByRole('listitem').first().waitFor();
  await multiplyJobs(page, count);
  await page.goto(`${origin}/jobs`);
  const rows = page.getByRole('listitem');
  await rows.first().waitFor({ timeout: 300_000 });
  const openMs = await page.evaluate(() => performance.now());
  const nodes = await page.evaluate(() => document.querySelectorAll('*').length);
  const before = performance.now();
  await page
    .getByRole('button', { name: /^Duplicate/ })
    .first()
    .click({ timeout: 300_000 });
  await page.getByText('(copy)').first().waitFor({ timeout: 300_000 });
  const duplicateMs = performance.now() - before;
  await page.close();
  const name = `jobs.${count}`;
  return [
    { name: `${name}.open`, median: openMs, unit: 'ms', runs: 1 },
    { name: `${name}.nodes`, median: nodes, unit: 'elements', runs: 1 },
    { name: `${name}.duplicate`, median: duplicateMs, unit: 'ms', runs: 1 },
  ];
}

/** A list of jobs that has grown; needs the app built. Ten thousand are for when the list bears a thousand. */
export const benchJobList = (): Promise<readonly BenchFigure[]> =>
  withBrowser((browser, address) => measureList(browser, address, 1_000));
