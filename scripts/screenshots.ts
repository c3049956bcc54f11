import type { Locator, Page } from '@playwright/test';
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

const main = (page: Page): Locator => page.getByTestId('main-action');

/** Gives a job another name, as a person does. */
async function rename(page: Page, job: string, name: string): Promise<void> {
  await page.goto(new URL(`/jobs/${job}`, page.url()).href);
  await page.getByRole('button', { name: /^Name: / }).click();
  await page.getByRole('textbox', { name: 'Name', exact: true }).fill(name);
  await page
    .getByTestId('save-state')
    .filter({ hasText: /^saved$/ })
    .waitFor();
}

/** Opens a file of everything that was saved after one job was changed, while another is changed here since. */
async function openChangedFile(page: Page): Promise<void> {
  await rename(page, 'demo-drawer-tray', 'Drawer tray, from the laptop');
  await rename(page, 'demo-lamp-base', 'Lamp base, from the laptop');
  const data = new URL('/data', page.url()).href;
  await page.goto(data);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a workshop file' }).click(),
  ]);
  const path = await file.path();
  // Another device begins: with the demo, of which one job is changed there too.
  await page.goto(new URL('/rescue.html', data).href);
  await page.evaluate(
    () =>
      new Promise((resolve) => {
        indexedDB.deleteDatabase('nipperkin').onsuccess = resolve;
      }),
  );
  await page.goto(data);
  await page.getByText('12 jobs').waitFor();
  await rename(page, 'demo-lamp-base', 'Lamp base, from the phone');
  await page.goto(data);
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a workshop file' }).click(),
  ]);
  await chooser.setFiles(path);
  await page.getByTestId('conflicts').waitFor();
  await page.getByRole('button', { name: /^Jobs: / }).click();
  await page.getByTestId('conflicts').getByRole('radio', { name: 'Keep both' }).click();
  await page.getByTestId('comparison').scrollIntoViewIfNeeded();
}

const heading = (page: Page, text: string): Promise<void> =>
  page.getByRole('heading', { level: 1, name: text }).waitFor();

/** Begins the pour of the job that is open, up to its first weighing. */
async function toWeighing(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Begin the pour' }).click();
  await main(page).click();
  await heading(page, 'Take a cup');
  await main(page).click();
  await heading(page, 'A resin');
}

/** Tares a cup on the simulated scale, and has so many grams poured into it. */
async function weighOut(page: Page, grams: string): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).click();
  await page.getByRole('button', { name: /^Scale, thermometer/ }).click();
  await page.getByRole('button', { name: 'Scale: Simulated' }).click();
  await page.getByText('it tells').waitFor();
  await page.getByRole('button', { name: 'Back to the pour' }).click();
  await page.getByRole('button', { name: 'Cup on' }).click();
  await page.getByText(/tare the scale/).waitFor();
  await page.getByRole('button', { name: 'Tare', exact: true }).click();
  await page.getByTestId('to-pour').waitFor();
  await pourOut(page, grams);
}

async function pourOut(page: Page, grams: string): Promise<void> {
  await page.getByRole('button', { name: 'More of the simulated scale' }).click();
  await page.getByRole('button', { name: 'Hand: To the drop' }).click();
  await page.getByLabel('Pour so many grams').fill(grams);
  await page.getByRole('button', { name: 'Pour that' }).click();
}

/** By hand, as far as the step with this heading. */
async function toStep(page: Page, text: string): Promise<void> {
  await toWeighing(page);
  for (const each of ['B hardener', 'Stir', 'Second cup', 'Let bubbles out', 'Pour ']) {
    if (await page.getByRole('heading', { level: 1, name: text }).isVisible()) return;
    await main(page).click();
    await heading(page, each);
  }
}

