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
import { benchMain, onHeading } from './bench';

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
  await expect(run).toContainText('24 castings for 24 good ones: 12 mixes, each fills 2 moulds.');
  await expect(mainFigure(page)).toContainText('The pot holds it up');
  await expect(page.getByTestId('run-ways')).toContainText('One more mould (3)');
  await expect(run).toContainText(/a piece: resin .*, rubber/);
  await typeOn(run, 'Moulds, all alike', '3');
  await expect(run).toContainText('8 mixes, each fills 3 moulds');
  await toStep(page, 'mix');
  await expect(mainFigure(page)).toContainText('8 equal batches');
  await line(page, 'Pressure pot').click();
  const pot = page.getByTestId('pressure');
  await expect(pot).toContainText(/Bubbles shrink to 64\.5\s?% of their width/);
  await type(pot.getByLabel('On the dial'), '55 psi');
  await expect(pot).toContainText(/stay under 3\.31/);
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('pressure').getByLabel('On the dial')).toHaveValue('55 psi');
});

test('a mould: the box of least rubber, a spout, two halves, what it cures on, and what is cast in it', async ({
  page,
}) => {
  await page.goto('/jobs/demo-cleats');
  await expect(page.getByTestId('section').getByTestId('rod')).toHaveCount(1);
  await page.goto('/jobs/demo-cleats/box?pour=1');
  const box = page.getByTestId('mould-box');
  await expect(mainFigure(page)).toContainText('2 moulds, each 114 × 49 ×');
  await expect(box).toContainText('the least rubber of what is at hand');
  await expect(box).toContainText(/Tube, 125\s?mm across/);
  await expect(page.getByTestId('halves')).toContainText(/cut the mould down one side in a zigzag/);
  // Two halves part where least holds, and the slide moves them.
  await page.getByRole('radio', { name: 'Two halves' }).tap();
  const halves = page.getByTestId('halves');
  await expect(halves).toContainText(/Parts 13\s?mm up the piece: 127\s?ml below, 125\s?ml above/);
  await type(halves.getByLabel('Parts this far up'), '5 mm');
  await expect(halves).toContainText(/look the wrong way.*Least would hold 13\s?mm up/);
  await toStep(page, 'layers');
  await expect(page.getByRole('main')).toContainText(/turned over, clay off, release/);
  await page.goto('/jobs/demo-cleats/box?pour=1');
  await type(halves.getByLabel('Parts this far up'), '');
  await chooseOn(page, 'The piece is of', 'Print of resin');
  await expect(page.getByTestId('cure-checks')).toContainText(
    /Wash it, cure it again under the lamp/,
  );
  // A wall that tears is refused where it is typed, and what was typed stays.
  await typeOn(page, 'Beside the piece', '6 mm');
  await expect(page.getByText(/Walls of 6\s?mm tear: 10\s?mm at the least/).first()).toBeVisible();
  await typeOn(page, 'Beside the piece', '15 mm');
  await expect(mainFigure(page)).toContainText('120 × 55 ×');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(mainFigure(page)).toContainText('120 × 55 ×');
  await page.goto('/jobs/demo-cleats/mix?pour=2');
  await expect(page.getByText('In spout and vents')).toBeVisible();
});

test('a form becomes a mould and its castings in one tap', async ({ page }) => {
  await page.goto('/jobs/demo-sill-knot/measure');
  await chooseOn(page, 'Measured as', 'Ball');
  await typeOn(page, 'Diameter', '40 mm');
  await page.goto('/jobs/demo-sill-knot');
  await line(page, 'Add another pour').click();
  await page.getByRole('button', { name: 'Mould and castings' }).tap();
  await page.goto('/jobs/demo-sill-knot/box?pour=1');
  await expect(mainFigure(page)).toContainText(/Box 64 × 64 × 64\s?mm/);
  await typeOn(page, 'Spout, across', '8 mm');
  await expect(page.getByTestId('openings')).toContainText(/A spout 8\s?mm across/);
});

test('a run at the bench: a clock a mould, one that cools is tried, and good ones are counted', async ({
  page,
}) => {
  await page.goto('/jobs/demo-cleats/run?pour=2');
  await typeOn(page.getByTestId('run'), 'Moulds, all alike', '1');
  await toStep(page, 'mix');
  await line(page, 'Pressure pot').click();
  await page.getByTestId('pressure').getByLabel('Cast under pressure').click();
  await expect(saved(page)).toBeVisible();
  await page.goto('/jobs/demo-cleats/pour');
  await page.getByRole('button', { name: 'Practise' }).nth(1).tap();
  await onHeading(page, 'Ready check');
  await benchMain(page).tap();
  await onHeading(page, 'Take a cup');
  await benchMain(page).tap();
  for (const part of ['A resin into the cup', 'B hardener into the cup']) {
    await onHeading(page, part);
    await benchMain(page).tap();
    await expect(benchMain(page)).toContainText(/is in/);
    await benchMain(page).tap();
  }
  await onHeading(page, 'Stir');
  await benchMain(page).tap();
  await onHeading(page, 'Pour');
  await expect(page.getByText('Into mould 1.')).toBeVisible();
  await benchMain(page).tap();
  await onHeading(page, 'Mould 1 is setting');
  await page.getByRole('button', { name: 'It cools: try it' }).tap();
  await onHeading(page, 'Empty mould 1');
  await page.getByRole('button', { name: 'One is not' }).tap();
  await expect(page.getByText('0 of 1 good')).toBeVisible();
  await benchMain(page).tap();
  // The mould is free: the next mix may be begun.
  await onHeading(page, 'Take a cup');
  await expect(page.getByTestId('bench-place')).toContainText('batch 2 of 24');
});

test('pinholes: what they take, and what of the shelf fills them soonest', async ({ page }) => {
  await page.goto('/shelf');
  await page.getByRole('navigation', { name: 'Shelves' }).getByText('Repairs').tap();
  await expect(mainFigure(page)).toContainText(/0\.06\s?ml, about 2 drops/);
  const ways = page.getByTestId('repairs');
  await expect(ways).toContainText('Lens light');
  await expect(ways).toContainText('Super glue and activator');
  await type(page.getByLabel('Deep'), '12 mm');
  await expect(ways).toContainText(/cracks and whitens deeper than 3\s?mm/);
  await type(page.getByLabel('Deep'), 'deep');
  await expect(mainFigure(page)).toContainText('Say how large the holes are');
});
