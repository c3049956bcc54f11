import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { storedTexts } from './storage';

async function openRecords(page: Page): Promise<void> {
  await page.goto('/records');
  await expect(page.getByLabel('Open the record of Companionway step')).toBeVisible();
}

test('a piece that was made without the bench is written down, kept while it is typed, and put right', async ({
  page,
}) => {
  await openRecords(page);
  await page.getByRole('button', { name: 'Write one down' }).tap();
  await page.getByLabel('What the piece is called').fill('Shelf of before');
  await page.getByLabel('Poured on').fill('2026-03-02T09:00');
  await page.getByLabel('Room', { exact: true }).fill('14');
  const batch = page.getByTestId('hand-batch-1-1');
  await batch.getByLabel('A weighed').fill('412');
  await batch.getByLabel('B weighed').fill('151');
  await batch.getByLabel('Stirred for').fill('70 s');
  await expect(page.getByText('not saved')).toBeVisible();

  // What was typed is there again after the page was left.
  await page.goto('/records');
  await page.getByRole('button', { name: 'Go on with Shelf of before' }).tap();
  await expect(batch.getByLabel('A weighed')).toHaveValue('412 g');
  await page.getByTestId('hand-layer-1').getByLabel('Depth').fill('soft');
  await page.getByRole('button', { name: 'Keep the record' }).tap();
  await expect(page.getByText(/One entry|1 entry|is wrong/i).first()).toBeVisible();
  await page.getByTestId('hand-layer-1').getByLabel('Depth').fill('22');
  await page.getByRole('button', { name: 'Keep the record' }).tap();

  await expect(page.getByRole('heading', { level: 1, name: 'Shelf of before' })).toBeVisible();
  await expect(page.getByTestId('record-layer-1/1')).toContainText('stirred for 70 s');
  await page.getByRole('button', { name: 'Put it right by hand' }).tap();
  await page.getByTestId('hand-batch-1-1').getByLabel('B weighed').fill('131');
  await page.getByRole('button', { name: 'Add a batch' }).tap();
  await page.getByTestId('hand-batch-1-2').getByLabel('A weighed').fill('400');
  await page.getByRole('button', { name: 'Save the record' }).tap();
  await expect(page.getByTestId('record-layer-1/1')).toContainText(/131\.0\sg/);
  await expect(page.getByTestId('record-layer-1/2')).toContainText(/400\.0\sg/);

  // Found again by the day that it was made on.
  await openRecords(page);
  await page.getByRole('button', { name: /^Narrow it down/ }).tap();
  await page.getByRole('button', { name: /^Made: / }).tap();
  await page.getByRole('radio', { name: 'between two days' }).tap();
  await page.getByLabel('From', { exact: true }).fill('2026-03-01');
  await page.getByLabel('Up to', { exact: true }).fill('2026-03-02');
  await expect(page.getByLabel(/^Open the record of /)).toHaveCount(1);
  await expect(page.getByLabel('Open the record of Shelf of before')).toBeVisible();
});

const table = [
  'Project;Date;Epoxy;Temp F;A oz;B oz;Problems',
  'Old tray;3/4/2026;Slow clear;64;10,5;3,1;craters',
  'Old tray;3/4/2026;Slow clear;64;10,5;3,3;',
  'Old hook;3/6/2026;Somebody’s;66;2;1;=too dear',
].join('\n');

test('records come out of a table of one’s own: its days are asked, a slip is told by its row', async ({
  page,
}) => {
  await openRecords(page);
  const open = async (text: string): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await page.getByRole('button', { name: 'Open a file' }).tap();
    await (
      await chooser
    ).setFiles({ name: 'old.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  const panel = page.getByTestId('records-from-table');
  await open(table.replace('10,5', 'much'));
  await expect(panel).toContainText('Row 2, A oz: much is no figure');
  await panel.getByRole('button', { name: 'Leave it' }).tap();

  await open(table);
  await expect(panel).toContainText('2 pieces with 3 batches');
  await expect(panel).toContainText('Say first which way its days are written');
  await expect(panel.getByRole('button', { name: 'Take 2 records' })).toBeDisabled();
  await panel.getByRole('radio', { name: '5 April 2026' }).tap();
  await panel.getByRole('button', { name: 'Take 2 records' }).tap();
  await page.getByLabel('Open the record of Old tray').tap();
  await expect(page.getByTestId('record-layer-1/1')).toContainText(/A 297\.7\sg/);
  await expect(page.getByTestId('fault-craters')).toBeVisible();
});

/** A picture with notes of a camera in it, as a JPEG has them: a segment of its own. */
async function cameraPhoto(page: Page): Promise<Buffer> {
  const plain = await page.evaluate(() => {
    const made = document.createElement('canvas');
    made.width = 3000;
    made.height = 2000;
    made.getContext('2d')!.fillRect(0, 0, 1500, 2000);
    return made.toDataURL('image/jpeg').split(',')[1] ?? '';
  });
  const jpeg = Buffer.from(plain, 'base64');
  const notes = Buffer.from('Exif\0\0 taken at 51.50 N 0.12 W, somebody’s camera');
  const head = Buffer.from([0xff, 0xe1, 0, notes.length + 2]);
  return Buffer.concat([jpeg.subarray(0, 2), head, notes, jpeg.subarray(2)]);
}

test('photos of a piece are made small, without what the camera wrote into them, and told with their size', async ({
  page,
}) => {
  await openRecords(page);
  await page.getByLabel('Open the record of Companionway step').tap();
  const photos = page.getByTestId('photos');
  const add = async (files: { name: string; mimeType: string; buffer: Buffer }[]) => {
    const chooser = page.waitForEvent('filechooser');
    await photos.getByRole('button', { name: 'Add photos' }).tap();
    await (await chooser).setFiles(files);
  };
  const buffer = await cameraPhoto(page);
  await add([
    { name: 'step.jpg', mimeType: 'image/jpeg', buffer },
    { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
  ]);
  // What could be read is kept, what could not is told.
  await expect(photos.getByRole('alert')).toContainText('This picture cannot be read');
  await expect(page.getByTestId('photos-size')).toContainText(/1 photo · \d+\skB on this device/);
  await photos.getByRole('button', { name: 'Photo 1 of 1' }).tap();
  const large = photos.getByRole('img', { name: 'Photo 1 of 1, large' });
  await expect(large).toBeVisible();
  expect(await large.evaluate((image: HTMLImageElement) => image.naturalWidth)).toBe(1280);
  const stored = Object.entries(await storedTexts(page)).filter(([key]) =>
    key.startsWith('photo/'),
  );
  const bytes = stored.map(([, text]) =>
    Buffer.from(
      (JSON.parse(text) as { picture: string }).picture.split(',')[1]!,
      'base64',
    ).toString('latin1'),
  );
  expect(bytes.every((text) => !text.includes('Exif') && !text.includes('51.50'))).toBe(true);

  await photos.getByRole('button', { name: 'Take this photo away' }).tap();
  await expect(page.getByTestId('photos-size')).toContainText('None yet');
  await page.getByText('Undo').tap();
  await expect(page.getByTestId('photos-size')).toContainText('1 photo');
});
