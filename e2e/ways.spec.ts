import type { Page } from '@playwright/test';
import { expect, test, toPiece, toStep, type } from './app';
import { visit } from './shared';

const press = (page: Page, name: string | RegExp) =>
  page.getByRole('button', { name }).first().tap();
const link = (page: Page, name: string | RegExp) => page.getByRole('link', { name }).first().tap();

/** Where one starts, what leads away from there, and what of the address is the same after the way back. */
const ways: readonly (readonly [string, string, (page: Page) => Promise<void>])[] = [
  ['/jobs', 'a job', (page) => link(page, 'Open Drawer tray')],
  ['/shelf', 'a card', (page) => link(page, 'Open Slow clear')],
  ['/shelf', 'a new card', (page) => press(page, 'Add a resin')],
  ['/moulds', 'a mould', (page) => link(page, /^Open /)],
  ['/moulds', 'a new mould', (page) => press(page, 'Add a mould')],
  ['/jobs/demo-drawer-tray/resin', 'a new card', (page) => press(page, 'Add a resin')],
  ['/jobs/demo-drawer-tray/resin', 'comparing', (page) => press(page, /Compare/)],
  ['/jobs/demo-chart-table/resin?pour=2', 'comparing', (page) => press(page, /Compare/)],
  ['/jobs/demo-drawer-tray/mix', 'the sheet', (page) => press(page, /[Ss]heet/)],
  ['/jobs/demo-chart-table/mix?pour=2', 'the sheet', (page) => press(page, /[Ss]heet/)],
  [
    '/jobs/demo-drawer-tray/measure?from=%2Fmoulds',
    'keeping a mould',
    (page) => press(page, 'Keep as a mould'),
  ],
  [
    '/jobs/demo-sill-knot/measure?from=%2Fbuying',
    'tracing',
    (page) => press(page, /^(Go on tracing|Trace on)/),
  ],
  ['/jobs/demo-drawer-tray/buy', 'a card', (page) => press(page, /^Kits and lots/)],
];

test('every way leads back where one came from, after a reload too', async ({ page }) => {
  await page.goto('/');
  await expect(page.getByRole('main')).toBeVisible();
  for (const [index, [start, to, go]] of ways.entries()) {
    await test.step(`from ${start} to ${to}`, async () => {
      await visit(page, start);
      await go(page);
      await expect(page).not.toHaveURL(start);
      // A reload knows nothing but the address: every other way shows that it is enough.
      if (index % 2 === 1) await page.reload();
      await page.getByRole('button', { name: 'Back' }).first().tap();
      await expect(page).toHaveURL(start);
    });
  }
});

test('what stands below the resins comes with them, so that no press meets them instead', async ({
  page,
}) => {
  await page.goto('/jobs');
  let answer = (): void => undefined;
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/choose-*.js', async (route) => {
    await held;
    await route.continue();
  });
  await page.getByRole('link', { name: 'Open Drawer tray' }).tap();
  await toStep(page, 'resin');
  await expect(page.getByText(/^Holding every resin/).first()).toBeVisible();
  const compare = page.getByRole('button', { name: /Compare/ });
  await expect(compare).toHaveCount(0);
  answer();
  await expect(compare).toBeVisible();
  await expect(page.getByRole('radio', { name: /^Slow clear/ }).first()).toBeVisible();
});

test('a new resin that is saved from within a job leads back to that step of it', async ({
  page,
}) => {
  const start = '/jobs/demo-drawer-tray/resin';
  await page.goto(start);
  await press(page, 'Add a resin');
  await type(page.getByLabel('Name', { exact: true }), 'From the job');
  await type(page.getByLabel('Parts of A (resin)'), '2');
  await type(page.getByLabel('Parts of B (hardener)'), '1');
  await type(page.getByLabel('Density of A'), '1.10');
  await type(page.getByLabel('Density of B'), '0.96');
  await press(page, 'Put it on the shelf');
  await expect(page).toHaveURL(start);
  await expect(page.getByRole('radio', { name: /^From the job/ })).toBeVisible();
});

test('a mould poured in a new job leads back to the mould, and from there to the list', async ({
  page,
}) => {
  await page.goto('/moulds');
  await link(page, /^Open /);
  const mould = new URL(page.url()).pathname;
  await press(page, 'Pour it in a new job');
  await expect(page.getByRole('heading', { name: 'Measure' })).toBeVisible();
  await toStep(page, 'resin');
  await toPiece(page);
  await page.getByRole('button', { name: 'Back' }).tap();
  await expect(page).toHaveURL(mould);
  await page.getByRole('button', { name: 'Back' }).tap();
  await expect(page).toHaveURL('/moulds');
});
