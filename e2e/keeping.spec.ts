import { demoRecordCount } from '../src/data/demo/demoRecords';
import { demoMoulds } from '../src/data/demo/demoMoulds';
import { demoResins } from '../src/data/demo/demoResins';
import { demoJobs } from '../src/data/demo/demoJobs';
import { readFileSync } from 'node:fs';
import { readWorkshop } from '../src/data/workshop/workshopFile';
import { expect, figure, fromMenu, mainFigure, openEmpty, saved, test, toPiece, type } from './app';

test('in inches and °F everything is told so, and bare figures are meant so', async ({ page }) => {
  await page.goto('/data');
  await page.getByRole('radio', { name: 'Inches' }).tap();
  await page.getByRole('radio', { name: '°F' }).tap();
  await page.getByRole('link', { name: 'Jobs' }).tap();
  await page.getByRole('link', { name: 'Open Drawer tray' }).tap();
  await expect(page.getByText(figure('room 69.8 °F'))).toBeVisible();
  await expect(page.getByText(figure('heights in inches'))).toBeVisible();
  await page.getByTestId('step-measure').tap();
  // 1905 ml and a tenth more; what was typed in millimetres is read back.
  await expect(mainFigure(page)).toContainText(figure('to mix 2096 ml · 0.55 US gal'));
  await expect(page.getByTestId('cavity-1')).toContainText(figure('= 1.25 in'));
  await type(page.getByLabel('Length'), '12');
  await expect(page.getByLabel('Length')).toHaveValue('12');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Length')).toHaveValue('12 in');
  await page.reload();
  await expect(page.getByLabel('Length')).toHaveValue('12 in');
  await expect(page.getByTestId('cavity-1')).toContainText(figure('= 1.25 in'));
});

test('from empty, to the demo, and back by undo', async ({ page }) => {
  await openEmpty(page, '/jobs');
  await expect(page.getByText('No jobs yet')).toBeVisible();
  await page.getByRole('button', { name: 'Load the demo' }).tap();
  await expect(page.getByRole('listitem')).toHaveCount(demoJobs.length);
  await page.getByRole('link', { name: 'Data' }).tap();
  await page.getByRole('button', { name: 'Start from empty' }).tap();
  await expect(page.getByText('0 jobs, 0 resins, 0 moulds, 0 pours and 0 records')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(
    page.getByText(
      `${demoJobs.length} jobs, ${demoResins.length} resins, ${demoMoulds.length} moulds, 1 pour and ${demoRecordCount} records`,
    ),
  ).toBeVisible();
  await page.reload();
  await expect(
    page.getByText(
      `${demoJobs.length} jobs, ${demoResins.length} resins, ${demoMoulds.length} moulds, 1 pour and ${demoRecordCount} records`,
    ),
  ).toBeVisible();
});

test('a device that refuses to keep data: said at once, nothing lost while the page is open, offered as a file', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  await expect(saved(page)).toBeVisible();
  // The device, not our code, is at fault here: its disk is full.
  await page.evaluate(() => {
    IDBObjectStore.prototype.put = () => {
      throw new DOMException('The quota has been exceeded.', 'QuotaExceededError');
    };
  });
  await type(page.getByLabel('Depth'), '10 mm');
  await expect(page.getByRole('alert')).toContainText('refuses to keep data');
  await expect(page.getByTestId('save-state')).toHaveText('not saved');
  await toPiece(page);
  await page.getByRole('button', { name: 'Back' }).tap();
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toContainText(
    figure('660 ml'),
  );
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('alert').getByRole('button', { name: 'Save as a file' }).tap(),
  ]);
  const { records } = readWorkshop(readFileSync(await download.path()));
  expect(records.get('job/demo-drawer-tray')).toContain('"depth":"10 mm"');
});

test('two windows: the second follows the first', async ({ page, context }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const other = await context.newPage();
  await other.goto('/jobs/demo-drawer-tray/measure');
  await type(page.getByLabel('Depth'), '10 mm');
  await expect(other.getByLabel('Depth')).toHaveValue('10 mm');
  await expect(mainFigure(other)).toContainText(figure('660 ml'));
});

test('two windows: a job deleted in one is not lost from the other', async ({ page, context }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  await expect(saved(page)).toBeVisible();
  const other = await context.newPage();
  await other.goto('/jobs');
  await fromMenu(other, 'Delete', 'Drawer tray');
  await expect(page.getByText('Deleted in another window')).toBeVisible();
  await page.getByRole('button', { name: 'Keep mine' }).tap();
  await expect(other.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
});

test('the notices of what the app is built with are in it', async ({ page }) => {
  const notices = await (await page.request.get('/licences.txt')).text();
  for (const name of ['react', 'yup', '@mdi/js', 'react-native-web']) {
    expect(notices).toMatch(new RegExp(`^${name} \\d+\\.\\d+`, 'm'));
  }
});
