import { chooseOn, expect, figure, line, openEmpty, part, test, type, typeKeys } from './app';

test('cold start: three taps and one figure give grams and millilitres of A and B', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByLabel('Amount in one batch').tap();
  await page.keyboard.type('500');
  await chooseOn(page, 'Resin', /^Table coat/);
  await expect(part(page, 'A')).toContainText(figure('333.4 g'));
  await expect(part(page, 'A')).toContainText(figure('303 ml'));
  await expect(part(page, 'B')).toContainText(figure('166.7 g'));
  await expect(part(page, 'B')).toContainText(figure('174 ml'));
});

test('a figure is copied by a long press', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/');
  await type(page.getByLabel('Amount in one batch'), '500 g');
  await part(page, 'A').getByText(figure('387.9 g')).click({ delay: 800 });
  await expect(page.getByText('Copied 387.9 g')).toBeVisible();
  expect(await page.evaluate(() => navigator.clipboard.readText())).toBe('387.9 g');
});

test('any unit, several batches, and found again as it was left', async ({ page }) => {
  await page.goto('/');
  const amount = page.getByLabel('Amount in one batch');
  await type(amount, '8 US fl oz');
  await expect(part(page, 'A')).toContainText(figure('177 ml'));
  await chooseOn(page, 'Unit', 'imp fl oz');
  await expect(amount).toHaveValue('8 imp fl oz');
  await expect(part(page, 'A')).toContainText(figure('170 ml'));
  await line(page, 'Batches').tap();
  await page.getByRole('button', { name: 'More batches' }).tap();
  await page.getByRole('button', { name: 'More batches' }).tap();
  await expect(page.getByText('Each of 3 batches of Slow clear')).toBeVisible();
  await expect(page.getByText(figure('682 ml'))).toBeVisible();
  await page.reload();
  await expect(amount).toHaveValue('8 imp fl oz');
  await expect(page.getByText('Each of 3 batches of Slow clear')).toBeVisible();
});

test('oz alone is refused with the three it could be, and a tap settles it', async ({ page }) => {
  await page.goto('/');
  const amount = page.getByLabel('Amount in one batch');
  await typeKeys(amount, '16 oz');
  await expect(page.getByText('means more than one unit')).toBeVisible();
  for (const choice of ['US fl oz', 'imp fl oz', 'oz weight']) {
    await expect(page.getByRole('button', { name: choice })).toBeVisible();
  }
  await page.getByRole('button', { name: 'oz weight' }).tap();
  await expect(amount).toHaveValue('16 oz weight');
  await expect(page.getByText(figure('= 454 g'))).toBeVisible();
});

test('bad input keeps the last good figures, greyed, and says what would be right', async ({
  page,
}) => {
  await page.goto('/');
  const amount = page.getByLabel('Amount in one batch');
  await type(amount, '500 g');
  await expect(part(page, 'A')).toContainText(figure('387.9 g'));
  await type(amount, 'lots');
  await expect(page.getByText('is not a volume or a mass')).toBeVisible();
  await expect(page.getByText('last good figures')).toBeVisible();
  await expect(part(page, 'A')).toContainText(/\d\sg/);
  await expect(amount).toHaveValue('lots');
});

test('with an empty shelf the ratio off a label is enough, and begins a card', async ({ page }) => {
  await openEmpty(page);
  const ratio = page.getByLabel('Ratio on the label, A : B');
  await typeKeys(ratio, '2');
  await typeKeys(page.getByLabel('Amount in one batch'), '500');
  await expect(page.getByText('Type the ratio on the label and an amount')).toBeVisible();
  await typeKeys(ratio, '2 over 1');
  await expect(page.getByText('like 2 : 1 or 100 : 45')).toBeVisible();
  await typeKeys(ratio, '100:45');
  await page.getByRole('radio', { name: 'Weight' }).tap();
  await expect(part(page, 'A')).toContainText(figure('344.9 g'));
  await expect(part(page, 'B')).toContainText(figure('155.2 g'));
  await expect(page.getByText('gives no densities')).toBeVisible();
  await page.reload();
  await expect(part(page, 'A')).toContainText(figure('344.9 g'));
  await page.getByRole('button', { name: 'Put this resin on the shelf' }).tap();
  await expect(page.getByRole('heading', { name: 'New resin' })).toBeVisible();
  await expect(page.getByLabel('Parts of A (resin)')).toHaveValue('100');
  await expect(page.getByLabel('Parts of B (hardener)')).toHaveValue('45');
  await page.getByRole('button', { name: 'Put it on the shelf' }).tap();
  // It is the resin from now on; another label can still be read.
  await expect(line(page, 'Resin')).toContainText('100 : 45 by weight');
  await expect(part(page, 'A')).toContainText(figure('344.9 g'));
  await chooseOn(page, 'Resin', /^Not on the shelf/);
  await expect(ratio).toHaveValue('100:45');
  await expect(part(page, 'A')).toContainText(figure('344.9 g'));
});
