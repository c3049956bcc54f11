import { expect, openEmpty, test } from './app';

// One after the other in one worker: each finds what the one before it left.
test.describe.configure({ mode: 'serial' });

const own = (): boolean => 'ofATest' in globalThis;

test('a test may leave what it likes in its page', async ({ page }) => {
  await openEmpty(page, '/quick');
  await page.getByRole('textbox', { name: 'Amount in one batch' }).fill('777 g');
  await page.evaluate(() => {
    localStorage.setItem('left', 'here');
    Object.assign(globalThis, { ofATest: true });
  });
});

test('the next one begins with nothing of it, and gives its page up by a script of its own', async ({
  page,
}) => {
  await openEmpty(page, '/quick');
  await expect(page.getByRole('textbox', { name: 'Amount in one batch' })).not.toHaveValue('777 g');
  expect(await page.evaluate(() => localStorage.getItem('left'))).toBeNull();
  expect(await page.evaluate(own)).toBe(false);
  await page.addInitScript(() => Object.assign(globalThis, { ofATest: true }));
  await page.reload();
  await expect(page.getByRole('main')).toBeVisible();
  expect(await page.evaluate(own)).toBe(true);
});

test('the script of another test runs no more, and a clock that is set stays with its test', async ({
  page,
}) => {
  await openEmpty(page, '/quick');
  expect(await page.evaluate(own)).toBe(false);
  await page.clock.setFixedTime(new Date('2020-02-02T02:02:00'));
  expect(await page.evaluate(() => new Date().getFullYear())).toBe(2020);
});

test('the time is its own again, and so is the size', async ({ page }) => {
  await openEmpty(page, '/quick');
  expect(await page.evaluate(() => new Date().getFullYear())).toBeGreaterThan(2020);
  await page.setViewportSize({ width: 700, height: 700 });
  expect(await page.evaluate(() => innerWidth)).toBe(700);
});

test('no later test has the size of one before it', async ({ page }) => {
  await openEmpty(page, '/quick');
  expect(await page.evaluate(() => innerWidth)).toBe(390);
});

test.describe('where time stands still', () => {
  test.use({ fixedTime: '2020-02-02T02:02:00' });
  for (const year of [2021, 2022]) {
    test(`each test begins at the time of its kind, whatever the one before it set (${year})`, async ({
      page,
    }) => {
      const now = () => page.evaluate(() => new Date().getFullYear());
      await openEmpty(page, '/quick');
      expect(await now()).toBe(2020);
      await page.clock.setFixedTime(new Date(`${year}-02-02T02:02:00`));
      expect(await now()).toBe(year);
    });
  }
});
