import type { Page } from '@playwright/test';
import exampleFile from '../docs/formats/drawer-tray.job.json' with { type: 'json' };
import {
  chooseOn,
  expect,
  figure,
  mainFigure,
  saved,
  test,
  toPiece,
  toStep,
  type,
  typeOn,
} from './app';

const deep = {
  name: 'Deep and slow',
  family: 'deep-pour-epoxy',
  ratio: { by: 'weight', a: 2, b: 1 },
  depth: { greatest: '50 mm' },
  potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
};

/** A wide tray of 50 mm, brought as a file. */
async function openTray(page: Page, change: object = {}): Promise<void> {
  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).tap(),
  ]);
  const job = {
    ...exampleFile,
    name: 'Brought along',
    room: { temperature: '23 °C' },
    measure: { parts: [{ shape: 'box', length: '600 mm', width: '400 mm', depth: '50 mm' }] },
    layers: undefined,
    container: undefined,
    batches: undefined,
    resin: deep,
    ...change,
  };
  await chooser.setFiles({
    name: 'brought.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(job)),
  });
  await expect(page.getByRole('heading', { name: 'Brought along' })).toBeVisible();
}

const heatStep = (page: Page): Promise<void> => toStep(page, 'heat');
const layer = (page: Page, nth = 0) => page.getByTestId('heat-layer').nth(nth);

test('a pour is told its peak, when it comes, and what would cool it', async ({ page }) => {
  await openTray(page, { heat: { pouredAt: '18:00' } });
  await heatStep(page);
  // The range comes after the first figure.
  await expect(layer(page)).toContainText(/\d+ to \d+\s°C/);
  await expect(layer(page)).toContainText('Warm');
  await expect(layer(page)).toContainText('you will be asleep');
  await expect(layer(page)).toContainText('is borderline');
  const advice = page.getByTestId('heat-advice');
  await expect(advice).toContainText(figure('Room 4 °C cooler, 19 °C'));
  await expect(advice).toContainText('A fan until it has peaked');
  await expect(advice).toContainText('2 layers');
  await expect(page.getByTestId('heat-bucket')).toContainText(figure('label 8 h'));
  await page.getByRole('button', { name: 'How deep in this room?' }).tap();
  await expect(page.getByTestId('depth-here')).toContainText(/up to (49|50|51)\smm/);
  await expect(page.getByTestId('depth-here')).toContainText(figure('You plan 50 mm'));
});

test('a dust cover keeps heat in, damp air is warned of, and times are told as far as they are known', async ({
  page,
}) => {
  await openTray(page, { layers: { style: 'one-pour' } });
  await heatStep(page);
  // About so long, from the least to the most that the label leaves open.
  await expect(layer(page)).toContainText(
    /Out of the mould, may still bend.*\d.*\(.+ to .+\).*Keeps its shape.*\(.+ to .+\)/,
  );
  await typeOn(page, 'A dust cover, so far above it', '15');
  await expect(page.getByTestId('heat-advice')).toContainText(
    /Without the dust cover: \d+\s°C less, about 6[123]\s°C/,
  );
  await expect(
    page.getByText(figure('A dust cover 15 mm over it keeps its heat in.')),
  ).toBeVisible();
  await typeOn(page, 'A dust cover, so far above it', '');
  await typeOn(page, 'Humidity, by the hygrometer', '90');
  await expect(page.getByText(/At 90\s% dew falls at 21\s°C/)).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await toPiece(page);
  await expect(page.getByText(/turns hazy and greasy \(blush\)/)).toBeVisible();
});

test('the room, a fan and the form change the figures, and stay with the job', async ({ page }) => {
  await openTray(page);
  await heatStep(page);
  await expect(layer(page)).toContainText('Warm');
  await typeOn(page, 'Room', '28');
  await expect(layer(page)).toContainText('Runaway');
  await typeOn(page, 'Fan on for (after the pour)', '40');
  await expect(layer(page)).toContainText('Warm');
  await chooseOn(page, 'The form stands', 'On foam');
  await expect(layer(page)).toContainText('Runaway');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(layer(page)).toContainText('Runaway');
});

