import type { Page } from '@playwright/test';
import { runs } from '../src/testing/campaign';
import { expect, test } from './app';

/** A part that is worked out beside the screen, where it is asked for, and what stands there once it works. */
interface Place {
  /** The script of its worker. */
  readonly script: string;
  readonly path: string;
  readonly ask?: (page: Page) => Promise<void>;
  readonly works: (page: Page) => Promise<void>;
}

const shows =
  (text: string | RegExp) =>
  (page: Page): Promise<void> =>
    expect(page.getByText(text).first()).toBeVisible();
const press =
  (name: string | RegExp) =>
  (page: Page): Promise<void> =>
    page.getByRole('button', { name }).first().tap();

const places: readonly Place[] = [
  {
    script: 'bench',
    path: '/bench/practice?job=demo-drawer-tray',
    works: shows('Practice: nothing is kept'),
  },
  { script: 'heat', path: '/jobs/demo-lamp-base/heat', works: shows(/°C/) },
  { script: 'days', path: '/today', works: shows('Next') },
  {
    script: 'choose',
    path: '/jobs/demo-lamp-base/resin',
    works: (page) =>
      expect(
        page.getByRole('radiogroup', { name: 'Resin' }).getByRole('radio').first(),
      ).toBeVisible(),
  },
  {
    script: 'choose',
    path: '/jobs/demo-cleats/run?pour=2',
    works: shows(/of one mix|slowest|min/),
  },
  { script: 'heat', path: '/shelf/demo-slow-clear', works: shows(/Fitted to the label/) },
  {
    script: 'heat',
    path: '/jobs/demo-galley-bowl/layers',
    ask: press(/^Bubbles/),
    works: shows(/warmer|thinner|pressure|vacuum/i),
  },
  {
    script: 'list',
    path: '/buying',
    works: (page) => expect(page.getByTestId('shopping').first()).toBeVisible(),
  },
];

test.use({ allowedErrors: [/Failed to load resource/] });

for (const { script, path, ask, works } of places.slice(0, runs(3, places.length))) {
  test(`${path}: where its worker cannot be loaded it says so, and goes on once it can`, async ({
    page,
  }) => {
    await page.route(`**/web/${script}-*.js`, (route) => route.abort());
    await page.goto(path);
    await ask?.(page);
    const told = page.getByText('This part of Nipperkin did not start.');
    await expect(told).toBeVisible();
    await page.unroute(`**/web/${script}-*.js`);
    await page.getByRole('button', { name: 'Try again' }).tap();
    await works(page);
    await expect(told).toHaveCount(0);
  });
}

test('a pour is started once its worker can be loaded: the button is never left busy', async ({
  page,
}) => {
  await page.route('**/web/bench-*.js', (route) => route.abort());
  await page.goto('/jobs/demo-drawer-tray/pour');
  const begin = page.getByRole('button', { name: 'Begin the pour' }).first();
  await begin.tap();
  await expect(
    page.getByText(/could not be started\. This part of Nipperkin did not/),
  ).toBeVisible();
  await page.unroute('**/web/bench-*.js');
  await begin.tap();
  await expect(page).toHaveURL(/\/bench\//);
});
