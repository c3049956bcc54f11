import type { Page } from '@playwright/test';
import { demoJobs } from '../src/data/demo/demoJobs';
import { expect, mainFigure, toStep } from './app';
import { test, visit } from './shared';

const phoneHigh = 844;

/** The main figure says something that is a figure, and stands whole in the first sight of the screen. */
async function standsFirst(page: Page): Promise<void> {
  const figure = mainFigure(page).first();
  await expect(figure).toContainText(
    /\d|Poured as it is|All on the shelf|worth working out|not modelled/,
  );
  const box = await figure.boundingBox();
  expect(box!.y).toBeGreaterThanOrEqual(0);
  expect(box!.y + box!.height).toBeLessThanOrEqual(phoneHigh);
  await expect(page.getByRole('main')).not.toContainText(/NaN|undefined|Infinity/);
}

/** The steps of the job, or of the pour of it that is unfolded. */
const stepsOf = (page: Page): Promise<readonly string[]> =>
  page
    .getByTestId(/^step-/)
    .evaluateAll((rows) => rows.map((row) => row.dataset['testid']!.replace('step-', '')));

for (const { id, name, pours } of demoJobs) {
  test(`${name}: what each step decides stands in its first sight`, async ({ shared: page }) => {
    const several = pours.length > 1;
    for (const at of pours.keys()) {
      await visit(page, `/jobs/${id}${several ? `?pour=${at + 1}` : ''}`);
      // Later it is where one left it.
      if (at === 0) await standsFirst(page);
      const steps = (await stepsOf(page)).filter((step) => at === 0 || !ofJob.has(step));
      expect(steps.length).toBeGreaterThanOrEqual(6);
      for (const step of steps) {
        await test.step(`${step} of pour ${at + 1}`, async () => {
          await toStep(page, step);
          await standsFirst(page);
        });
      }
    }
    await visit(page, `/jobs/${id}/sheet`);
    await standsFirst(page);
    for (const { name: called } of several ? pours : []) {
      await expect(page.getByRole('main')).toContainText(called!);
    }
  });
}

/** Steps that are there once, however many pours there are. */
const ofJob = new Set(['measure', 'buy', 'hold', 'prepare', 'days', 'pour']);

for (const path of [
  '/today',
  '/jobs',
  '/records',
  '/records/demo-record-shelf',
  '/records/learned',
  '/bench/demo-lamp-live/cure',
  '/jobs/demo-lamp-base/choose',
  '/jobs/demo-sill-knot/trace?of=parts&index=0',
  '/buying',
  '/repair',
  '/shelf',
  '/shelf/demo-slow-clear',
  '/moulds',
  '/moulds/demo-cleat-mould',
  '/data',
]) {
  test(`${path}: its main figure stands in its first sight`, async ({ shared: page }) => {
    await visit(page, path);
    await standsFirst(page);
  });
}
