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

/** What the screen decides: it stands first on it. */
export const mainFigure = (page: Page): Locator => page.getByTestId('main-figure');

/** Opens a step of the job, from the piece with the list of its work; one goes back there first. */
export async function toStep(page: Page, step: string): Promise<void> {
  if (/\/jobs\/[^/]+\/\w/.test(page.url())) {
    await page.getByRole('button', { name: 'Back', exact: true }).first().click();
  }
  await page.getByTestId(`step-${step}`).click();
}

/** The piece of the job that is open. */
export async function toPiece(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Back', exact: true }).first().click();
}

/** The line of a setting, closed or open. */
export const line = (within: Page | Locator, label: string): Locator =>
  within.getByRole('button', {
    name: new RegExp(`^${label.replace(/[.*+?^${}()|[\]\\]/g, '\\$&')}(: |$)`),
  });

/** Takes another choice on the line of a setting. */
export async function chooseOn(
  within: Page | Locator,
  label: string,
  choice: string | RegExp,
): Promise<void> {
  await line(within, label).click();
  await within.getByRole('radio', { name: choice, exact: true }).click();
}

/** Types into the field on the line of a setting. */
export async function typeOn(within: Page | Locator, label: string, text: string): Promise<void> {
  const field = within.getByRole('textbox', { name: label, exact: true });
  if ((await field.count()) === 0) await line(within, label).click();
  await type(field, text);
}

/** What else can be done with a row of a list. */
export async function fromMenu(page: Page, what: 'Delete' | 'Duplicate', name: string) {
  await page.getByRole('button', { name: `More for ${name}`, exact: true }).click();
  await page.getByRole('button', { name: `${what} ${name}`, exact: true }).click();
}

export const saved = (page: Page): Locator =>
  page.getByTestId('save-state').filter({ hasText: /^saved$/ });

/** Opens the app empty, without the demo. */
export async function openEmpty(page: Page, path = '/'): Promise<void> {
  await page.goto(`${path}?start=empty`);
  await expect(page.getByRole('main')).toBeVisible();
}
