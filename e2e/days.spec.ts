import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { expect, line, mainFigure, test, toStep, type } from './app';

// A Tuesday morning: the demo tells its days from there.
test.use({ fixedTime: '2026-10-06T09:00:00' });

const task = (page: Page, id: string) => page.getByTestId(`task-${id}`);

test('the app opens on Today once a job has a date: what is next, over all jobs', async ({
  page,
}) => {
  await page.goto('/jobs');
  await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  await page.goto('/');
  await expect(page).toHaveURL('/today');
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Tuesday 6 October');
  await expect(page.getByText('You are in from 8:00 to 20:00')).toBeVisible();
  const next = page.getByTestId('list-Next');
  await expect(next).toContainText('Galley step, live-edge inlay · Pour fill, layer 2');
  await expect(next).toContainText('Chart-table lid, seal and flood · Pour seal coat');
  await expect(mainFigure(page)).toContainText('Galley step');
});

test('a job gets a start: its days, its strip under the piece, and the next thing is to prepare', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray/days');
  await expect(page.getByText('No date yet: shown as if you began now.')).toBeVisible();
  await page.getByRole('button', { name: /^Begin / }).tap();
  await expect(page.getByLabel('Begin the first pour')).not.toHaveValue('');
  await page.getByLabel('Begin the first pour').fill('2026-10-09T10:00');
  await expect(task(page, 'pour-1/layer-1')).toContainText('10:00 Pour it');
  await expect(task(page, 'prepare/build-form')).toContainText('Build the form');
  const ready = (await mainFigure(page).innerText()).split('\n')[0]!;
  await page.getByRole('button', { name: 'The piece' }).first().tap();
  await expect(page.getByTestId('days-strip')).toContainText(ready);
  await expect(page.getByTestId('step-days')).toContainText(/ready/);
  await page.getByRole('button', { name: 'Prepare it' }).tap();
  await expect(mainFigure(page)).toContainText('0 of 8 done');
  await page.getByTestId('line-build-form').tap();
  await expect(mainFigure(page)).toContainText('1 of 8 done');
  await page.reload();
  await expect(mainFigure(page)).toContainText('1 of 8 done');
  await expect(page.getByTestId('line-build-form')).toBeChecked();
  await expect(page.getByTestId('line-build-form')).toContainText('done today 9:00');
});

test('the hour of the first pour is one and the same at the heat step', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/days');
  await page.getByLabel('Begin the first pour').fill('2026-10-09T10:15');
  await toStep(page, 'heat');
  await expect(line(page, 'First pour at, time of day')).toContainText('10:15');
});

test('what does not fit is told with its reason; a tap takes another start', async ({ page }) => {
  await page.goto('/jobs/demo-chart-table/days');
  // The flood coat goes on while the seal coat is tacky: from half past four that is at night.
  await page.getByLabel('Begin the first pour').fill('2026-10-07T16:30');
  const alert = page.getByTestId('break');
  await expect(alert).toContainText('Pour flood coat does not fit');
  await expect(alert).toContainText('none of that is in your hours');
  await expect(alert).toContainText('Let it cure, scuff, wipe and pour');
  await alert.getByRole('button', { name: /at the latest$/ }).tap();
  await expect(alert).toHaveCount(0);
  await expect(task(page, 'pour-2/layer-1')).toContainText(/tight: (exactly|between)/);
});

test('what was done at its real time moves the rest', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/days');
  await expect(task(page, 'pour-1/layer-2')).toBeVisible();
  const before = await task(page, 'pour-1/layer-3').innerText();
  await task(page, 'pour-1/layer-2')
    .getByRole('button', { name: /^Done: / })
    .tap();
  await expect(task(page, 'pour-1/layer-2')).toHaveCount(0);
  await page.getByRole('button', { name: /^Done: 3 tasks/ }).tap();
  await expect(task(page, 'pour-1/layer-2')).toContainText('done today');
  await expect(task(page, 'pour-1/layer-3')).not.toHaveText(before);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(task(page, 'pour-1/layer-2')).not.toContainText('done');
});

test('a calendar file of what is still to come', async ({ page }) => {
  await page.goto('/jobs/demo-chart-table/days');
  const wait = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Save for your calendar' }).tap();
  const text = readFileSync(await (await wait).path(), 'utf8');
  expect(text).toContain('SUMMARY:Chart-table lid\\, seal and flood: Pour seal coat');
  expect(text).toContain('UID:demo-chart-table/pour-1/layer-1@nipperkin');
});

test('what floats is held down, by what it weighs, and braced walls are drawn', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-inlay');
  await expect(page.getByTestId('hold-1')).toBeAttached();
  await toStep(page, 'hold');
  await expect(mainFigure(page)).toContainText(/62\sg to hold down/);
  await page.getByRole('button', { name: /^Driftwood knot/ }).tap();
  await page.getByRole('button', { name: 'Add a slab beside the cavity' }).tap();
  for (const [label, text] of [
    ['Length', '600'],
    ['Width', '180'],
    ['Thickness', '45'],
    ['Density (if known)', '0.62 g/ml'],
  ] as const) {
    await type(page.getByTestId('slabs').getByLabel(label, { exact: true }), text);
  }
  await expect(page.getByTestId('body-slab-0')).toContainText(/hold 4\.\d\skg down/);
  await page.getByRole('button', { name: /^Weights at hand/ }).tap();
  await type(page.getByLabel('Weights at hand').last(), '3 kg');
  await expect(mainFigure(page)).toContainText(/1\.5\skg of uplift/);
});

test('hours, a night and days away decide what fits', async ({ page }) => {
  await page.goto('/data');
  await page.getByRole('button', { name: /^Your hours/ }).tap();
  await page.getByLabel('Tuesday').fill('');
  await page.getByLabel('Wednesday').fill('18:00-21:00');
  await page.getByRole('button', { name: /^Days away/ }).tap();
  await page.getByRole('button', { name: 'Add days away' }).tap();
  await page.getByLabel('From', { exact: true }).fill('2026-10-08');
  await page.getByLabel('To, that day too').fill('2026-10-09');
  await page.getByLabel('Thursday').fill('half past');
  await expect(page.getByText('Write hours like 8:00-20:00')).toBeVisible();
  await page.getByLabel('Thursday').fill('8:00-20:00');
  await page.getByRole('link', { name: 'Today' }).tap();
  await expect(page.getByText('A day off')).toBeVisible();
  await page.goto('/jobs/demo-pot-stands/days');
  await expect(page.getByRole('heading', { name: 'Thu 8 Oct' })).toHaveCount(0);
  await expect(mainFigure(page)).toContainText('Ready');
});

test('a reminder comes while the app is open', async ({ page }) => {
  await page.goto('/data');
  await page.getByRole('checkbox', { name: 'Remind me of what comes' }).tap();
  await page.getByRole('checkbox', { name: 'With a sound' }).tap();
  await expect(page.getByRole('checkbox', { name: 'With a sound' })).not.toBeChecked();
  await page.getByRole('radio', { name: 'When it begins' }).tap();
  await page.clock.setFixedTime(new Date('2026-10-07T09:59:59.500'));
  await page.goto('/quick');
  await expect(
    page.getByText('10:00 Chart-table lid, seal and flood: Pour seal coat'),
  ).toBeVisible();
});
