import { expect, test, typeOn } from './app';

test('wide: the Section is painted in the middle while the step scrolls at the right', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-inlay/heat?pour=2');
  const picture = page.getByTestId('heat-picture');
  await expect(picture).toBeVisible();
  const at = await picture.boundingBox();
  const steps = await page.getByTestId('heat-layer').first().boundingBox();
  expect(steps?.x).toBeGreaterThan((at?.x ?? 0) + (at?.width ?? 0));
  await expect(picture.getByTestId('heat-paint')).toBeVisible();
  const layer = page.getByTestId('heat-layer').first();
  await expect(layer).toContainText(/softens near \d+\s°C/);
  // Too cold for it to get hard, what a warm day would bring, and how warm would do.
  await typeOn(page, 'Room', '-5');
  await expect(layer).toContainText(/A room of \d+\s°C would make it hard/);
  await typeOn(page, 'Room', '24');
  await expect(layer).toContainText('Hard after about');
});

test('wide: the table of resins has their peaks', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/choose');
  await expect(page.getByTestId('choice-table')).toContainText(/\d+\s°C/);
});
