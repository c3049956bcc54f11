import { expect, test, type } from './app';

test('wide: the painted cut stands under the Section while the steps scroll', async ({ page }) => {
  await page.goto('/jobs/demo-galley-inlay/heat?pour=2');
  const picture = page.getByTestId('heat-picture');
  await expect(picture).toBeVisible();
  const at = await picture.boundingBox();
  const steps = await page.getByTestId('heat-layer').first().boundingBox();
  expect(at?.x).toBeGreaterThan((steps?.x ?? 0) + (steps?.width ?? 0));
  const layer = page.getByTestId('heat-layer').first();
  await expect(layer).toContainText(/softens near \d+\s°C/);
  await page.getByRole('button', { name: 'Room and air' }).click();
  // Too cold for it to get hard, what a warm day would bring, and how warm would do.
  await type(page.getByLabel('Room', { exact: true }), '-5');
  await expect(layer).toContainText(/A room of \d+\s°C would make it hard/);
  await type(page.getByLabel('Room', { exact: true }), '24');
  await expect(layer).toContainText('Hard after about');
});

test('wide: the table of resins has their peaks', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/choose');
  await expect(page.getByTestId('choice-table')).toContainText(/\d+\s°C/);
});
