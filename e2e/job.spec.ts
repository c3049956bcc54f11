import { demoJobs } from '../src/data/demo/demoJobs';
import {
  chooseOn,
  expect,
  figure,
  fromMenu,
  line,
  mainFigure,
  part,
  saved,
  test,
  toPiece,
  toStep,
  type,
  typeKeys,
  typeOn,
} from './app';

test.describe('the tray, from a new job to grams', () => {
  test('figures follow the typing, on the Section too, and are there after a reload', async ({
    page,
  }) => {
    await page.goto('/jobs');
    await page.getByRole('button', { name: 'New job' }).tap();
    await expect(page.getByText('No amounts yet')).toBeVisible();
    await expect(page.getByText('Nothing here yet')).toHaveCount(0);
    await typeKeys(page.getByLabel('Length'), '300');
    await typeKeys(page.getByLabel('Width'), '20 cm');
    await typeKeys(page.getByLabel('Depth'), '1-1/4 in');
    await expect(page.getByText('= 31.75')).toBeVisible();
    await expect(mainFigure(page)).toContainText(figure('1905 ml'));
    // It is called by what was measured until somebody names it.
    await toPiece(page);
    await expect(page.getByRole('heading', { name: 'Box, 1.9 l' })).toBeVisible();
    await typeOn(page, 'Name', 'My tray');
    await typeOn(page, 'Room temperature', '21');
    await toStep(page, 'resin');
    await page.getByRole('radio', { name: 'Slow clear, Slow. Good' }).tap();
    await toPiece(page);
    const bar = mainFigure(page);
    await expect(bar).toContainText(figure('2096 ml'));
    await expect(bar).toContainText(figure('1776 g'));
    await expect(bar).toContainText(figure('513 g'));
    await expect(page.getByRole('radiogroup', { name: /Section: .*1905\sml/ })).toBeVisible();

    await toStep(page, 'mix');
    await expect(mainFigure(page)).toContainText('Each of 3 equal batches');
    await expect(mainFigure(page)).toContainText(figure('699 ml'));
    await expect(part(page, 'A')).toContainText(figure('592 g'));
    await expect(part(page, 'A')).toContainText(figure('592.0 g exactly'));
    await expect(part(page, 'B')).toContainText(figure('171 g'));
    await expect(part(page, 'B')).toContainText(figure('171.1 g exactly'));
    await expect(page.getByTestId('figures')).toContainText(figure('1572 ml'));
    await expect(page.getByTestId('figures')).toContainText(figure('524 ml'));
    await expect(page.getByTestId('figures')).toContainText(figure('2289 g'));
    await expect(page.getByTestId('figures')).toContainText(figure('100 : 28.91 by weight'));
    await page.getByRole('button', { name: /^Batches: 3/ }).tap();
    await expect(page.getByText('the fewest equal batches that fit')).toBeVisible();
    await expect(saved(page)).toBeVisible();

    await page.reload();
    await expect(page.getByText('My tray')).toBeVisible();
    await expect(part(page, 'A')).toContainText(figure('592 g'));
    await toStep(page, 'measure');
    await expect(page.getByLabel('Depth')).toHaveValue('1-1/4 in');
    await expect(page.getByLabel('Length')).toHaveValue('300 mm');
  });

  test('a deleted job comes back by undo', async ({ page }) => {
    await page.goto('/jobs');
    const cards = page.getByRole('listitem');
    await expect(cards).toHaveCount(demoJobs.length);
    await fromMenu(page, 'Delete', 'Drawer tray');
    await expect(cards).toHaveCount(demoJobs.length - 1);
    await page.getByRole('button', { name: 'Undo' }).tap();
    await expect(cards).toHaveCount(demoJobs.length);
    await page.reload();
    await expect(page.getByRole('link', { name: 'Open Drawer tray' })).toBeVisible();
  });
});

test('the bowl holds 1642 ml; cut at 40 mm its layers hold 620 ml and 1022 ml', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-bowl/mix');
  const figures = page.getByTestId('figures');
  await expect(figures).toContainText(figure('1642 ml'));
  await expect(figures).toContainText(figure('620 ml'));
  await expect(figures).toContainText(figure('1022 ml'));
});

