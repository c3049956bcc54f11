import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import {
  chooseOn,
  expect,
  figure,
  line,
  mainFigure,
  part,
  saved,
  test,
  toPiece,
  toStep,
  type,
} from './app';

/** The row of a pour in the list of the work, counted from 1. */
const row = (page: Page, pour: number) => page.getByTestId(`pour-${pour}`);
const rows = (page: Page) => page.getByTestId(/^pour-\d+$/);

test('one pour says nothing of pours; a coat is added, bought, mixed, and taken away again', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray');
  await expect(rows(page)).toHaveCount(0);
  await line(page, 'Add another pour').tap();
  await page.getByRole('button', { name: 'Coat the top' }).tap();
  await expect(rows(page)).toHaveCount(2);
  await expect(row(page, 2)).toContainText(figure('level surface at 32 mm, 3 mm thick'));
  await expect(row(page, 2)).toContainText('Table coat');
  // 300 × 200 mm, 3 mm thick, and a tenth more.
  await expect(row(page, 2)).toContainText(figure('198 ml'));
  await toStep(page, 'place');
  await type(page.getByTestId('pour-editor').getByLabel('Thickness'), '2');
  await expect(mainFigure(page)).toContainText(figure('120 ml'));
  await toPiece(page);
  await expect(row(page, 2)).toContainText(figure('132 ml'));
  await expect(page.getByTestId('face-2')).toHaveCount(1);

  await toStep(page, 'buy');
  await expect(page.getByTestId('buying')).toContainText('Slow clear');
  await expect(page.getByTestId('buying')).toContainText('Table coat');
  await expect(page.getByTestId('buying')).toContainText('For Flood coat');

  await toPiece(page);
  await row(page, 2).tap();
  await toStep(page, 'mix');
  // 132 ml of Table coat, two to one by weight.
  await expect(part(page, 'A')).toContainText(figure('93 g'));
  await toPiece(page);
  await row(page, 1).tap();
  await toStep(page, 'mix');
  await expect(part(page, 'A')).toContainText(figure('592 g'));
  await expect(saved(page)).toBeVisible();
  await toPiece(page);
  await page.reload();
  await expect(rows(page)).toHaveCount(2);

  await row(page, 2).tap();
  await toStep(page, 'place');
  await page.getByRole('button', { name: 'Remove this pour' }).tap();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await toPiece(page);
  await expect(rows(page)).toHaveCount(2);
});

test('another resin from here up: two fills that meet, and a warning where they do not', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-bowl');
  await line(page, 'Add another pour').tap();
  await page.getByRole('button', { name: 'Another resin from here up' }).tap();
  await expect(row(page, 2)).toContainText(figure('64 mm to 80 mm'));
  await toStep(page, 'place');
  const editor = page.getByTestId('pour-editor');
  await type(editor.getByLabel(/^From/), '20 mm');
  await expect(editor.getByRole('alert')).toContainText('Let one end where the other begins');
  await toPiece(page);
  await row(page, 1).tap();
  await toStep(page, 'place');
  await type(editor.getByLabel(/^Up to/), '20 mm');
  await expect(editor.getByRole('alert')).toHaveCount(0);
  await expect(mainFigure(page)).toContainText(figure('0 mm to 20 mm'));
  await type(editor.getByLabel(/^Up to/), '18 mm');
  await expect(page.getByText(figure('Nothing is poured between 18 mm and 20 mm'))).toBeVisible();
  // The upper one is not in hand: its row says that the lower one takes from it.
  await type(editor.getByLabel(/^Up to/), '25 mm');
  await expect(editor.getByRole('alert')).toHaveCount(0);
  await toPiece(page);
  await expect(row(page, 2)).toContainText('Something in it is not right yet');
  await row(page, 2).tap();
  await page.getByRole('button', { name: 'Put right: Place' }).tap();
  await expect(editor.getByRole('alert')).toContainText(
    figure('pour 1 fills from 0 mm to 25 mm already'),
  );
});

test('stone chips: what to weigh, and no more than a heap of them packs', async ({ page }) => {
  await page.goto('/jobs/demo-pot-stands/colour?pour=2');
  const fillers = page.getByTestId('fillers');
  await expect(fillers).toContainText('Slate chips');
  await expect(fillers.getByRole('status')).toContainText('of resin in');
  await chooseOn(fillers, 'How much of it', 'A share of the mix');
  await type(fillers.getByLabel('Of the mixed volume'), '60');
  await expect(fillers.getByRole('alert')).toContainText('its own loose heap packs');
  await type(fillers.getByLabel('Of the mixed volume'), '40');
  await expect(fillers.getByRole('alert')).toHaveCount(0);
  await toStep(page, 'mix');
  await expect(page.getByTestId('figures')).toContainText('Slate chips');
});

test('what lies below is told with the heat of what comes on top', async ({ page }) => {
  await page.goto('/jobs/demo-pot-stands/heat?pour=2');
  await expect(page.getByTestId('heat')).toContainText('It stands on Clear face, poured');
});

test('a job of several pours is saved as a file that is read again', async ({ page }) => {
  await page.goto('/jobs/demo-galley-inlay');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).tap(),
  ]);
  const text = readFileSync(await download.path(), 'utf8');
  const job = JSON.parse(text) as { version: number; pours: { name: string }[] };
  expect(job.version).toBe(2);
  expect(job.pours.map(({ name }) => name)).toEqual(['Seal the edges', 'Fill', 'Flood coat']);
  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).tap(),
  ]);
  await chooser.setFiles({
    name: 'step.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replace('Galley step, live-edge inlay', 'Another step')),
  });
  await expect(page.getByRole('heading', { name: 'Another step' })).toBeVisible();
  await expect(rows(page)).toHaveCount(3);
});

test('a pour in another room is planned there, and says so wherever it is named', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-inlay/place');
  const editor = page.getByTestId('pour-editor');
  await editor.getByRole('checkbox', { name: 'In another room than the rest' }).tap();
  await expect(editor.getByLabel('Room of this pour')).toHaveValue('17 °C');
  await type(editor.getByLabel('Room of this pour'), '24 °C');
  await toPiece(page);
  await expect(row(page, 1)).toContainText(figure('room 24 °C'));
  await expect(row(page, 2)).not.toContainText('room');
  await toStep(page, 'heat');
  await expect(page.getByTestId('heat-room')).toContainText('24 °C');
  await toStep(page, 'place');
  await editor.getByRole('checkbox', { name: 'In another room than the rest' }).tap();
  await toPiece(page);
  await expect(row(page, 1)).not.toContainText('room');
  await expect(saved(page)).toBeVisible();
});
