import type { Page } from '@playwright/test';
import { demoJobs } from '../src/data/demo/demoJobs';
import { runs } from '../src/testing/campaign';
import { expect } from './app';
import { standsFirst } from './firstSight';
import { test, visit } from './shared';

/** The steps of the job, or of the pour of it that is unfolded. */
const stepsOf = (page: Page): Promise<readonly string[]> =>
  page
    .getByTestId(/^step-/)
    .evaluateAll((rows) => rows.map((row) => row.dataset['testid']!.replace('step-', '')));

/** `looks.spec.ts` looks at one of each step; a campaign walks them all. */
const walked = demoJobs.slice(0, runs(2, demoJobs.length));

for (const { id, name, pours } of walked) {
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
          await visit(page, `/jobs/${id}/${step}${several ? `?pour=${at + 1}` : ''}`);
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
