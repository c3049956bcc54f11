import { expect, test } from './app';

const file = 'docs/formats/harbour-shelf.record.json';

test('a record from a file: what is wrong with it, why, and how it turned out', async ({
  page,
}) => {
  await page.goto('/records');
  await expect(page.getByLabel('Open the record of Companionway step')).toBeVisible();
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).tap();
  await (await chooser).setFiles(file);

  await expect(page.getByTestId('cause-badly-mixed')).toContainText('stirred for 70 s');
  await page.getByTestId('cause-ratio-off').getByRole('button').tap();
  await expect(page.getByTestId('cause-ratio-off')).toContainText(/Batch 2 was 6\s% over in B/);
  await expect(page.getByTestId('record-layer-1/2')).toContainText(/B 148\.4\sg \(\+6\s%\)/);

  // Another fault has other causes, and what is known of the timber speaks against one.
  await page.getByTestId('add-fault').getByRole('button').first().tap();
  await page.getByLabel('Search fault').fill('timber');
  await page.getByRole('radio', { name: 'Bubbles at timber' }).tap();
  await expect(page.getByTestId('fault-bubbles-at-timber')).toContainText('a flaw one sees');
  await page.getByRole('button', { name: /What was made ready/ }).tap();
  await page.getByRole('button', { name: /Timber sealed/ }).tap();
  await page.getByRole('radio', { name: 'no', exact: true }).tap();
  await page.getByTestId('cause-timber-unsealed').getByRole('button').tap();
  await expect(page.getByTestId('cause-timber-unsealed')).toContainText('The timber was left bare');

  await page.getByLabel('Notes').fill('Planed off and poured anew.');
  await page.goto('/records');
  await expect(page.getByLabel('Open the record of Harbour shelf')).toContainText(
    'Tacky, soft spots, bubbles at timber',
  );
  await page.getByLabel('Open the record of Harbour shelf').tap();
  await expect(page.getByLabel('Notes')).toHaveValue('Planed off and poured anew.');

  // Its job is gone: it is made once more, and minds what went wrong.
  const record = page.url();
  await page
    .getByRole('button', { name: /^Put it into the next plan: / })
    .first()
    .tap();
  await expect(page).toHaveURL(/\/jobs\//);
  await page.getByTestId('step-prepare').tap();
  await expect(page.getByText(/^An earlier piece: /)).toBeVisible();
  await page.goto(record);

  // Beside another piece, what was done otherwise is seen.
  await page.getByTestId('beside-another').getByRole('button').first().tap();
  await page.getByRole('radio', { name: /^Tray for the chart drawer/ }).tap();
  await expect(page.getByTestId('beside-another')).toContainText('Furthest off its ratio');

  await page.getByRole('button', { name: 'Delete this record' }).tap();
  await expect(page.getByLabel('Open the record of Harbour shelf')).toHaveCount(0);
  await page.getByText('Undo').tap();
  await expect(page.getByLabel('Open the record of Harbour shelf')).toBeVisible();
});

test('a file that is no record says what is wrong with it', async ({ page }) => {
  await page.goto('/records');
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).tap();
  await (
    await chooser
  ).setFiles({
    name: 'slip.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ format: 'nipperkin-record', version: 1, title: 'x' })),
  });
  await expect(page.getByRole('alert')).toContainText('at name');
  await page.goto('/records/nobody');
  await expect(page.getByText('No such record')).toBeVisible();
});

test('records are saved as a table', async ({ page }) => {
  await page.goto('/records');
  await expect(page.getByLabel(/^Open the record of/)).toHaveCount(27);
  await page.getByRole('button', { name: /^Narrow it down/ }).tap();
  const saving = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save these 27 as a table' }).tap();
  expect((await saving).suggestedFilename()).toBe('records.csv');
});

test('records are narrowed by lot and by when they were made', async ({ page }) => {
  await page.goto('/records');
  await page.getByRole('button', { name: /^Narrow it down/ }).tap();
  await page.getByRole('button', { name: /^Lot: / }).tap();
  await page.getByRole('radio', { name: 'Clear 3' }).tap();
  await expect(page.getByLabel(/^Open the record of/)).toHaveCount(1);
  await page.getByRole('button', { name: /^Lot: / }).tap();
  await page.getByRole('radio', { name: 'any', exact: true }).tap();
  await page.getByRole('button', { name: /^Made: / }).tap();
  await page.getByRole('radio', { name: 'in the last month' }).tap();
  await expect(page.getByLabel('Open the record of Tray for the chart drawer')).toBeVisible();
  await expect(page.getByLabel('Open the record of Companionway step')).toHaveCount(0);
});

test('readings come out of a table: its columns are found, °F is suspected, and a slip is told', async ({
  page,
}) => {
  await page.goto('/records/demo-record-tray');
  const table = page.getByTestId('readings-from-table');
  const give = async (text: string): Promise<void> => {
    const chooser = page.waitForEvent('filechooser');
    await table.getByRole('button', { name: 'Readings from a table' }).tap();
    await (
      await chooser
    ).setFiles({ name: 'logger.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  await give('minutes;probe\n30;72,5\n60;75,2\n90;80,6\n');
  await expect(table).toContainText('That looks like °F');
  await table.getByRole('radio', { name: '°F' }).tap();
  await expect(table).toContainText(/3 readings: 22\.5\s°C at .* to 27\s°C at/);
  await table.getByRole('button', { name: 'Take 3 readings' }).tap();
  await expect(page.getByText(/7 readings up to 40\s°C/)).toBeVisible();

  await give('minutes,probe\n30,22\n60,23\n50,24\n');
  await expect(table.getByRole('alert')).toContainText('Put them in the order of their times');
  await table.getByRole('button', { name: 'Leave it' }).tap();
  await give('name,colour\nx,red\n');
  await expect(table.getByRole('alert')).toContainText('No column of times');
});
