import { AxeBuilder } from '@axe-core/playwright';
import { expect, figure, part, test, type } from './app';

test('wide: steps, Section and figures side by side, all by keyboard', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const section = page.getByRole('img', { name: /Section/ });
  const name = page.getByLabel('Name', { exact: true });
  const [left, middle, right] = await Promise.all(
    [name, section, part(page, 'A')].map((each) => each.boundingBox()),
  );
  expect(left?.x ?? 0).toBeLessThan(middle?.x ?? 0);
  expect(middle?.x ?? 0).toBeLessThan(right?.x ?? 0);

  await name.focus();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Room temperature')).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Length')).toBeFocused();
  await page.keyboard.press('Control+A');
  await page.keyboard.type('600');
  await expect(page.getByTestId('figures')).toContainText(figure('4191 ml'));
  await page.keyboard.press('Tab');
  await expect(page.getByLabel('Length')).toHaveValue('600 mm');
  await section.click();
  await expect(page.getByLabel('Length')).toBeFocused();
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
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
  await page.getByLabel('Name', { exact: true }).focus();
  await page.keyboard.press('?');
  await expect(sheet).toBeHidden();
});

test('wide: a choice is made by keyboard alone', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/resin');
  await page.getByRole('radio', { name: /Table coat/ }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('figures')).toContainText(figure('1.745 : 1 by volume'));
});

test('wide: a long name and many cavities stay in their columns', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-knobs/measure');
  await type(
    page.getByLabel('Name', { exact: true }),
    'Unbreakablylongnamewithoutanyspace'.repeat(2).slice(0, 80),
  );
  for (let more = 0; more < 12; more += 1) {
    await page.getByRole('button', { name: 'Add a cavity' }).click();
    const cavity = page.getByTestId(`cavity-${more + 4}`);
    await cavity.getByLabel('Length').fill('200 mm');
    await cavity.getByLabel('Width').fill('20 mm');
    await cavity.getByLabel('Depth').fill('15 mm');
  }
  await expect(page.getByText('9 more not drawn')).toBeVisible();
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBe(1280);
});

test('wide: every resin stands in a table, the rule over it; a row is taken and the job follows', async ({
  page,
}) => {
  await page.goto('/jobs/demo-lamp-base/resin');
  await page.getByRole('button', { name: 'Compare in a table' }).click();
  const table = page.getByTestId('choice-table');
  await expect(table).toContainText('Of its depth');
  await expect(page.getByText('Fewest days until the last layer is cured')).toBeVisible();
  await page.getByRole('radio', { name: 'Cheapest' }).click();
  await expect(page.getByText('Least to pay for whole kits with delivery')).toBeVisible();
  await table.getByText('Slow clear, Medium').click();
  await expect(table.getByText('✓ Slow clear, Medium')).toBeVisible();
  const { violations } = await new AxeBuilder({ page }).analyze();
  expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([]);
  await page.getByRole('button', { name: 'Back' }).click();
  await expect(page.getByTestId('figures')).toContainText('Layer 6');
});
