import {
  chooseOn,
  expect,
  figure,
  line,
  mainFigure,
  saved,
  test,
  toStep,
  type,
  typeOn,
} from './app';

test('flakes in a bowl: where they go, the band in the Section, the task in the days', async ({
  page,
}) => {
  await page.goto('/jobs/demo-galley-bowl');
  await expect(page.getByTestId('section').getByTestId('settled-band')).toHaveCount(2);
  await page.goto('/jobs/demo-galley-bowl/colour');
  const panel = page.getByTestId('inclusions');
  await expect(panel).toContainText(/In layer 1 it sinks to the floor/);
  await expect(panel).toContainText(/To stay it is put in about \d+½?\s?h after the pour/);
  // As heavy as the resin it stays, and the band goes.
  await type(panel.getByLabel('Density'), '1.092 g/ml');
  await expect(panel).toContainText(/In layer 1 it stays within/);
  await page.goto('/jobs/demo-galley-bowl/layers');
  const bubbles = page.getByTestId('bubbles');
  await bubbles.getByRole('button', { name: 'Bubbles' }).click();
  await expect(bubbles).toContainText(/Parts out of a bath at 38\s°C/);
  await expect(bubbles).toContainText(/Layers of 20\s?mm/);
});

test('a lens under a lamp: layers as deep as light gets, what light does not get past', async ({
  page,
}) => {
  await page.goto('/jobs/demo-dial-lenses/layers');
  const lamp = page.getByTestId('lamp');
  await expect(lamp).toContainText('Layer 2 under the lamp');
  await line(lamp, 'Light gets through it as').click();
  await lamp.getByRole('radio', { name: 'Strong or glittering' }).click();
  await expect(mainFigure(page)).toContainText('as far as the lamp gets through it');
  await line(lamp, 'Light gets through it as').click();
  await lamp.getByRole('radio', { name: 'Opaque: no light' }).click();
  await expect(page.getByText(/Use a casting epoxy or a polyurethane there/)).toBeVisible();
});

test('a domed face: its cap, the edge that holds it, and its drops', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/measure');
  await chooseOn(page, 'Measured as', 'Dome or bezel');
  await typeOn(page, 'Diameter', '30 mm');
  await typeOn(page, 'Height in the middle', '3 mm');
  await expect(page.getByText(figure('1.1 ml')).first()).toBeVisible();
  await expect(page.getByText(/the edge holds about 3\.2\s?mm/)).toBeVisible();
  await expect(page.getByText(/36 drops a piece/)).toBeVisible();
  await typeOn(page, 'Height in the middle', '6 mm');
  await expect(page.getByText(/It runs over/).first()).toBeVisible();
});

test('a run under pressure: the order, what it costs, and the pot that is refused', async ({
  page,
}) => {
  await page.goto('/jobs/demo-cleats/run?pour=2');
  const run = page.getByTestId('run');
  await expect(run).toContainText('24 castings for 24 good ones: 3 mixes, each fills 2 moulds.');
  await expect(mainFigure(page)).toContainText('The pot holds it up');
  await expect(page.getByTestId('run-ways')).toContainText('One more mould (3)');
  await expect(run).toContainText(/a piece: resin .*, rubber/);
  await typeOn(run, 'Moulds, all alike', '3');
  await expect(run).toContainText('2 mixes, each fills 3 moulds');
  await toStep(page, 'mix');
  await expect(mainFigure(page)).toContainText('2 equal batches');
  await line(page, 'Pressure pot').click();
  const pot = page.getByTestId('pressure');
  await expect(pot).toContainText(/Bubbles shrink to 64\.5\s?% of their width/);
  await type(pot.getByLabel('On the dial'), '55 psi');
  await expect(pot).toContainText(/stay under 3\.31/);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('pressure').getByLabel('On the dial')).toHaveValue('55 psi');
});
