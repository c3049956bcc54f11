import type { BrowserContext, Page } from '@playwright/test';

/** What a test does to a page that nothing takes back: the next test gets another. */
const spoiling = [
  'addInitScript',
  'emulateMedia',
  'exposeBinding',
  'exposeFunction',
  'route',
  'setViewportSize',
] as const;

/** An address of the same origin at which there is nothing: another origin would be another process. */
const nowhere = '/health';

/**
 * A page that stays open from test to test. A new one is a new process of the browser, which reads and compiles all scripts once more:
 * that is two fifths of what a first load takes. The page is left after each test, so that nothing of it runs on, and what is kept
 * is cleared by whoever goes on with it.
 */
export class KeptPage {
  #page: Page | undefined;
  #isSpoiled = true;

  /** Whether this page is the one that stays. */
  is(page: Page): boolean {
    return page === this.#page;
  }

  async open(context: BrowserContext): Promise<Page> {
    if (this.#page !== undefined && !this.#page.isClosed()) return this.#page;
    const page = await context.newPage();
    this.#isSpoiled = false;
    const spoil = (): void => {
      this.#isSpoiled = true;
    };
    for (const name of spoiling) {
      const own = page[name].bind(page) as (...given: unknown[]) => unknown;
      Object.assign(page, {
        [name]: (...given: unknown[]) => {
          spoil();
          return own(...given);
        },
      });
    }
    for (const name of ['install', 'setFixedTime', 'setSystemTime'] as const) {
      const own = page.clock[name].bind(page.clock) as (...given: unknown[]) => Promise<void>;
      Object.assign(page.clock, {
        [name]: (...given: unknown[]) => {
          spoil();
          return own(...given);
        },
      });
    }
    this.#page = page;
    return page;
  }

  /** Leaves the page as it was found, or gives it up where that cannot be. */
  async leave(hasFailed: boolean): Promise<void> {
    const page = this.#page;
    if (page === undefined) return;
    page.removeAllListeners();
    const isLeft =
      !hasFailed &&
      !this.#isSpoiled &&
      !page.isClosed() &&
      (await page.goto(nowhere, { timeout: 10_000 }).then(
        () => true,
        () => false,
      ));
    if (!isLeft) this.#page = undefined;
  }
}
