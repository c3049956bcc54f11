import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { beginBench, benchHead, benchMain, keyIn, liveRecords, readJobFile } from './bench';

const heading = (page: Page) =>
  page.getByRole('heading', { level: 1, includeHidden: false }).first();

/**
 * Takes all that the guide asks for as done, until a layer is in the mould.
 * @param left in the cup of its last batch, g
 */
async function pourLayer(page: Page, left?: string): Promise<void> {
  // All at once: what is there when one asks may be gone a moment later.
  const here = async (): Promise<string> =>
    (await heading(page).or(benchHead(page)).allInnerTexts()).join(' ');
  const isPoured = /Next: bubbles|Bubbles: |: poured/;
  for (let before = await here(); !isPoured.test(before); before = await here()) {
    await expect(benchMain(page)).toBeEnabled();
    const someLeft = page.getByRole('button', { name: /^Poured, some is left/ });
    if (left !== undefined && (await someLeft.isVisible())) {
      await someLeft.tap();
      await keyIn(page, left);
    } else await benchMain(page).tap();
    await expect.poll(here).not.toBe(before);
  }
}

/** A temperature in two taps, and its keys. */
async function readTemperature(page: Page, figure: string): Promise<void> {
  await page.getByRole('button', { name: 'Temperature', exact: true }).tap();
  await keyIn(page, figure);
  await expect(page.getByRole('heading', { name: 'Cure watch' })).toBeVisible();
}

test('two readings say that it runs hot, and its clocks, the next layer and the job follow', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await page.clock.install({ time: new Date('2026-10-06T09:00:00') });
  await readJobFile(page, 'two-batches.job.json');
  const job = page.url();
  await beginBench(page);
  await pourLayer(page);
  const [live] = await liveRecords(page);
  await page.goto(`/bench/${live!.id}/cure`);
  await expect(page.getByTestId('pace')).toContainText('By its plan');
  const gel = page.getByTestId('stage-gel');
  const plannedGel = await gel.innerText();
  await expect(page.getByTestId('cure-chart')).toBeVisible();

  await page.clock.setSystemTime(new Date('2026-10-06T11:30:00'));
  await readTemperature(page, '41');
  await expect(page.getByTestId('pace')).toContainText(/Runs hot: \d+\s°C above/);
  await page.clock.setSystemTime(new Date('2026-10-06T12:00:00'));
  await readTemperature(page, '44');
  await expect(page.getByTestId('pace')).toContainText(/Runs hot: \d+\s°C above, .+ ahead/);
  await expect(page.getByTestId('pace-advice')).toContainText('Never water on it');
  await expect(gel).not.toHaveText(plannedGel);
  await expect(page.getByText('Its clocks, as measured')).toBeVisible();

  // Felt once, it is in the record too.
  await page.getByRole('button', { name: 'Touch it' }).tap();
  await page.getByRole('button', { name: /^Gelled/ }).tap();
  await expect
    .poll(async () => (await liveRecords(page))[0]!.events.map(({ did }) => did))
    .toEqual(expect.arrayContaining(['read', 'felt', 'moved']));

  // The guide waits for the layer that runs hot, and the job says the same.
  await page.getByRole('button', { name: 'Back to the guide' }).tap();
  await expect(page).toHaveURL(/\/bench\/[^/]+(\?|$)/);
  await page.goto(job);
  await expect(page.getByTestId('curing-pour')).toContainText('Runs hot');
});

test('before anything is in the mould the watch says so, and leads to the guide', async ({
  page,
}) => {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  const [live] = await liveRecords(page);
  await page.goto(`/bench/${live!.id}/cure`);
  await expect(page.getByTestId('main-figure')).toContainText('Nothing is poured yet');
  await expect(page.getByRole('button', { name: 'Touch it' })).toHaveCount(0);
  await page.getByRole('button', { name: 'To the pour' }).tap();
  await expect(benchMain(page)).toBeVisible();
});

test('the seal coat is even and full: the flood coat is left out, and resin and days come back', async ({
  page,
}) => {
  test.setTimeout(180_000);
  await page.clock.install({ time: new Date('2026-10-06T09:00:00') });
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: /^Open Chart-table lid/ })).toBeVisible();
  await page.goto('/shelf/demo-table-coat');
  await page
    .getByRole('button', { name: /^Kits and lots|^On the shelf|^Lots/ })
    .first()
    .tap();
  await page.getByRole('button', { name: 'Add a lot' }).tap();
  await page.getByLabel('Left, both parts').fill('310 g');
  await page.getByLabel('Number on the bottles').fill('TC 118');
  await page.getByRole('button', { name: 'Save the card' }).tap();
  await page.goto('/jobs');
  await page.getByRole('link', { name: /^Open Chart-table lid/ }).click();
  const job = page.url();
  await beginBench(page);
  await pourLayer(page, '24');
  // What the shelf had of it is gone from there, and the record says from which bottles it came.
  await expect(page.getByTestId('taken-off')).toContainText(
    /Lot TC 118, opened 2026-10-06: 310\sg/,
  );
  const [live] = await liveRecords(page);
  expect(live!.events.find(({ leftG }) => leftG !== undefined)?.leftG).toBe(24);
  await page.goto(`/bench/${live!.id}/cure`);
  await expect(page.getByTestId('pace')).toBeVisible();
  // What still levels is not looked at.
  await expect(page.getByTestId('coat-look')).toHaveCount(0);
  await page.clock.setSystemTime(new Date('2026-10-06T20:00:00'));
  await page.reload();
  const look = page.getByTestId('coat-look');
  await expect(look).toBeVisible();
  await page.goto('/');
  await expect(page.getByTestId('curing-pour').first()).toContainText('Look at it before the next');
  await page.goto(`/bench/${live!.id}/cure`);
  await look.getByRole('button', { name: /^Craters/ }).tap();
  await expect(look).toContainText('Not yet another');
  await look.getByRole('button', { name: 'Look again' }).tap();
  await look.getByRole('button', { name: /^Even and full/ }).tap();
  await expect(page.getByTestId('given-back')).toContainText(/\d+\sg of Table coat and about/);
  await look.getByRole('button', { name: 'Leave it out' }).tap();
  await expect(page.getByText(/^Left out: .* given back/)).toBeVisible();
  await expect(look.getByRole('button', { name: 'Leave it out' })).toHaveCount(0);
  await page.goto(job);
  await expect(page.getByTestId('step-pour')).toBeVisible();
  await expect(page.getByText('Flood coat')).toHaveCount(0);
  await page.getByTestId('step-buy').click();
  await expect(page.getByTestId('poured-already')).toContainText(/^All 62\d\sml are poured/);
  await expect(page.getByTestId('main-figure')).toContainText('All is poured');
});
