import { demoJobs } from '../src/data/demo/demoJobs';
import { expect, saved, test, type } from './app';
import { putText, storedTexts } from './storage';
import type { Page } from '@playwright/test';

const comparison = (page: Page) => page.getByTestId('comparison');
const nothing = '0 jobs, 0 resins, 0 moulds, 0 pours and 0 records';

/** Saves a workshop file from the Data screen; gives where it is. */
async function save(page: Page): Promise<string> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save a workshop file' }).tap(),
  ]);
  expect(download.suggestedFilename()).toMatch(/^nipperkin-workshop-\d{4}-\d\d-\d\d\.zip$/);
  return download.path();
}

async function open(page: Page, file: string | { name: string; buffer: Buffer }): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a workshop file' }).tap(),
  ]);
  await chooser.setFiles(
    typeof file === 'string' ? file : { ...file, mimeType: 'application/zip' },
  );
}

/** Gives a job of the demo another name, as on another device. */
async function rename(page: Page, job: string, name: string): Promise<void> {
  await page.goto(`/jobs/${job}`);
  await page.getByRole('button', { name: /^Name: / }).tap();
  await type(page.getByRole('textbox', { name: 'Name', exact: true }), name);
  await expect(saved(page)).toBeVisible();
}

test('everything goes out as one file, comes in again as it was, and is undone as a whole', async ({
  page,
}) => {
  await page.goto('/data');
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  await putText(page, 'job/torn', '{"id":"to');
  const before = await storedTexts(page);
  const file = await save(page);
  await open(page, file);
  await expect(comparison(page)).toContainText(`${Object.keys(before).length} records`);
  await expect(comparison(page)).toContainText('Everything here is as it is in the file.');
  await page.getByRole('button', { name: 'Close' }).tap();
  await page.getByRole('button', { name: 'Start from empty' }).tap();
  await expect(page.getByText(nothing)).toBeVisible();
  await open(page, file);
  await expect(comparison(page)).toContainText(`${demoJobs.length} deleted here since`);
  await page.getByRole('button', { name: 'Replace everything' }).tap();
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  const after = await storedTexts(page);
  expect(Object.keys(after).sort()).toEqual(Object.keys(before).sort());
  expect(after['job/torn']).toBe('{"id":"to');
  const job = (texts: Record<string, string>): object =>
    JSON.parse(texts['job/demo-drawer-tray']!) as object;
  const version = { revision: 0, stamp: '', vector: {} };
  expect({ ...job(after), ...version }).toEqual({ ...job(before), ...version });
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByText(nothing)).toBeVisible();
});

test('a file of another device is told kind by kind, merged record by record, conflicts chosen', async ({
  page,
  devtools,
  baseURL,
}) => {
  await page.goto('/data');
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  const first = await save(page);
  // This device goes on with one job, and with another.
  await rename(page, 'demo-drawer-tray', 'Tray of the laptop');
  await rename(page, 'demo-galley-inlay', 'Step of the laptop');
  await page.goto('/data');
  const later = await save(page);
  // The other one begins with the first file, and changes one of the two.
  await page.goto('/rescue.html');
  await devtools.send('Storage.clearDataForOrigin', {
    origin: baseURL ?? '',
    storageTypes: 'indexeddb,local_storage',
  });
  await page.goto('/data?start=empty');
  await expect(page.getByText(nothing)).toBeVisible();
  await open(page, first);
  await expect(
    comparison(page).getByRole('button', { name: `Jobs: ${demoJobs.length} new here` }),
  ).toBeVisible();
  await page.getByRole('button', { name: /^Merge: take \d+ records$/ }).tap();
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  await rename(page, 'demo-drawer-tray', 'Tray of the phone');
  await page.goto('/data');
  await open(page, later);
  const jobs = comparison(page).getByRole('button', { name: /^Jobs: / });
  await expect(jobs).toHaveAccessibleName(
    `Jobs: 1 newer than here, ${demoJobs.length - 2} the same as here and 1 changed in both`,
  );
  await jobs.tap();
  await expect(comparison(page)).toContainText('Newer than here: Step of the laptop');
  const conflict = page.getByTestId('conflicts');
  await expect(conflict).toContainText('Tray of the laptop');
  await conflict.getByRole('radio', { name: 'Keep both' }).tap();
  // Each device has settings of its own.
  await conflict
    .getByRole('radiogroup', { name: 'Settings' })
    .getByRole('radio', { name: 'Keep mine' })
    .tap();
  await page.getByRole('button', { name: /^Merge: take/ }).tap();
  await expect(page.getByText(`${demoJobs.length + 1} jobs`)).toBeVisible();
  await page.getByRole('link', { name: 'Jobs' }).tap();
  for (const name of [
    'Tray of the phone',
    'Tray of the laptop (from the file)',
    'Step of the laptop',
  ]) {
    await expect(page.getByRole('link', { name: `Open ${name}`, exact: true })).toBeVisible();
  }
  // Asked once: the next time it is no conflict any more.
  await page.getByRole('link', { name: 'Data' }).tap();
  await open(page, later);
  await expect(comparison(page)).toContainText('1 older than here');
  await expect(conflict).toHaveCount(0);
});