const benchJob = '/jobs/demo-drawer-tray/pour';

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
  {
    name: 'job-days',
    path: '/jobs/demo-chart-table/days',
    act: (page) => page.getByTestId('task-ready').waitFor(),
  },
  {
    name: 'jobs',
    path: '/jobs',
    // Once what is in sight is planned.
    act: (page) => page.getByText('Seal the edges · Fill · Flood coat').waitFor(),
  },
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
    name: 'job-layers',
    path: '/jobs/demo-lamp-base/layers',
    act: (page) => page.getByTestId('layer-table').waitFor(),
  },
  {
    name: 'heat-section',
    path: '/jobs/demo-lamp-base/heat',
    act: heatIsThere,
  },
  { name: 'mixing-sheet', path: '/jobs/demo-galley-bowl/sheet' },
  {
    name: 'bench-weighing',
    path: benchJob,
    act: async (page) => {
      await toWeighing(page);
      await weighOut(page, '592');
      await heading(page, 'B hardener');
      await pourOut(page, '105');
      await page.getByTestId('in-cup').filter({ hasText: /^105/ }).waitFor();
    },
  },
  {
    name: 'record',
    path: '/records/demo-record-shelf',
    act: (page) => page.getByTestId('why').waitFor(),
  },
  {
    name: 'record-why',
    path: '/records/demo-record-shelf',
    act: async (page) => {
      await page.getByTestId('cause-ratio-off').getByRole('button').first().click();
      await page.getByTestId('cause-badly-mixed').scrollIntoViewIfNeeded();
      await page.mouse.move(195, 500);
      await page.mouse.wheel(0, 260);
      await page.getByText('To rescue the piece').first().waitFor();
    },
  },
  {
    name: 'learned',
    path: '/records/learned',
    act: (page) => page.getByText(/times as fast as its label/).waitFor({ timeout: 60_000 }),
  },
  {
    name: 'cure-watch',
    path: '/bench/demo-lamp-live/cure',
    act: (page) => page.getByTestId('cure-chart').getByRole('img').waitFor(),
  },
  {
    name: 'data',
    path: '/data',
    act: async (page) => {
      await page.getByRole('button', { name: 'Make a copy now' }).click();
      await page.getByTestId('safety-copy').waitFor();
      await page.reload();
      await page.getByTestId('safety-copy').waitFor();
    },
  },
  { name: 'data-merge', path: '/data', wide: true, act: openChangedFile },
  {
    name: 'bench-pouring',
    path: benchJob,
    dark: true,
    act: async (page) => {
      await toStep(page, 'Pour ');
      await page.clock.fastForward('00:50');
      await page.waitForFunction(() => document.querySelectorAll('svg path').length > 4);
    },
  },
  {
    name: 'run',
    path: '/jobs/demo-cleats/run?pour=2',
    act: async (page) => {
      await page.getByRole('img', { name: /^Moulds over/ }).waitFor();
    },
  },
  { name: 'wide-job', path: '/jobs/demo-cleats/box?pour=1', wide: true },
];

const takeAll = (): Promise<void> =>
  withBrowser(async (browser, address) => {
    mkdirSync(folder, { recursive: true });
    const wanted = process.argv.slice(2);
    for (const { name, path, wide = false, dark = false, act } of shots) {
      if (wanted.length > 0 && !wanted.includes(name)) continue;
      const page = await browser.newPage({
        viewport: wide ? screenSize.wide : screenSize.phone,
        colorScheme: dark ? 'dark' : 'light',
        serviceWorkers: 'block',
      });
      // At the bench time goes on: a scale is read by it.
      if (path === benchJob) await page.clock.install({ time: tuesday });
      else await page.clock.setFixedTime(tuesday);
      await page.goto(new URL(path, address).href);
      await page.getByRole('heading', { level: 1 }).first().waitFor();
      await page.waitForLoadState('networkidle');
      // A step comes in a chunk of its own, after the frame around it.
      if (/^\/jobs\/.*(measure|layers|heat|mix|colour|resin|hold|prepare|days|pour)/.test(path)) {
        await page.getByTestId('main-figure').waitFor();
      }
      await page.evaluate(() => document.fonts.ready);
      await act?.(page);
      await page.screenshot({ path: `${folder}/${name}.png`, animations: 'disabled' });
      await page.close();
      process.stdout.write(`${folder}/${name}.png\n`);
    }
  });

void takeAll();
