import { chromium, type Page } from '@playwright/test';
import { mkdirSync } from 'node:fs';
import { resolve } from 'node:path';
import { createApp } from '../server/app';
import { listen } from '../server/listen';
import { chromiumPath, chromiumSwitches } from './chromium.mjs';

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

/** One picture of each main view, all from the demo data. */
const shots: readonly Shot[] = [
  {
    name: 'quick-mix',
    path: '/',
    act: async (page) => {
      await page.getByLabel('Amount in one batch').fill('500 g');
      await page.getByTestId('part-A').waitFor();
      await page.getByRole('heading', { level: 1 }).click();
    },
  },
  { name: 'jobs', path: '/jobs' },
  { name: 'job-measure', path: '/jobs/demo-drawer-knobs/measure' },
  {
    name: 'job-channel',
    path: '/jobs/demo-galley-inlay/measure',
    act: (page) => page.getByRole('button', { name: 'Next station' }).scrollIntoViewIfNeeded(),
  },
  {
    name: 'trace',
    path: '/jobs/demo-sill-knot/trace?of=parts&index=0',
    act: (page) => page.getByTestId('trace-canvas').locator('image').waitFor(),
  },
  {
    name: 'job-mesh',
    path: '/jobs/demo-cleat-master/measure',
    act: async (page) => {
      await page.getByText('Choose another file').waitFor();
      await page
        .getByRole('radio', { name: 'A master in a mould box' })
        .evaluate((element) => element.scrollIntoView({ block: 'end' }));
    },
  },
  { name: 'mould-dark', path: '/moulds/demo-cleat-mould', dark: true },
  { name: 'job-resin', path: '/jobs/demo-lamp-base/resin' },
  { name: 'wide-choose', path: '/jobs/demo-lamp-base/choose', wide: true },
  {
    name: 'job-layers',
    path: '/jobs/demo-lamp-base/layers',
    act: (page) =>
      page
        .getByTestId('layer-table')
        .evaluate((element) => element.scrollIntoView({ block: 'end' })),
  },
  { name: 'job-colour', path: '/jobs/demo-drawer-knobs/colour' },
  {
    name: 'job-batches',
    path: '/jobs/demo-drawer-knobs/mix',
    act: (page) => page.getByTestId('figures').scrollIntoViewIfNeeded(),
  },
  {
    name: 'job-correction',
    path: '/jobs/demo-drawer-tray/mix',
    act: async (page) => {
      await page.getByRole('button', { name: 'Poured too much?' }).click();
      await page.getByLabel('A in the cup').fill('610 g');
      await page.getByLabel('B in the cup').fill('182 g');
      await page
        .getByTestId('corrected')
        .evaluate((element) => element.scrollIntoView({ block: 'end' }));
    },
  },
  { name: 'buying-dark', path: '/buying', dark: true },
  {
    name: 'job-bad-input',
    path: '/jobs/demo-drawer-tray/measure',
    act: async (page) => {
      await page.getByLabel('Depth').fill('3 m2');
      await page.getByText('this wants a length').scrollIntoViewIfNeeded();
    },
  },
  { name: 'mixing-sheet', path: '/jobs/demo-galley-bowl/sheet' },
  { name: 'shelf', path: '/shelf' },
  { name: 'resin-card', path: '/shelf/demo-table-coat' },
  { name: 'wide-job', path: '/jobs/demo-lamp-base/measure', wide: true },
];

async function main(): Promise<void> {
  mkdirSync(folder, { recursive: true });
  const server = await listen(createApp(resolve('dist')), 0);
  const executablePath = chromiumPath();
  const browser = await chromium.launch({
    ...(executablePath === undefined ? {} : { executablePath }),
    args: chromiumSwitches,
  });
  try {
    for (const { name, path, wide = false, dark = false, act } of shots) {
      const page = await browser.newPage({
        viewport: wide ? screenSize.wide : screenSize.phone,
        colorScheme: dark ? 'dark' : 'light',
      });
      await page.goto(server.address + path);
      await page.getByRole('heading', { level: 1 }).waitFor();
      await page.waitForLoadState('networkidle');
      // A step comes in a chunk of its own, after the frame around it.
      if (path.endsWith('/measure')) await page.getByLabel('Room temperature').waitFor();
      await page.evaluate(() => document.fonts.ready);
      await act?.(page);
      await page.screenshot({ path: `${folder}/${name}.png`, animations: 'disabled' });
      await page.close();
      process.stdout.write(`${folder}/${name}.png\n`);
    }
  } finally {
    await browser.close();
    await server.close();
  }
}

void main();
