import { test as base, expect, type Locator, type Page } from '@playwright/test';

/**
 * Every test also holds that nothing is asked of another machine and that the page throws no error.
 */
export const test = base.extend<{
  readonly quiet: undefined;
  /** Errors that a test brings about itself. */
  readonly allowedErrors: readonly RegExp[];
}>({
  allowedErrors: [[], { option: true }],
  quiet: [
    async ({ context, baseURL, allowedErrors }, use) => {
      const foreign: string[] = [];
      const errors: string[] = [];
      context.on('request', (request) => {
        const url = new URL(request.url());
        const isLocal = url.origin === baseURL || ['blob:', 'data:'].includes(url.protocol);
        if (!isLocal) foreign.push(request.url());
      });
      context.on('weberror', (error) => errors.push(error.error().message));
      context.on('console', (message) => {
        if (message.type() === 'error') errors.push(message.text());
      });
      await use(undefined);
      expect(foreign, 'requests that leave the machine').toEqual([]);
      const unexpected = errors.filter((error) => !allowedErrors.some((each) => each.test(error)));
      expect(unexpected, 'errors in the page').toEqual([]);
    },
    { auto: true },
  ],
});

export { expect };

/** The figures of one part, as they stand on the screen. */
export const part = (page: Page, letter: 'A' | 'B', nth = 0): Locator =>
  page.getByTestId(`part-${letter}`).nth(nth);

/** Types into a field as a person does: what was there goes first. */
export async function type(field: Locator, text: string): Promise<void> {
  await field.fill('');
  await field.pressSequentially(text);
}

/** A figure and its unit are held together by a space that does not break. */
export const figure = (text: string): RegExp =>
  new RegExp(text.replace(/[.*+?^${}()|[\]\\]/g, '\\$&').replaceAll(' ', '[\\s\\u00a0]'));

export const saved = (page: Page): Locator =>
  page.getByTestId('save-state').filter({ hasText: /^saved$/ });

/** Opens the app empty, without the demo. */
export async function openEmpty(page: Page, path = '/'): Promise<void> {
  await page.goto(`${path}?start=empty`);
  await expect(page.getByRole('main')).toBeVisible();
}
