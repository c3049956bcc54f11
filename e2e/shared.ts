import { expect, test as base, type Page } from '@playwright/test';
import { openProfile } from './profile';

/**
 * One page for all tests of a worker that only look: the demo is made once, and what is fetched once is there. They go from one
 * address to another as the app itself does, and leave nothing changed.
 */
export const test = base.extend<
  { readonly noErrors: undefined },
  { readonly shared: Page; readonly errors: string[] }
>({
  errors: [[], { scope: 'worker', option: true }],
  shared: [
    async ({ playwright, errors }, use, { project }) => {
      const context = await openProfile(playwright, project.use);
      context.on('weberror', (error) => errors.push(error.error().message));
      const page = await context.newPage();
      await page.goto('/jobs');
      await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
      await use(page);
      await context.close();
    },
    { scope: 'worker', timeout: 60_000 },
  ],
  noErrors: [
    async ({ errors }, use) => {
      await use(undefined);
      expect(errors.splice(0), 'errors in the page').toEqual([]);
    },
    { auto: true },
  ],
});

/** Goes to an address within the app, without loading it anew. */
export async function visit(page: Page, path: string): Promise<void> {
  await page.evaluate((to) => {
    history.pushState(null, '', to);
    dispatchEvent(new PopStateEvent('popstate'));
  }, path);
  await expect(page).toHaveURL(path);
  await expect(page.getByRole('heading', { level: 1 }).first()).toBeVisible();
}