test('a file that is damaged, foreign or a trap is refused in a sentence, and nothing is changed', async ({
  page,
}) => {
  await page.goto('/data');
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  const before = await storedTexts(page);
  for (const [buffer, words] of [
    [Buffer.from('PK\u0003\u0004 and nothing more'), 'This is not a ZIP archive'],
    [Buffer.from('<html>'), 'This file is not JSON'],
    [
      Buffer.from(
        '{"format":"nipperkin-data","version":1,"records":[{"key":"#device","text":"x"}]}',
      ),
      'records[0].key',
    ],
  ] as const) {
    await open(page, { name: 'a.zip', buffer });
    await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
  }
  expect(await storedTexts(page)).toEqual(before);
});

test('safety copies are made before a file is opened and by hand, and lead back', async ({
  page,
}) => {
  await page.goto('/data');
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
  const copies = page.getByTestId('safety-copies');
  await copies.getByRole('button', { name: 'Make a copy now' }).tap();
  await expect(copies.getByTestId('safety-copy')).toHaveCount(1);
  await expect(copies.getByTestId('safety-copy')).toContainText(
    /just now\d+ records, \d+.kB, made by hand/,
  );
  await page.getByRole('button', { name: 'Start from empty' }).tap();
  await expect(page.getByText(nothing)).toBeVisible();
  await expect(copies.getByTestId('safety-copy').first()).toContainText('before starting over');
  await copies
    .getByRole('button', { name: /^Go back to/ })
    .last()
    .tap();
  await expect(comparison(page)).toContainText(`${demoJobs.length} deleted here since`);
  await page.getByRole('button', { name: 'Replace everything' }).tap();
  await expect(page.getByText(`${demoJobs.length} jobs`)).toBeVisible();
});

test('one file on the disk is kept up to date, where the browser can', async ({ page }) => {
  // The picker belongs to the browser and cannot be driven: a file of its private disk stands in for the person's.
  await page.addInitScript(() => {
    const root = (): Promise<FileSystemDirectoryHandle> => navigator.storage.getDirectory();
    window.showSaveFilePicker = async (options) =>
      (await root()).getFileHandle(options?.suggestedName ?? 'a.zip', { create: true });
    FileSystemHandle.prototype.queryPermission = async () => 'granted';
  });
  await page.goto('/data');
  await page.getByRole('button', { name: 'Keep one file up to date' }).tap();
  await expect(page.getByTestId('kept-file')).toContainText(
    'nipperkin-workshop.zip is kept up to date',
  );
  await expect(page.getByTestId('unsaved')).toHaveText('Everything is in the last file.');
  const bytes = await page.evaluate(async () => {
    const root = await navigator.storage.getDirectory();
    const handle = await root.getFileHandle('nipperkin-workshop.zip');
    return [...new Uint8Array(await (await handle.getFile()).arrayBuffer())];
  });
  await open(page, { name: 'a.zip', buffer: Buffer.from(bytes) });
  await expect(comparison(page)).toContainText('Everything here is as it is in the file.');
});

test('whoever has changed much is asked to save a file, and may put it off', async ({ page }) => {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  await putText(page, '#device', '{"id":"here","writes":240}');
  await page.reload();
  const asked = page.getByRole('alert').filter({ hasText: '240 changes' });
  await expect(asked).toBeVisible();
  await asked.getByRole('button', { name: 'Not now' }).tap();
  await expect(asked).toHaveCount(0);
});
