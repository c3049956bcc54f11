import type { BrowserContext, CDPSession, Page } from '@playwright/test';

/** What a test does to a page that nothing takes back: the next test gets another. */
const spoiling = [
  'addInitScript',
  'emulateMedia',
  'exposeBinding',
  'exposeFunction',
  'route',
  'setViewportSize',
] as const;

/** A clock is set for the whole browser and cannot be given back: the next test gets another browser. */
const setting = ['install', 'setFixedTime', 'setSystemTime'] as const;

/** Where every test begins by fixing the time, a fixed time is no reason for another browser. */
const settingExceptFixed = ['install', 'setSystemTime'] as const;

/** An address of the same origin at which there is nothing: another origin would be another process. */
const nowhere = '/health';

interface Held {
  readonly profile: BrowserContext;
  /** A page that stays empty, so that the browser is not closed with the last one. */
  readonly stays: Page;
  /** Speaks to the browser itself. */
  readonly devtools: CDPSession;
}

/** Calls back before any of these methods does what it does. */
function before<Name extends string>(
  of: Record<Name, unknown>,
  names: readonly Name[],
  call: () => void,
): void {
  for (const name of names) {
    const own = (of[name] as (...given: unknown[]) => unknown).bind(of);
    Object.assign(of, {
      [name]: (...given: unknown[]) => {
        call();
        return own(...given);
      },
    });
  }
}

/**
 * A browser and a page of it that stay open from test to test. A new page is a new process of the browser, which reads and compiles
 * all scripts once more: that is two fifths of what a first load takes. The page is left after each test, so that nothing of it
 * runs on, and what is kept is cleared by whoever goes on with it.
 */
export class KeptBrowser {
  readonly #launch: () => Promise<BrowserContext>;
  readonly #isTimeFixed: boolean;
  #held: Held | undefined;
  #page: Page | undefined;
  #isPageSpoiled = false;
  #isClockSet = false;

  /** @param isTimeFixed whether every test in this browser begins by fixing the time */
  constructor(launch: () => Promise<BrowserContext>, isTimeFixed = false) {
    this.#launch = launch;
    this.#isTimeFixed = isTimeFixed;
  }

  async held(): Promise<Held> {
    if (this.#held !== undefined) return this.#held;
    const profile = await this.#launch();
    before(profile.clock, this.#isTimeFixed ? settingExceptFixed : setting, () => {
      this.#isClockSet = true;
    });
    const stays = profile.pages()[0] ?? (await profile.newPage());
    this.#held = { profile, stays, devtools: await profile.newCDPSession(stays) };
    return this.#held;
  }

  /** The page that stays, or another where a test has spoiled it. */
  async page(): Promise<Page> {
    if (this.#page !== undefined && !this.#page.isClosed()) return this.#page;
    const { profile } = await this.held();
    const page = await profile.newPage();
    this.#isPageSpoiled = false;
    before(page, spoiling, () => {
      this.#isPageSpoiled = true;
    });
    this.#page = page;
    return page;
  }

  /** Leaves the page as it was found, or gives it up where that cannot be. */
  async leavePage(hasFailed: boolean): Promise<void> {
    const page = this.#page;
    if (page === undefined) return;
    page.removeAllListeners();
    const isLeft =
      !hasFailed &&
      !this.#isPageSpoiled &&
      !page.isClosed() &&
      (await page.goto(nowhere, { timeout: 10_000 }).then(
        () => true,
        () => false,
      ));
    if (!isLeft) this.#page = undefined;
  }

  /** Closes every page but the one that stays; all of the browser where its clock was set. */
  async tidy(): Promise<void> {
    if (this.#isClockSet) return this.close();
    const { profile, stays } = await this.held();
    await Promise.all(
      profile
        .pages()
        .filter((each) => each !== stays && each !== this.#page)
        .map((each) => each.close()),
    );
    await profile.clearPermissions();
  }

  async close(): Promise<void> {
    const held = this.#held;
    this.#held = undefined;
    this.#page = undefined;
    this.#isClockSet = false;
    await held?.profile.close();
  }
}
