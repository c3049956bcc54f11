import { demoJobs } from '../src/data/demo/demoJobs';
import { readFileSync } from 'node:fs';
import exampleFile from '../docs/formats/drawer-tray.job.json';
import { expect, figure, part, test, toStep } from './app';

test('the mixing sheet is copied as text', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/jobs/demo-drawer-tray/mix');
  await page.getByRole('button', { name: 'Mixing sheet' }).tap();
  await page.getByRole('button', { name: 'Copy as text' }).tap();
  await expect(page.getByText('Copied the mixing sheet')).toBeVisible();
  const text = (await page.evaluate(() => navigator.clipboard.readText())).replaceAll(
    '\u00a0',
    ' ',
  );
  expect(text).toContain('3 equal batches of 699 ml\n  A 592 g (524 ml)\n  B 171 g (175 ml)');
});

test('the sheet prints on paper, whole and without the buttons', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/sheet');
  await expect(page.getByText('Layer 3')).not.toHaveCount(0);
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden();
  await expect(page.getByText('the safety data sheet of the resin decide')).toBeVisible();
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect([...pdf.matchAll(/\/Type\s*\/Page\b/g)].length).toBeGreaterThanOrEqual(1);
  const sheetEnd = await page.getByText('the safety data sheet of the resin decide').boundingBox();
  const documentHeight = await page.evaluate(() => document.documentElement.scrollHeight);
  expect(sheetEnd?.y ?? Infinity).toBeLessThan(documentHeight);
});

test('a job goes out as a file and comes in again with the same figures', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).tap(),
  ]);
  expect(download.suggestedFilename()).toBe('drawer-tray.job.json');
  const file = JSON.parse(readFileSync(await download.path(), 'utf8'));
  expect(file.measure).toEqual(exampleFile.measure);

  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).tap(),
  ]);
  await chooser.setFiles({
    name: 'from-elsewhere.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...exampleFile, name: 'From elsewhere' })),
  });
  await expect(page.getByRole('heading', { name: 'From elsewhere' })).toBeVisible();
  await toStep(page, 'resin');
  await page.getByRole('button', { name: 'Put it on the shelf' }).tap();
  await expect(page.getByRole('radio', { name: 'Slow clear' })).toHaveCount(3);
  await toStep(page, 'mix');
  await expect(part(page, 'A')).toContainText(figure('592 g'));
});

test('a file that is not a job is refused with the place and the reason', async ({ page }) => {
  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).tap(),
  ]);
  await chooser.setFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      JSON.stringify({ ...exampleFile, container: { capacity: '32 oz', fill: '80 %' } }),
    ),
  });
  await expect(page.getByRole('alert')).toContainText('container.capacity');
  await expect(page.getByRole('alert')).toContainText('US fl oz, imp fl oz or oz weight');
  await expect(page.getByRole('listitem')).toHaveCount(demoJobs.length);
});