test('the Section glides to new figures, but not for those who ask for less motion', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-bowl');
  const drawn = page.getByTestId('section').locator('path').last();
  await expect(drawn).toHaveCSS('transition-duration', '0s');
  await page.emulateMedia({ reducedMotion: 'no-preference' });
  await expect(drawn).toHaveCSS('transition-property', 'd');
  await expect(drawn).toHaveCSS('transition-duration', '0.18s');
});

test('the coat in millilitres and in both ounces', async ({ page }) => {
  await page.goto('/jobs/demo-chart-table/mix?pour=2');
  const figures = page.getByTestId('figures');
  await expect(figures).toContainText(figure('1129 ml'));
  await expect(figures).toContainText(figure('38.16 US fl oz'));
  await expect(figures).toContainText(figure('39.72 imp fl oz'));
});

test.describe('bad input', () => {
  test('it is told in its own words, nothing typed is lost, and the last good figures stand', async ({
    page,
  }) => {
    await page.goto('/jobs/demo-drawer-tray/measure');
    const depth = page.getByLabel('Depth');
    const bar = mainFigure(page);
    for (const [typed, says] of [
      ['1,200 mm', 'could be 1200 or 1.200'],
      ['deep', 'is not a length'],
    ] as const) {
      await type(depth, typed);
      await expect(page.getByText(says)).toBeVisible();
      await expect(depth).toHaveAttribute('aria-invalid', 'true');
      await expect(bar).toContainText('Last good figures');
    }
    // Nothing is put right behind the person's back.
    await expect(saved(page)).toBeVisible();
    await page.reload();
    await expect(depth).toHaveValue('deep');
    await type(depth, '10 mm');
    await expect(bar).toContainText(figure('660 ml'));
    await expect(bar).not.toContainText('Last good figures');
  });

  test('an emptied field keeps the last good figures until it is filled again', async ({
    page,
  }) => {
    await page.goto('/jobs/demo-drawer-tray/measure');
    await page.getByLabel('Depth').fill('');
    await expect(page.getByText('Nothing here yet. Write it like 300 mm.')).toBeVisible();
    const bar = mainFigure(page);
    await expect(bar).toContainText('Last good figures');
    await expect(bar).toContainText(figure('2096 ml'));
  });

  test('a container that is far too small says so at its field', async ({ page }) => {
    await page.goto('/jobs/demo-drawer-tray/mix');
    await line(page, 'Mixed in').tap();
    await type(page.getByLabel('Container holds'), '2 ml');
    await expect(page.getByText('Choose a larger one')).toBeVisible();
  });
});

test('several cavities add up; a removed one comes back by undo', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const bar = mainFigure(page);
  await page.getByRole('button', { name: 'Add a cavity' }).tap();
  const second = page.getByTestId('cavity-2');
  await second.getByRole('radio', { name: 'Cylinder' }).tap();
  await type(second.getByLabel('Diameter'), '100');
  await type(second.getByLabel('Depth'), '20');
  await second.getByRole('button', { name: 'More count' }).tap();
  // 1905.0 + 2 × 157.08 ml, and 10 % more.
  await expect(bar).toContainText(figure('2441 ml'));
  await second.getByRole('button', { name: 'Remove cavity 2' }).tap();
  await expect(bar).toContainText(figure('2096 ml'));
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(bar).toContainText(figure('2441 ml'));
});

test('a shape can be changed and changed back without typing again', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const cavity = page.getByTestId('cavity-1');
  await chooseOn(cavity, 'Measured as', 'Cylinder');
  await type(cavity.getByLabel('Diameter'), '100');
  await expect(cavity.getByText(figure('249 ml'))).toBeVisible();
  await chooseOn(cavity, 'Measured as', 'Box');
  await expect(cavity.getByLabel('Length')).toHaveValue('300 mm');
  await expect(cavity.getByText(figure('1905 ml'))).toBeVisible();
});

test('cutting into layers answers the warning that it is too deep', async ({ page }) => {
  await page.goto('/jobs/demo-galley-bowl/layers');
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('40 mm');
  await expect(page.getByText('It can overheat and crack')).toHaveCount(0);
  await page.getByRole('button', { name: 'Remove the end of layer 1' }).tap();
  await expect(page.getByText(figure('This pour is 80 mm deep'))).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('40 mm');
  await expect(page.getByText('It can overheat and crack')).toHaveCount(0);
  await page.getByRole('button', { name: 'Cut once more' }).tap();
  await type(page.getByLabel('Layer 2 ends at'), '39');
  await expect(page.getByText('Each height must be greater')).toBeVisible();
});
