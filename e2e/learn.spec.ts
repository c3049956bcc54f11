import { expect, test } from './app';

test('the label stands beside one’s own shop; plans go by the shop once that is chosen, and say so', async ({
  page,
}) => {
  test.setTimeout(120_000);
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  await page.goto('/records');
  await page.getByRole('link', { name: 'What your records tell' }).tap();
  await expect(page.getByTestId('main-figure')).toContainText(/£.27\.93 of £.623\.92 lost/);
  await expect(page.getByRole('img', { name: /^Resin mixed by month/ })).toBeVisible();
  await expect(page.getByTestId('own-hand')).toContainText('You stir epoxy for 5 min');
  const resins = page.getByTestId('own-resins');
  // Six pours were made up to cure 1.10 to 1.19 times as fast as their label.
  await expect(resins).toContainText(/Cures 1\.1[3-5] times as fast as its label, .*6 pours/, {
    timeout: 60_000,
  });
  await resins.getByRole('button', { name: /^Choose on the card of Slow clear/ }).tap();

  const own = page.getByTestId('own-shop');
  await expect(own).toContainText('Plans go by the label.');
  await own.getByRole('button', { name: 'Plan by your shop' }).tap();
  await expect(own).toContainText('Plans go by your shop: 1.14 times as fast as the label');
  await page.getByRole('button', { name: 'Save the card' }).tap();
  await expect(page.getByRole('heading', { level: 1, name: 'Your own shop' })).toBeVisible();

  await page.goto('/jobs/demo-drawer-tray/heat');
  await expect(
    page.getByText(/Planned by your own shop: there Slow clear cures 1\.14 times/),
  ).toBeVisible();
  await page.goto('/shelf/demo-slow-clear');
  await page.getByTestId('own-shop').getByRole('button', { name: 'Go by the label' }).tap();
  await page.getByRole('button', { name: 'Save the card' }).tap();
  await page.goto('/jobs/demo-drawer-tray/heat');
  await expect(page.getByTestId('main-figure')).toContainText('°C');
  await expect(page.getByText(/Planned by your own shop/)).toHaveCount(0);
});
