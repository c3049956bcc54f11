import type { Page } from '@playwright/test';
import { expect, figure, fromMenu, test, type } from './app';
import { putTexts, storedTexts } from './storage';

const rows = (page: Page) => page.getByRole('listitem');

/** Copies the demo's tray until there are so many jobs, and a damaged one that looks whole at first sight. */
async function withJobs(page: Page, count: number): Promise<void> {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  const text = (await storedTexts(page))['job/demo-drawer-tray'] ?? '';
  const job = JSON.parse(text) as { draft: { name: string } };
  const named = (id: string, minute: number, change: object): [string, string] => {
    const updatedAt = new Date(Date.UTC(2026, 0, 1, 0, minute)).toISOString();
    return [
      `job/${id}`,
      JSON.stringify({ ...job, id, updatedAt, draft: { ...job.draft, ...change } }),
    ];
  };
  const copies = Array.from({ length: count }, (_, at) =>
    named(`copy-${at}`, at, { name: `Tray ${at}` }),
  );
  const damaged = named('damaged', count, { name: 'Odd one', pours: [null] });
  await putTexts(page, Object.fromEntries([...copies, damaged]));
  await page.goto('/jobs');
}

test('of a hundred and fifty jobs those stand in the page that are in sight; one is found, copied and opened', async ({
  page,
}) => {
  await withJobs(page, 150);
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  const first = rows(page).first();
  await expect(first).toContainText(figure('2096 ml of Slow clear'));
  await expect(first).toHaveAttribute('aria-setsize', '163');
  expect(await rows(page).count()).toBeLessThan(30);

  // Down through the list: what comes into sight is planned, and one comes back to where one was.
  await page.mouse.move(200, 400);
  const far = page.getByRole('link', { name: 'Open Tray 100' });
  for (let turn = 0; turn < 30 && (await far.count()) === 0; turn += 1) {
    await page.mouse.wheel(0, 500);
    await expect(rows(page).first()).toBeVisible();
  }
  await expect(rows(page).filter({ has: far })).toContainText(figure('A 1776 g'));
  await far.tap();
  await expect(page.getByRole('heading', { name: 'Tray 100' })).toBeVisible();
  await page.getByRole('button', { name: 'Back' }).tap();
  await expect(far).toBeInViewport();

  const find = page.getByLabel('Find among 163 jobs');
  await find.scrollIntoViewIfNeeded();
  await type(find, 'tray 12');
  await expect(rows(page)).toHaveCount(11);
  await fromMenu(page, 'Duplicate', 'Tray 121');
  await expect(rows(page).first()).toContainText('Tray 121 (copy)');
  await type(page.getByLabel('Find among 164 jobs'), 'nowhere');
  await expect(page.getByText('No job has “nowhere” in its name.')).toBeVisible();

  // Nothing is missing without a word: one that turns out to be damaged says so in its row, in Buying and in Data.
  await type(page.getByLabel('Find among 164 jobs'), 'odd one');
  await expect(rows(page)).toContainText('Odd one cannot be shown.');
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save Odd one as a file' }).tap(),
  ]);
  expect(file.suggestedFilename()).toBe('nipperkin-unreadable.json');
  await page.goto('/jobs/damaged/measure');
  await expect(page.getByRole('alert')).toContainText('cannot be read by this version');
  await page.goto('/buying');
  await expect(page.getByRole('alert')).toContainText('Not in this list');
  await expect(page.getByRole('alert')).toContainText('Odd one');
  const slow = page.getByTestId('shopping').filter({ hasText: 'Slow clear' });
  await expect(slow).toContainText('and 144 more');
  await page.goto('/data');
  await expect(page.getByText('164 jobs')).toBeVisible();
  await expect(page.getByText('One record cannot be read')).toBeVisible();
});
