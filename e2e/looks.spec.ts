import type { RunOptions } from 'axe-core';
import { expect, type Page } from '@playwright/test';
import { violations } from './axe';
import { standsFirst } from './firstSight';
import { isCampaign } from '../src/testing/campaign';
import { test, visit } from './shared';

type Opened = (page: Page) => Promise<void>;
const press =
  (name: string | RegExp): Opened =>
  (page) =>
    page.getByRole('button', { name }).first().click();

/** The bench of a practice, at its first weighing. */
const toWeighing: Opened = async (page) => {
  const main = page.getByTestId('main-action');
  await main.click();
  await expect(page.getByRole('heading', { name: 'Take a cup' })).toBeVisible();
  await main.click();
  await expect(page.getByRole('heading', { name: /resin|hardener/ })).toBeVisible();
};

/** What stands over the bench there. */
const benchSheet =
  (...buttons: readonly (string | RegExp)[]): Opened =>
  async (page) => {
    await toWeighing(page);
    for (const name of buttons) {
      await page
        .getByRole('button', typeof name === 'string' ? { name, exact: true } : { name })
        .first()
        .click();
    }
  };

/** Every view, and what stands open in some. */
const views: readonly (readonly [string, Opened?])[] = [
  ['/today'],
  ['/quick'],
  ['/quick', press(/^Resin: /)],
  [
    '/quick',
    async (page) => {
      await press(/^Resin: /)(page);
      await page.getByRole('radio', { name: /^Not on the shelf/ }).click();
    },
  ],
  ['/jobs'],
  ['/jobs', press('More for Drawer tray')],
  ['/records'],
  ['/records/learned'],
  ['/bench/demo-lamp-live/cure'],
  ['/records/demo-record-shelf'],
  ['/records/demo-record-step', press(/^Add a fault/)],
  ['/jobs/demo-lamp-base'],
  [
    '/jobs/demo-galley-inlay?pour=2',
    (page) =>
      page
        .getByTestId(/^thing-insert/)
        .first()
        .dispatchEvent('click'),
  ],
  ['/jobs/demo-galley-inlay/place'],
  ['/jobs/demo-drawer-knobs/measure'],
  ['/jobs/demo-drawer-tray/measure', press(/^Measured as/)],
  ['/jobs/demo-galley-inlay/measure'],
  ['/jobs/demo-chart-table/measure'],
  ['/jobs/demo-compass-rose/measure'],
  ['/jobs/demo-cleats/measure'],
  ['/jobs/demo-wheelhouse/measure'],
  ['/jobs/demo-sill-knot/measure'],
  ['/jobs/demo-pot-stands/colour?pour=2'],
  ['/jobs/demo-lamp-base/resin'],
  ['/jobs/demo-lamp-base/choose'],
  ['/jobs/demo-lamp-base/layers', press(/^Of that depth/)],
  ['/jobs/demo-lamp-base/heat'],
  ['/jobs/demo-drawer-knobs/colour'],
  ['/jobs/demo-galley-bowl/colour'],
  ['/jobs/demo-drawer-tray/mix', press(/^Mixed in/)],
  ['/jobs/demo-drawer-tray/mix', press(/^Poured too much/)],
  ['/jobs/demo-galley-bowl/layers', press(/^Bubbles/)],
  ['/jobs/demo-dial-lenses/layers', press(/^This lamp/)],
  ['/jobs/demo-cleats/mix?pour=2', press(/^Pressure pot/)],
  ['/jobs/demo-cleats/run?pour=2'],
  ['/jobs/demo-cleats/box?pour=1'],
  ['/repair'],
  ['/jobs/demo-drawer-tray/buy'],
  ['/jobs/demo-galley-inlay/hold', press(/^Driftwood knot/)],
  ['/jobs/demo-galley-inlay/prepare', press(/^Moisture, by the meter/)],
  ['/jobs/demo-galley-inlay/days'],
  ['/jobs/demo-drawer-knobs/days'],
  ['/data', press(/^Your hours/)],
  ['/jobs/demo-drawer-tray/pour'],
  // Each on a job of its own: a practice that is open stays as it is.
  ['/bench/practice?job=demo-drawer-tray', toWeighing],
  ['/bench/practice?job=demo-lamp-base', benchSheet('It is heating')],
  ['/bench/practice?job=demo-galley-bowl', benchSheet('More', /^We did it another way/, /^A: /)],
  ['/bench/practice?job=demo-chart-table', benchSheet('More', 'Read a temperature')],
  ['/bench/practice?job=demo-pot-stands', benchSheet('More', /^End the practice/)],
  ['/bench/nobody-knows'],
  ['/jobs/demo-sill-knot/trace?of=parts&index=0'],
  ['/jobs/demo-galley-bowl/sheet'],
  ['/shelf'],
  ['/shelf/new'],
  ['/shelf/demo-slow-clear'],
  ['/moulds'],
  ['/moulds/new'],
  ['/moulds/demo-cleat-mould'],
  ['/buying'],
  ['/data'],
  ['/data', press('Make a copy now')],
  ['/take'],
  ['/jobs/demo-cleats', press('Take it to another device')],
  ['/shelf/demo-slow-clear', press('Print a label')],
  ['/no/such/place'],
];

