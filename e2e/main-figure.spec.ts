import type { Page } from '@playwright/test';
import { demoJobs } from '../src/data/demo/demoJobs';
import { expect, mainFigure, test, toStep } from './app';

const phoneHigh = 844;

/** The main figure says something, and stands whole in the first sight of the screen. */
async function standsFirst(page: Page): Promise<void> {
  const figure = mainFigure(page).first();
  await expect(figure).toBeVisible();
  await expect(figure).toContainText(
    /\d|Poured as it is|All on the shelf|worth working out|not modelled/,
  );
  const box = await figure.boundingBox();
  expect(box!.y).toBeGreaterThanOrEqual(0);
  expect(box!.y + box!.height).toBeLessThanOrEqual(phoneHigh);
}

for (const { id, name } of demoJobs) {
  test(`${name}: what each step decides stands in its first sight`, async ({ page }) => {
    await page.goto(`/jobs/${id}`);
    await standsFirst(page);
    const steps = await page
      .getByTestId(/^step-/)
      .evaluateAll((rows) => rows.map((row) => row.dataset['testid']!.replace('step-', '')));
    expect(steps.length).toBeGreaterThanOrEqual(7);
    for (const step of steps) {
      await test.step(step, async () => {
        await toStep(page, step);
        await standsFirst(page);
      });
    }
  });
}

test('so it is everywhere else', async ({ page }) => {
  await page.goto('/jobs/demo-galley-bowl/sheet');
  for (const path of [
    '/jobs',
    '/jobs/demo-lamp-base/choose',
    '/jobs/demo-galley-bowl/sheet',
    '/jobs/demo-sill-knot/trace?of=parts&index=0',
    '/buying',
    '/shelf',
    '/shelf/demo-slow-clear',
    '/moulds',
    '/moulds/demo-cleat-mould',
    '/data',
  ]) {
    await test.step(path, async () => {
      await page.goto(path);
      await standsFirst(page);
    });
  }
});
