import { readFileSync } from 'node:fs';
import type Axe from 'axe-core';
import type { RunOptions } from 'axe-core';
import type { Page } from '@playwright/test';

const axeScript = readFileSync(require.resolve('axe-core/axe.min.js'), 'utf8');

/** What axe finds in the page, by rule and first element; its script is put there once. */
export async function violations(
  page: Page,
  options: RunOptions,
): Promise<readonly (readonly [string, string | undefined])[]> {
  if (!(await page.evaluate(() => 'axe' in globalThis))) await page.evaluate(axeScript);
  return page.evaluate(async (asked) => {
    const { axe } = globalThis as unknown as { axe: typeof Axe };
    // What passes is not written out, which would take ten times as long as looking.
    const found = await axe.run(document, { ...asked, resultTypes: ['violations'] });
    return found.violations.map(({ id, nodes }) => [id, nodes[0]?.html] as const);
  }, options);
}