/** Every pair of colours is held against each other in `tokens.test.ts`; what stands on what is looked at in a campaign. */
const withoutContrast: RunOptions = { rules: { 'color-contrast': { enabled: false } } };
const inTheDark: RunOptions = {
  runOnly: { type: 'rule', values: ['color-contrast', 'link-in-text-block'] },
};

/** What stands out at the right of the page. */
const cutOff = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('#root *')]
      .filter((element) => element.closest('svg') === null)
      .filter((element) => element.getBoundingClientRect().right > innerWidth + 1)
      .map((element) => element.textContent.slice(0, 40)),
  );

/** Words that are wider or higher than what they stand in lets be seen. */
const clipped = (page: Page): Promise<readonly string[]> =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('#root [dir=auto]:not(textarea, input)')]
      .filter((element) => {
        const { overflowX, overflowY, textOverflow } = getComputedStyle(element);
        // What is cut with dots says so, and is told whole elsewhere.
        if (textOverflow === 'ellipsis') return false;
        return (
          (overflowY !== 'visible' && element.scrollHeight > element.clientHeight + 1) ||
          (overflowX !== 'visible' && element.scrollWidth > element.clientWidth + 1)
        );
      })
      .map((element) => element.textContent.slice(0, 40)),
  );

/** Targets that a glove would miss. */
const smallTargets = (page: Page): Promise<readonly string[]> =>
  page.locator('[role=button], [role=radio], [role=link], button, input').evaluateAll((elements) =>
    elements
      // Things of the Section are hit by their shapes; what stands over them is for keys.
      .filter((element) => !element.matches('[data-testid^=thing-], [type=range]'))
      .map((element) => ({
        name: element.textContent || element.ariaLabel,
        box: element.getBoundingClientRect(),
      }))
      .filter(({ box }) => box.width > 0 && (box.width < 47.5 || box.height < 47.5))
      .map(({ name, box }) => `${name}: ${box.width} × ${box.height}`),
  );

/** Text spacing as WCAG 1.4.12 asks that it may be set. */
const spacing = `* { line-height: 1.5 !important; letter-spacing: 0.12em !important; word-spacing: 0.16em !important; }`;

/** What decides nothing has no figure that stands first. */
const hasNoFigure =
  /^\/(no\/|take|bench\/(practice|nobody)|quick|records\/demo-record-step|shelf\/new|moulds\/new)/;

for (const [index, [path, open]] of views.entries()) {
  test(`${path}${open === undefined ? '' : `, opened (${index})`} reads well in light and dark, at any width, large and spaced`, async ({
    shared: page,
  }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.emulateMedia({ colorScheme: 'light' });
    await visit(page, path);
    const heading = page.getByRole('heading', { level: 1 }).first();
    await expect(heading).toBeVisible();
    if (!hasNoFigure.test(path)) await standsFirst(page);
    if (open !== undefined) await open(page);
    expect(await violations(page, isCampaign ? {} : withoutContrast)).toEqual([]);
    expect(await smallTargets(page)).toEqual([]);
    const ink = await heading.evaluate((element) => getComputedStyle(element).color);
    await page.emulateMedia({ colorScheme: 'dark' });
    // The sheet is paper and stays light, so that it prints.
    if (!path.endsWith('/sheet')) await expect(heading).not.toHaveCSS('color', ink);
    // In the dark nothing but the colours is another; some of them take a moment to change.
    if (isCampaign) await expect.poll(() => violations(page, inTheDark)).toEqual([]);
    // A browser at 200 % gives a page of half the width; between the phone and the wide screen lies the tablet.
    for (const width of [195, 320, 768]) {
      await page.setViewportSize({ width, height: width === 195 ? 422 : 844 });
      await expect.poll(() => cutOff(page), `${width} wide`).toEqual([]);
    }
    await page.setViewportSize({ width: 390, height: 844 });
    const style = await page.addStyleTag({ content: spacing });
    await expect.poll(() => cutOff(page), 'spaced').toEqual([]);
    await expect.poll(() => clipped(page), 'spaced').toEqual([]);
    await style.evaluate((element) => (element as Element).remove());
    await page.setViewportSize({ width: 1280, height: 800 });
    await expect(heading).toBeVisible();
    await expect.poll(() => cutOff(page), '1280 wide').toEqual([]);
  });
}
