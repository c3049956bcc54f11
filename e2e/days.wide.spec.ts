import { expect, test } from './app';

test.use({ fixedTime: '2026-10-06T09:00:00' });

test('a task is moved by keys and by dragging; it stays there, and the rest follows', async ({
  page,
}) => {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  await page.goto('/today');
  const pour = page.getByTestId('handle-demo-galley-inlay-pour-2/layer-2');
  await expect(pour).toHaveAttribute('aria-valuetext', /^today/);
  const coat = page.getByTestId('handle-demo-chart-table-pour-1/layer-1');
  await coat.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  // The first pour sets when the job starts.
  await expect(page.getByTestId('list-Next')).toContainText('Tomorrow 10:30 Chart-table lid');
  const was = await pour.getAttribute('aria-valuetext');
  const box = (await pour.boundingBox())!;
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2 + 6, box.y + box.height / 2, { steps: 3 });
  await page.mouse.up();
  await expect(pour).toHaveAttribute('aria-valuetext', /pinned/);
  expect(await pour.getAttribute('aria-valuetext')).not.toBe(was);
  await page.getByRole('button', { name: /^Unpin Galley step/ }).click();
  await expect(pour).toHaveAttribute('aria-valuetext', was!);
});
