import exampleFile from '../docs/formats/drawer-tray.job.json' with { type: 'json' };
import { chooseOn, expect, figure, mainFigure, test, toStep } from './app';
import { violations } from './axe';

test('wide: the work, the Section and the open step side by side, all by keyboard', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const section = page.getByRole('radiogroup', { name: /^Section/ });
  const length = page.getByLabel('Length');
  const row = page.getByTestId('step-mix');
  await expect(length).toBeVisible();
  const [left, middle, right] = await Promise.all(
    [row, section, length].map((each) => each.boundingBox()),
  );
  expect(left?.x ?? 0).toBeLessThan(middle?.x ?? 0);
  expect(middle?.x ?? 0).toBeLessThan(right?.x ?? 0);

  await length.focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('600');
  await expect(page.getByTestId('step-mix')).toContainText(figure('4191 ml'));
  await page.keyboard.press('Tab');
  await expect(length).toHaveValue('600 mm');
  // Everything in the piece is one stop of Tab; arrows go through it, and it is told under the drawing.
  await section.getByRole('radio').first().focus();
  await page.keyboard.press('Enter');
  const told = page.getByTestId('selected-thing');
  await expect(told).toContainText('The pour');
  await page.keyboard.press('ArrowDown');
  await expect(told).toContainText('Form of Box');
  await expect(section.getByRole('radio', { checked: true })).toBeFocused();
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/demo-drawer-tray$/);
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
});

test('wide: from the list to a changed figure and back, by keyboard alone', async ({ page }) => {
  await page.goto('/jobs');
  const row = page.getByRole('link', { name: 'Open Knot in the wheelhouse sill' });
  await row.focus();
  // It is looked at first, beside the list; then it is opened.
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Knot in the wheelhouse sill' })).toBeVisible();
  await page.keyboard.press('Enter');
  const step = page.getByTestId('step-measure');
  await step.focus();
  await page.keyboard.press('Enter');
  const depth = page.getByLabel('Depth', { exact: true });
  await depth.focus();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('44');
  await expect(mainFigure(page)).toContainText(figure('170 ml'));
  // Out of the field, back to the piece where the row is, and back to the list where the job is.
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(page).toHaveURL(/demo-sill-knot$/);
  await expect(step).toContainText(figure('170 ml'));
  await page.keyboard.press('Escape');
  await expect(row).toBeFocused();
});

test('wide: a border between layers is moved by keys, and the figures follow', async ({ page }) => {
  await page.goto('/jobs/demo-galley-bowl/layers');
  const border = page.getByRole('slider', { name: 'Border of layers 1 and 2' });
  await border.focus();
  await page.keyboard.press('PageUp');
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('50 mm');
  await page.keyboard.press('ArrowDown');
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('49 mm');
  await expect(page.getByTestId('layer-table')).toContainText(figure('Layer 1, 49 mm'));
});

test('wide: ? shows what the keyboard does, and Escape takes only that away', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  await expect(page.getByLabel('Length')).toBeVisible();
  await page.keyboard.press('?');
  const sheet = page.getByRole('dialog', { name: 'Keyboard' });
  await expect(sheet).toBeVisible();
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect(page.getByRole('heading', { name: 'Drawer tray' })).toBeVisible();
  await page.getByLabel('Length').focus();
  await page.keyboard.press('?');
  await expect(sheet).toBeHidden();
});

test('wide: a choice is made by keyboard alone', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/resin');
  await page.getByRole('radio', { name: /Table coat/ }).focus();
  await page.keyboard.press('Enter');
  await toStep(page, 'mix');
  await expect(page.getByTestId('figures')).toContainText(figure('1.745 : 1 by volume'));
});

test('wide: a long name and many cavities stay in their columns', async ({ page }) => {
  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).click(),
  ]);
  const name = 'Unbreakablylongnamewithoutanyspace'.repeat(2).slice(0, 80);
  const cavity = { shape: 'box', length: '200 mm', width: '20 mm', depth: '15 mm' };
  const measure = { parts: Array.from({ length: 15 }, () => cavity) };
  await chooser.setFiles({
    name: 'many.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...exampleFile, name, measure })),
  });
  await expect(page.getByText(/\d+ more not drawn/)).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(1280);
  await toStep(page, 'measure');
  await expect(page.getByTestId('cavity-15')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(1280);
});

test('wide: every resin stands in a table, the rule over it; a row is taken and the job follows', async ({
  page,
}) => {
  await page.goto('/jobs/demo-lamp-base/resin');
  await page.getByRole('button', { name: 'Compare in a table' }).click();
  const table = page.getByTestId('choice-table');
  await expect(table).toContainText('Of its depth');
  await chooseOn(page, 'Sort by', /^Cheapest/);
  await table.getByText('Slow clear, Medium').click();
  await expect(table.getByText('✓ Slow clear, Medium')).toBeVisible();
  expect(await violations(page, {})).toEqual([]);
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByTestId('step-layers')).toContainText('6 layers');
});
