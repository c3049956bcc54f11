import type { Browser, Page } from '@playwright/test';
import { withBrowser } from './browser';
import type { BenchFigure } from './figure';
import { heapMb, listKept, loaded, msFrom, multiply, noteFirstRow, scrolled } from './listPage';

const rows = (page: Page) => page.getByRole('listitem');
/** A row with its figures. */
const figures = (page: Page) => rows(page).filter({ hasText: ' ml of ' }).first();

/**
 * The list of so many jobs. `load`: from the address to the first row, the app's own start in it. `open`: from another place of
 * the app to the first row. `firstLoad`: where the list of them had to be made first.
 */
async function measureList(
  browser: Browser,
  address: string,
  count: number,
): Promise<readonly BenchFigure[]> {
  const page = await browser.newPage({
    serviceWorkers: 'block',
    viewport: { width: 390, height: 844 },
  });
  const list = `${new URL(address).origin}/jobs`;
  await noteFirstRow(page);
  await page.goto(list);
  await figures(page).waitFor();
  await multiply(page, 'job/', count);
  const firstLoad = await loaded(page, list);
  await listKept(page, 'job/', count);
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
