import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import { expect } from './app';
import { storedTexts } from './storage';

/** The head of the step in hand: which batch, which step. */
export const benchHead = (page: Page): Locator => page.getByTestId('bench-place');

/** What one says when a step is done. */
export const benchMain = (page: Page): Locator => page.getByTestId('main-action');

export const onHeading = (page: Page, text: string): Promise<void> =>
  expect(page.getByRole('heading', { level: 1, includeHidden: false }).first()).toContainText(text);

/** Opens a job file of the documented formats. */
export async function readJobFile(page: Page, name: string): Promise<void> {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).click();
  await (
    await chooser
  ).setFiles({
    name,
    mimeType: 'application/json',
    buffer: readFileSync(join(__dirname, '../docs/formats', name)),
  });
  await expect(page).toHaveURL(/\/jobs\/[\w-]{6,}/);
}

/** Begins the first pour of the job that is open. */
export async function beginBench(page: Page): Promise<void> {
  await page.getByTestId('step-pour').click();
  await page.getByRole('button', { name: 'Begin the pour' }).first().click();
  await expect(page).toHaveURL(/\/bench\//);
  await expect(benchMain(page)).toBeVisible();
}

/** Keys a figure in, and takes it. */
export async function keyIn(page: Page, figure: string): Promise<void> {
  for (const key of figure) {
    await page.getByRole('button', { name: key === '.' ? 'point' : key, exact: true }).click();
  }
  await page.getByRole('button', { name: 'Take it' }).click();
}

/** One thing that was written down at the bench. */
interface WrittenEvent {
  readonly at: number;
  readonly did: string;
  readonly step?: string;
  readonly lane?: string;
  readonly g?: number;
  readonly aG?: number;
  readonly leftG?: number;
  readonly raw?: string;
  readonly by?: string;
  readonly byItself?: boolean;
  readonly text?: string;
}

interface WrittenPour {
  readonly id: string;
  readonly job: string;
  readonly state: string;
  readonly events: readonly WrittenEvent[];
}

/** The pours that are stored in this browser, without the one that the demo brings. */
export async function liveRecords(page: Page): Promise<readonly WrittenPour[]> {
  const texts = Object.entries(await storedTexts(page));
  return texts
    .filter(([key]) => key.startsWith('live/'))
    .map(([, text]) => JSON.parse(text) as WrittenPour)
    .filter(({ id }) => !id.startsWith('demo-'));
}
