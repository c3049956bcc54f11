import { chooseOn, expect, figure, fromMenu, mainFigure, openEmpty, test, type } from './app';

test('a card is made, both ratios shown as it is typed, then used', async ({ page }) => {
  await openEmpty(page, '/shelf');
  await page.getByRole('button', { name: 'Add a resin' }).tap();
  await page.getByRole('button', { name: 'Put it on the shelf' }).tap();
  await expect(page.getByRole('alert')).toContainText('3 entries are not right');
  await expect(page.getByText('Nothing here yet')).toHaveCount(2);
  await type(page.getByLabel('Name'), 'Two to one');
  await chooseOn(page, 'Family', 'Coating epoxy');
  await page.getByRole('radio', { name: 'Weight' }).tap();
  await type(page.getByLabel('Parts of A (resin)'), '2');
  await type(page.getByLabel('Parts of B (hardener)'), '1');
  await type(page.getByLabel('Density of A'), '1.10');
  await type(page.getByLabel('Density of B'), '0,96');
  await expect(page.getByText(figure('1.745 : 1 by volume · 100 : 50 by weight'))).toBeVisible();
  await page.getByRole('button', { name: 'Put it on the shelf' }).tap();
  await expect(page.getByRole('link', { name: 'Open Two to one' })).toBeVisible();
  await page.getByRole('link', { name: 'Quick mix' }).tap();
  await type(page.getByLabel('Amount in one batch'), '300 g');
  await expect(page.getByTestId('part-A')).toContainText(figure('200.0 g'));
});

test('a card is changed, and the jobs that use it follow', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('link', { name: 'Open Slow clear' }).tap();
  await type(page.getByLabel('Parts of A (resin)'), '2');
  await expect(page.getByText(figure('2 : 1 by volume'))).toBeVisible();
  await page.getByRole('button', { name: 'Save the card' }).tap();
  await page.getByRole('link', { name: 'Jobs' }).tap();
  // 2096 ml × 2/3 × 1.13 g/ml
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toContainText(
    figure('A 1579 g'),
  );
});

test('what heat makes of a label stands on its card, and is kept with it', async ({ page }) => {
  await page.goto('/shelf/demo-slow-clear');
  const heat = page.getByTestId('label-heat');
  await expect(heat).toContainText("Slow: Fitted to the label's pot life and greatest depth.");
  await page.getByRole('button', { name: 'Pot life', exact: true }).tap();
  await type(page.getByRole('textbox', { name: 'Pot life', exact: true }), '3 h');
  await expect(heat).toContainText(figure('should overheat at 50 mm'));
  await page.getByRole('button', { name: 'Save the card' }).tap();
  await expect(page.getByRole('heading', { name: 'Shelf', exact: true })).toBeVisible();
  await page.goto('/jobs/demo-drawer-tray/heat');
  await expect(page.getByText(figure('should overheat at 50 mm'))).toBeVisible();
});

test('a card is duplicated, deleted and brought back', async ({ page }) => {
  await page.goto('/shelf');
  await fromMenu(page, 'Duplicate', 'Table coat');
  await expect(page.getByRole('link', { name: 'Open Table coat (copy)' })).toBeVisible();
  await fromMenu(page, 'Delete', 'Slow clear');
  await expect(page.getByRole('link', { name: 'Open Slow clear' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('link', { name: 'Open Slow clear' })).toBeVisible();
});

test('a job outlives the card it was made with', async ({ page }) => {
  await page.goto('/shelf');
  await fromMenu(page, 'Delete', 'Slow clear');
  await page.getByRole('link', { name: 'Jobs' }).tap();
  await page.getByRole('link', { name: 'Open Drawer tray' }).tap();
  await expect(page.getByText('is not on the shelf any more')).toBeVisible();
  await expect(mainFigure(page)).toContainText(figure('1776 g'));
});
