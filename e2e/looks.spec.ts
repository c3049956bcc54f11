import { AxeBuilder } from '@axe-core/playwright';
import { expect, test } from './app';

const views = [
  '/',
  '/jobs',
  '/jobs/demo-drawer-knobs/measure',
  '/jobs/demo-galley-inlay/measure?pour=1',
  '/jobs/demo-pot-stands/colour?pour=2',
  '/jobs/demo-lamp-base/resin',
  '/jobs/demo-lamp-base/layers',
  '/jobs/demo-lamp-base/heat',
  '/jobs/demo-drawer-knobs/colour',
  '/jobs/demo-drawer-tray/mix',
  '/jobs/demo-drawer-tray/buy',
  '/jobs/demo-sill-knot/trace?of=parts&index=0',
  '/jobs/demo-galley-bowl/sheet',
  '/shelf',
  '/shelf/demo-slow-clear',
  '/moulds/demo-cleat-mould',
  '/buying',
  '/data',
  '/no/such/place',
];

for (const path of views) {
  test(`${path} reads well in light and in dark`, async ({ page }) => {
    const readsWell = async () => {
      const { violations } = await new AxeBuilder({ page }).analyze();
      expect(violations.map(({ id, nodes }) => [id, nodes[0]?.html])).toEqual([]);
    };
    await page.emulateMedia({ colorScheme: 'light' });
    await page.goto(path);
    const heading = page.getByRole('heading', { level: 1 });
    await expect(heading).toBeVisible();
    await readsWell();
    const ink = await heading.evaluate((element) => getComputedStyle(element).color);
    await page.emulateMedia({ colorScheme: 'dark' });
    // The sheet is paper and stays light, so that it prints.
    if (!path.endsWith('/sheet')) await expect(heading).not.toHaveCSS('color', ink);
    await readsWell();
  });

  test(`${path} fits at 200 % text, nothing to scroll sideways, and has targets for a glove`, async ({
    page,
  }) => {
    // A browser at 200 % gives a page of half the width.
    await page.setViewportSize({ width: 195, height: 422 });
    await page.goto(path);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const cut = await page.evaluate(() =>
      [...document.querySelectorAll<HTMLElement>('#root *')]
        .filter((element) => element.closest('[role=tablist]') === null)
        .filter((element) => element.getBoundingClientRect().right > innerWidth + 1)
        .map((element) => element.textContent.slice(0, 40)),
    );
    expect(cut).toEqual([]);

    await page.setViewportSize({ width: 390, height: 844 });
    const targets = page.locator(
      '[role=button], [role=radio], [role=tab], [role=link], button, input',
    );
    const small = await targets.evaluateAll((elements) =>
      elements
        .map((element) => ({
          name: element.textContent || element.ariaLabel,
          box: element.getBoundingClientRect(),
        }))
        .filter(({ box }) => box.width > 0 && (box.width < 47.5 || box.height < 47.5))
        .map(({ name, box }) => `${name}: ${box.width} × ${box.height}`),
    );
    expect(small).toEqual([]);
  });
}
