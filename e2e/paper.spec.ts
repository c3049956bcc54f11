import { readFile } from 'node:fs/promises';
import type { Page } from '@playwright/test';
import { expect, figure, test, typeOn } from './app';
import { codeIn, drawingAddress } from './pictures';

async function saved(page: Page, button: string): Promise<{ name: string; bytes: Buffer }> {
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: button, exact: true }).tap(),
  ]);
  return { name: download.suggestedFilename(), bytes: await readFile(await download.path()) };
}

test('the sheet of a job is saved as a PDF and as a drawing, in the letters of the app', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray/sheet');
  await expect(page.getByText(figure('3 equal batches of 699 ml'))).toBeVisible();
  const pdf = await saved(page, 'Save as PDF');
  expect(pdf.name).toBe('drawer-tray.pdf');
  expect(pdf.bytes.subarray(0, 5).toString()).toBe('%PDF-');
  expect(pdf.bytes.toString('latin1')).toContain('/FontFile2');
  const svg = await saved(page, 'Save as SVG');
  expect(svg.name).toBe('drawer-tray.svg');
  const drawing = svg.bytes.toString('utf8');
  expect(drawing).toContain('>592</text>');
  expect(drawing).toContain('>171</text>');
  expect(drawing).toContain("font-family:'Nipperkin Bold';src:url(data:font/ttf;base64,");
});

test('a name in letters that the PDF does not have is told, with what has them', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray');
  await typeOn(page, 'Name', 'Tray 漆');
  await page.getByRole('button', { name: 'Mixing sheet' }).tap();
  await saved(page, 'Save as PDF');
  await expect(page.getByText('The PDF’s letters have no 漆')).toBeVisible();
});

test('a label of a pot has a code that opens its card', async ({ page }) => {
  await page.goto('/shelf/demo-slow-clear');
  await page.getByRole('button', { name: 'Print a label' }).tap();
  const preview = page.getByRole('img', { name: 'Label: Slow clear' });
  await expect(preview).toBeVisible();
  const pdf = await saved(page, 'Save as PDF');
  expect(pdf.name).toBe('slow-clear.label.pdf');
  const svg = await saved(page, 'Save as SVG');
  const address = await codeIn(page, drawingAddress(svg.bytes.toString('utf8')));
  expect(new URL(address).pathname).toBe('/shelf/demo-slow-clear');
  await page.goto(address);
  await expect(page.getByRole('heading', { name: 'Slow clear' })).toBeVisible();
  // More than a roll has is refused, and nothing is saved.
  await page.getByRole('button', { name: 'Print a label' }).tap();
  await page.getByRole('textbox', { name: 'How many' }).fill('1000');
  await expect(page.getByText(/\b240\b/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Save as PDF' })).toHaveAttribute(
    'aria-disabled',
    'true',
  );
});