test('the cut is painted at any moment', async ({ page }) => {
  await openTray(page);
  await heatStep(page);
  const moment = page.getByTestId('heat-moment');
  // It opens at the peak.
  await expect(moment).toContainText(/core 6[0-3]\s°C/);
  const slider = page.getByRole('slider', { name: 'Time after the first pour' });
  await slider.focus();
  await slider.press('Home');
  await expect(moment).toContainText(figure('core 23 °C'));
  await page.getByRole('button', { name: 'Play' }).tap();
  await expect(moment).toContainText(/core (4|5|6)\d\s°C/);
  await page.getByRole('button', { name: 'Pause' }).tap();
  await expect(page.getByRole('button', { name: 'Play' })).toBeVisible();
});

test('two settings side by side', async ({ page }) => {
  await openTray(page);
  await heatStep(page);
  await page.getByRole('button', { name: 'What if' }).tap();
  const compared = page.getByTestId('compared');
  await expect(compared).toContainText(/Peak\D*6[12]\s°C\D*6[12]\s°C/);
  await type(page.getByLabel('If the room were'), '28');
  await expect(compared).toContainText(/Peak\D*6[12]\s°C\D*above about 90\s°C/);
  await expect(compared).toContainText('Runaway');
  await type(page.getByLabel('With a fan for'), '48');
  await expect(compared).toContainText(/Peak\D*6[12]\s°C\D*5[789]\s°C/);
  await type(page.getByLabel('If the room were'), '70');
  await expect(page.getByTestId('what-if').getByText('Too much: 50 °C')).toBeVisible();
});

test('layers, their gap and a resin without heat', async ({ page }) => {
  await openTray(page, {
    layers: { style: 'equal', maxDepth: '25 mm' },
    resin: { ...deep, times: { recoat: { from: '12 h', to: '30 h' } } },
  });
  await heatStep(page);
  await expect(layer(page, 1)).toContainText('Layer 2, peak');
  await expect(page.getByTestId('heat-second')).toContainText(
    /while it is sticky: .* by the model/,
  );
  await expect(
    page.getByTestId('heat-second').getByRole('img', { name: /while it is sticky/ }),
  ).toBeVisible();
  await chooseOn(page, 'Its joints are sealed with', 'Tape or hot melt');
  await expect(saved(page)).toBeVisible();
  await page.goto('/jobs/demo-dial-lenses/heat');
  await expect(page.getByText('a thick pour burns')).toBeVisible();
});

test('layers go by the heat of a warm room; the label may be trusted instead', async ({ page }) => {
  await openTray(page, { room: { temperature: '29 °C' } });
  await expect(page.getByText(/takes about 3\d\smm before it overheats/)).toBeVisible();
  await toStep(page, 'layers');
  await chooseOn(page, 'Poured in', /^Equal layers/);
  await expect(mainFigure(page)).toContainText('2 layers');
  await expect(page.getByText('before it overheats')).toHaveCount(0);
  await chooseOn(page, 'Limit each layer’s depth by', /^The label/);
  await expect(mainFigure(page)).toContainText('One pour');
  await heatStep(page);
  // What if the room were cooler: over the layers as they are planned.
  await expect(layer(page)).toContainText('Runaway');
  await expect(page.getByTestId('heat-advice')).toContainText('2 layers');
});

test('what cannot be worked out says so and what would be right', async ({ page }) => {
  await openTray(page);
  await heatStep(page);
  await chooseOn(page, 'The form stands', 'On a cooled plate');
  await expect(page.getByRole('alert').first()).toContainText('missing');
  await typeOn(page, 'The plate is at', '12');
  await expect(layer(page)).toContainText('Easy');
});
