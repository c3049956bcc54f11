import {
  test as base,
  expect,
  type CDPSession,
  type ConsoleMessage,
  type Locator,
  type Page,
  type Request,
  type WebError,
} from '@playwright/test';
import { KeptBrowser } from './keptBrowser';
import { openProfile } from './profile';

/**
 * One browser profile for all tests of a worker: what is fetched and compiled once is there for the next. Each test begins with
 * nothing kept, and holds that nothing is asked of another machine and that the page throws no error.
 */
export const test = base.extend<
  {
    readonly quiet: undefined;
    /** Errors that a test brings about itself. */
    readonly allowedErrors: readonly RegExp[];
    /** Speaks to the browser itself, from a page that stays open. */
    readonly devtools: CDPSession;
    /** The time at which a test begins, and which stands still; undefined where time passes. */
    readonly fixedTime: string | undefined;
    /** The browser for tests of this kind. */
    readonly kept: KeptBrowser;
  },
  {
    readonly browsers: { readonly timePasses: KeptBrowser; readonly timeIsFixed: KeptBrowser };
  }
>({
  allowedErrors: [[], { option: true }],
  fixedTime: [undefined, { option: true }],
  browsers: [
    async ({ playwright }, use, { project }) => {
      const open = () => openProfile(playwright, project.use);
      const timePasses = new KeptBrowser(open);
      const timeIsFixed = new KeptBrowser(open, true);
      await use({ timePasses, timeIsFixed });
      await Promise.all([timePasses.close(), timeIsFixed.close()]);
    },
    { scope: 'worker' },
  ],
  kept: async ({ browsers, fixedTime }, run) => {
    await run(fixedTime === undefined ? browsers.timePasses : browsers.timeIsFixed);
  },
  devtools: async ({ kept }, run) => {
    await run((await kept.held()).devtools);
  },
  context: async ({ kept, devtools, baseURL }, run) => {
    await devtools.send('Storage.clearDataForOrigin', {
      origin: baseURL ?? '',
      storageTypes: 'indexeddb,local_storage,service_workers,cache_storage',
    });
    await run((await kept.held()).profile);
    await kept.tidy();
  },
  page: async ({ context, kept, fixedTime }, run, testInfo) => {
    if (fixedTime !== undefined) await context.clock.setFixedTime(new Date(fixedTime));
    await run(await kept.page());
    await kept.leavePage(testInfo.status !== testInfo.expectedStatus);
  },
  quiet: [
    async ({ context, baseURL, allowedErrors }, use) => {
      const foreign: string[] = [];
      const errors: string[] = [];
      const onRequest = (request: Request): void => {
        const url = new URL(request.url());
        const isLocal = url.origin === baseURL || ['blob:', 'data:'].includes(url.protocol);
        if (!isLocal) foreign.push(request.url());
      };
      const onError = (error: WebError): void => void errors.push(error.error().message);
      const onConsole = (message: ConsoleMessage): void => {
        if (message.type() === 'error') errors.push(message.text());
      };
      context.on('request', onRequest);
      context.on('weberror', onError);
      context.on('console', onConsole);
      await use(undefined);
      context.off('request', onRequest);
      context.off('weberror', onError);
      context.off('console', onConsole);
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

/** Puts a text into a field in one go, as a paste does: what a job comes to is planned once. */
export const type = (field: Locator, text: string): Promise<void> => field.fill(text);

/** Types into a field key by key, as a person does: what was there goes first. */
export async function typeKeys(field: Locator, text: string): Promise<void> {
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
