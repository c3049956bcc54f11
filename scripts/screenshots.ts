import type { Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { withBrowser } from '../cli/bench/browser';

const folder = 'docs/screenshots';

interface Shot {
  readonly name: string;
  readonly path: string;
  readonly wide?: boolean;
  readonly dark?: boolean;
  /** What is done on the page before the picture is taken. */
  readonly act?: (page: Page) => Promise<void>;
}

const screenSize = { phone: { width: 390, height: 844 }, wide: { width: 1280, height: 800 } };

/** Ranges, advice and the rest come after the first figures. */
async function heatIsThere(page: Page): Promise<void> {
  await page.getByTestId('heat-bucket').waitFor();
  await page.getByTestId('heat-paint').waitFor();
}

/** A Tuesday in October: pictures of days do not change with the day on which they are taken. */
const tuesday = new Date('2026-10-06T09:30:00');

const daysAreThere = (page: Page): Promise<void> => page.getByTestId('timetable').waitFor();

/** One picture of each main view, all from the demo data. */
const shots: readonly Shot[] = [
  {
    name: 'quick-mix',
    path: '/quick',
    act: async (page) => {
      await page.getByLabel('Amount in one batch').fill('500 g');
      // What comes with the planner, after A and B.
      await page.getByText('Both in the cup').waitFor();
      await page.getByRole('heading', { level: 1 }).click();
    },
  },
  { name: 'today', path: '/today', act: daysAreThere },
  { name: 'wide-today', path: '/today', wide: true, act: daysAreThere },
  { name: 'job-prepare', path: '/jobs/demo-galley-inlay/prepare' },
  { name: 'job-hold', path: '/jobs/demo-galley-inlay/hold' },
  {
    name: 'job-days',
    path: '/jobs/demo-chart-table/days',
    act: (page) => page.getByTestId('task-ready').waitFor(),
  },
  {
    name: 'wide-days',
    path: '/jobs/demo-galley-inlay/days',
    wide: true,
    act: (page) => page.getByTestId('task-ready').waitFor(),
  },
  { name: 'jobs', path: '/jobs' },
  {
    name: 'piece',
    path: '/jobs/demo-galley-inlay?pour=2',
    act: async (page) => {
      await page.getByTestId('thing-layer/0/1/1').dispatchEvent('click');
      await page.getByTestId('selected-thing').waitFor();
    },
  },
  { name: 'job-measure', path: '/jobs/demo-galley-inlay/measure' },
  {
    name: 'trace',
    path: '/jobs/demo-sill-knot/trace?of=parts&index=0',
    act: (page) => page.getByTestId('trace-canvas').locator('image').waitFor(),
  },
  { name: 'job-resin', path: '/jobs/demo-lamp-base/resin' },
  {
    name: 'job-layers',
    path: '/jobs/demo-lamp-base/layers',
    act: (page) => page.getByTestId('layer-table').waitFor(),
  },
  {
    name: 'heat-section',
    path: '/jobs/demo-lamp-base/heat',
    act: heatIsThere,
  },
  { name: 'job-colour', path: '/jobs/demo-drawer-knobs/colour' },
  {
    name: 'buying-dark',
    path: '/buying',
    dark: true,
    // Once all jobs are planned.
    act: (page) => page.getByText('of 12 jobs').waitFor(),
  },
  { name: 'mixing-sheet', path: '/jobs/demo-galley-bowl/sheet' },
  { name: 'resin-card', path: '/shelf/demo-table-coat' },
  { name: 'wide-job', path: '/jobs/demo-galley-inlay/mix?pour=2', wide: true },
];

const main = (): Promise<void> =>
  withBrowser(async (browser, address) => {
    mkdirSync(folder, { recursive: true });
    for (const { name, path, wide = false, dark = false, act } of shots) {
      const page = await browser.newPage({
        viewport: wide ? screenSize.wide : screenSize.phone,
        colorScheme: dark ? 'dark' : 'light',
      });
      await page.clock.setFixedTime(tuesday);
      await page.goto(new URL(path, address).href);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.waitForLoadState('networkidle');
      // A step comes in a chunk of its own, after the frame around it.
      if (/^\/jobs\/.*(measure|layers|heat|mix|colour|resin|hold|prepare|days)/.test(path)) {
        await page.getByTestId('main-figure').waitFor();
      }
      await page.evaluate(() => document.fonts.ready);
      await act?.(page);
      await page.screenshot({ path: `${folder}/${name}.png`, animations: 'disabled' });
      await page.close();
      process.stdout.write(`${folder}/${name}.png\n`);
    }
  });

void main();
