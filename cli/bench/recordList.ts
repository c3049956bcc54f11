import { withBrowser } from './browser';
import type { BenchFigure } from './figure';
import { heapMb, listKept, loaded, msFrom, multiply, noteFirstRow, scrolled } from './listPage';

const count = 10_000;

/**
 * Ten thousand records. `open`: from the jobs to the first row; `filter`: from a word that is typed until its records stand there;
 * `storage`: of all that the browser keeps, the demo and the photo of it included.
 */
export const benchRecordList = (): Promise<readonly BenchFigure[]> =>
  withBrowser(async (browser, address) => {
    const page = await browser.newPage({
      serviceWorkers: 'block',
      viewport: { width: 390, height: 844 },
    });
    const { origin } = new URL(address);
    await noteFirstRow(page);
    await page.goto(`${origin}/records`);
    await page.getByLabel('Open the record of Companionway step').waitFor();
    await multiply(page, 'piece/', count);
    await loaded(page, `${origin}/records`);
    await listKept(page, 'piece/', count);
    await loaded(page, `${origin}/jobs`);
    await page.getByRole('listitem').first().waitFor();
    const open = await msFrom(
      page,
      '//*[@role="navigation"][@aria-label="Lists of jobs"]//*[@role="link"][contains(., "Records")]',
      '//*[starts-with(@aria-label, "Open the record of")]',
    );
    const { longest, median } = await scrolled(page);
    const filter = await page.evaluate(async () => {
      const field = document.querySelector('input')!;
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      const begin = performance.now();
      set.call(field, 'compass');
      field.dispatchEvent(new Event('input', { bubbles: true }));
      // In place: the loader names functions with a helper that a page does not have.
      while (
        document
          .querySelector('[aria-label^="Open the record of"]')
          ?.getAttribute('aria-label')
          ?.includes('Compass box lid') !== true
      ) {
        await new Promise((next) => requestAnimationFrame(next));
      }
      return performance.now() - begin;
    });
    const heap = await heapMb(page);
    const usage = await page.evaluate(async () => (await navigator.storage.estimate()).usage ?? 0);
    await page.close();
    const figure = (
      what: string,
      value: number,
      unit: BenchFigure['unit'] = 'ms',
    ): BenchFigure => ({
      name: `records.${count}.${what}`,
      median: value,
      unit,
      runs: 1,
    });
    return [
      figure('open', open),
      figure('filter', filter),
      figure('scroll.frame', median),
      figure('scroll.longestFrame', longest),
      figure('heap', heap, 'MB'),
      figure('storage', usage / 1e6, 'MB'),
    ];
  });
