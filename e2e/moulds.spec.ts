import { readFileSync } from 'node:fs';
import { chooseOn, expect, figure, fromMenu, saved, test, toStep, type } from './app';

test('a cavity is kept as a mould, poured in a new job by the count, and mended in the library', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-bowl/measure');
  await page.getByTestId('cavity-1').getByRole('button', { name: 'Keep as a mould' }).tap();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Bowl');
  const cavity = page.getByTestId('mould-cavity-1');
  await expect(cavity.getByLabel('It holds')).toHaveValue('1642 ml');
  await expect(cavity).toContainText('Its measured form is kept');
  await page.getByRole('button', { name: 'Keep the mould' }).tap();
  await expect(page.getByText('Choose what the mould is made of')).toBeVisible();
  await chooseOn(page, 'It is made of', 'Silicone');
  await page.getByRole('button', { name: 'Keep the mould' }).tap();

  await page.goto('/moulds');
  await page.getByRole('link', { name: 'Open Bowl' }).tap();
  await page.getByRole('button', { name: 'Pour it in a new job' }).tap();
  const part = page.getByTestId('cavity-1');
  await expect(part).toContainText(figure('1642 ml'));
  await expect(saved(page)).toBeVisible();
  await part.getByRole('button', { name: 'More count' }).tap();
  await expect(part).toContainText(figure('3284 ml'));
  // The lower half of a bowl's depth holds 620 ml, as its form was measured; a straight one would hold 821.
  await toStep(page, 'layers');
  await chooseOn(page, 'Poured in', /Heights of my own/);
  await type(page.getByLabel('Layer 1 ends at'), '40');
  await toStep(page, 'mix');
  await expect(page.getByTestId('figures')).toContainText(figure('1240 ml'));
  await expect(saved(page)).toBeVisible();

  await page.goto('/moulds');
  await page.getByRole('link', { name: 'Open Bowl' }).tap();
  await type(page.getByTestId('mould-cavity-1').getByLabel('It holds'), '1600');
  await expect(page.getByTestId('mould-cavity-1')).toContainText('as straight');
  await page.getByRole('button', { name: 'Save the mould' }).tap();
  await expect(page.getByRole('link', { name: 'Open Bowl' })).toContainText(figure('1600 ml'));
  await page.goto('/jobs');
  await page.getByRole('link', { name: 'Open Bowl' }).tap();
  await toStep(page, 'measure');
  await expect(page.getByTestId('cavity-1')).toContainText(figure('3200 ml'));
});

test('a mould goes out as a file and comes in again; a damaged one is refused with its place', async ({
  page,
}) => {
  await page.goto('/moulds/demo-cleat-mould');
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Save as a file' }).tap(),
  ]);
  expect(download.suggestedFilename()).toBe('cleats-four-in-a-row.mould.json');
  const file = JSON.parse(readFileSync(await download.path(), 'utf8')) as {
    name: string;
    cavities: { volume: string }[];
  };
  const openFile = async (content: object): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).tap(),
    ]);
    await chooser.setFiles({
      name: 'theirs.mould.json',
      mimeType: 'application/json',
      buffer: Buffer.from(JSON.stringify(content)),
    });
  };
  await page.goto('/moulds');
  const [first] = file.cavities;
  await openFile({ ...file, cavities: [{ ...first, volume: '30 ml' }] });
  await expect(page.getByText('The kept form holds')).toBeVisible();
  await expect(page.getByText('Nothing was read (at mould.cavities[0].volume)')).toBeVisible();
  await openFile({ ...file, name: 'Cleats from elsewhere' });
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Cleats from elsewhere');
  await expect(page.getByTestId('mould-cavity-1')).toContainText('Its measured form is kept');
});

test('several cavities become one mould; one is taken out and put back; the mould is deleted and put back', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-knobs/measure');
  await page.getByRole('button', { name: 'Keep all cavities as one mould' }).tap();
  await expect(page.getByTestId('mould-cavity-3')).toBeVisible();
  await page.getByRole('button', { name: 'Remove cavity 1' }).tap();
  await expect(page.getByTestId('mould-cavity-3')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByTestId('mould-cavity-3')).toBeVisible();
  await chooseOn(page, 'It is made of', 'Silicone');
  await page.getByRole('button', { name: 'Keep the mould' }).tap();
  await page.goto('/moulds');
  const row = page.getByRole('listitem').filter({ hasText: 'Drawer knobs and pulls' });
  await expect(row).toContainText(figure('246 ml'));
  await expect(row).toContainText('22 cavities');
  await fromMenu(page, 'Delete', 'Drawer knobs and pulls');
  await expect(row).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(row).toBeVisible();
});

test('a photo of the mould is kept small with its card', async ({ page }) => {
  await page.goto('/moulds/demo-button-mould');
  const picture = await page.evaluate(() => {
    const made = document.createElement('canvas');
    made.width = 2000;
    made.height = 1000;
    return made.toDataURL('image/png').split(',')[1] ?? '';
  });
  const choose = async (buffer: Buffer): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await page
      .getByRole('button', { name: /photo$/ })
      .first()
      .tap();
    await (await chooser).setFiles({ name: 'mould.png', mimeType: 'image/png', buffer });
  };
  await choose(Buffer.from('no picture at all'));
  await expect(page.getByText('This picture cannot be read')).toBeVisible();
  await choose(Buffer.from(picture, 'base64'));
  await expect(page.getByRole('img', { name: 'Photo of the mould' })).toBeVisible();
  await page.getByRole('button', { name: 'Save the mould' }).tap();
  // It leaves the screen once it is written.
  await expect(page.getByRole('button', { name: 'Save the mould' })).toBeHidden();
  await page.goto('/moulds/demo-button-mould');
  const shown = page.getByRole('img', { name: 'Photo of the mould' });
  await expect(shown).toBeVisible();
  const width = await shown.evaluate((image: HTMLImageElement) => image.naturalWidth);
  expect(width).toBe(640);
});
