import type { Page } from '@playwright/test';
import exampleFile from '../docs/formats/drawer-tray.job.json' with { type: 'json' };
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
import { codeIn, drawingAddress } from './pictures';

/** Opens a job from a file, as a person brings one from elsewhere. */
async function openJob(page: Page, change: object): Promise<void> {
  await page.goto('/jobs');
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Open a file' }).tap(),
  ]);
  await chooser.setFiles({
    name: 'brought.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...exampleFile, name: 'Brought along', ...change })),
  });
  await expect(page.getByRole('heading', { name: 'Brought along' })).toBeVisible();
}

test('layers follow what the resin takes; what cannot be split says what could', async ({
  page,
}) => {
  await openJob(page, {
    measure: { parts: [{ shape: 'box', length: '300 mm', width: '200 mm', depth: '70 mm' }] },
    resin: { ...exampleFile.resin, depth: { least: '8 mm', greatest: '30 mm' } },
    layers: { style: 'equal' },
  });
  const table = page.getByTestId('layer-table');
  await toStep(page, 'layers');
  await expect(table).toContainText(figure('Layer 3, 23 mm'));
  await chooseOn(page, 'Poured in', /Full layers, then a top-up/);
  await expect(table).toContainText(figure('Layer 3, 10 mm'));
  await toStep(page, 'measure');
  await type(page.getByLabel('Depth'), '62');
  await toStep(page, 'layers');
  await expect(table).toContainText(figure('Layer 2, 24 mm'));
  await expect(table).toContainText(figure('Layer 3, 8 mm'));
  await expect(mainFigure(page)).toContainText(figure("One layer may be 30 mm, the label's 30 mm"));
  await chooseOn(page, 'Of that depth, use', 'Half');
  await expect(mainFigure(page)).toContainText('5 layers');
  await typeOn(page, 'Deepest layer here, if you know better', '12');
  await expect(page.getByRole('alert')).toContainText('cannot be split into layers');
});

test('too much A, then too much B: the other part follows on the scale', async ({ page }) => {
  await openJob(page, {
    resin: { ...exampleFile.resin, ratio: { by: 'weight', a: 100, b: 33.33 } },
    measure: { parts: [{ shape: 'amount', amount: `${420 * 1.3333} g` }] },
    overage: '0 %',
    scaleStep: '0.1 g',
  });
  await toStep(page, 'mix');
  await line(page, 'Poured too much?').tap();
  const corrected = page.getByTestId('corrected');
  await type(page.getByLabel('A in the cup'), '438');
  await expect(corrected.getByTestId('part-B')).toContainText('146.0');
  await expect(corrected).toContainText(figure('Together 584.0 g'));
  await type(page.getByLabel('B in the cup'), '150.5');
  await expect(corrected.getByTestId('part-A')).toContainText('451.5');
  await expect(corrected).toContainText(figure('Together 602.0 g'));
  await expect(corrected).toContainText('3.1 % over');
  await type(page.getByLabel('B in the cup'), '190');
  await expect(corrected).toContainText('Do not pour it as it is');
});

test('all of A tinted; colours that come to too much are told, and the rest puts it right', async ({
  page,
}) => {
  await openJob(page, { layers: { heights: ['12.7 mm'] }, container: undefined });
  await toStep(page, 'colour');
  await page.getByRole('checkbox', { name: 'Colour all of part A at once' }).tap();
  await page.getByRole('radio', { name: 'Weight in all of A' }).tap();
  await type(page.getByLabel('Weight of the tint'), '2');
  await expect(page.getByTestId('tint')).toContainText(figure('A then weighs 1778 g'));
  await toStep(page, 'mix');
  // 711 g of tinted A and 205 g of B, up to the next gram of the scale.
  await expect(page.getByTestId('part-A').first()).toContainText('712');
  await expect(page.getByTestId('part-B').first()).toContainText(figure('205.4 g exactly'));
  await toStep(page, 'colour');
  for (const share of ['60', '50']) {
    await page.getByRole('button', { name: 'Add a colour' }).tap();
    const portion = page.getByTestId(`portion-${share === '60' ? 1 : 2}`);
    await portion.getByRole('radio', { name: 'A share' }).tap();
    await type(portion.getByLabel('Share'), share);
  }
  await expect(page.getByTestId('portion-2')).toContainText('The colours come to 110 %');
  const second = page.getByTestId('portion-2');
  await second.getByRole('radio', { name: 'The rest' }).tap();
  await expect(second.getByRole('status')).toContainText(figure('838 ml, 40 %'));
  await second.getByRole('button', { name: 'Add a pigment' }).tap();
  await type(second.getByLabel('Of the mixed mass'), '9');
  await expect(second).toContainText('more than the cure bears');
  await type(second.getByLabel('Of the mixed mass'), '1');
  await chooseOn(second, 'It is a', 'Polyester paste');
  await expect(second).toContainText('spoils deep-pour epoxy');
  await chooseOn(second, 'It is a', 'Powder');
  await second.getByRole('button', { name: 'Keep as a recipe' }).tap();
  await expect(page.getByText('Kept Colour 2 as a recipe')).toBeVisible();
  // The first folded up when the second came.
  await page.getByTestId('portion-1').getByRole('button', { name: 'Colour 1' }).tap();
  await expect(
    page.getByTestId('portion-1').getByRole('button', { name: 'Use Colour 2' }),
  ).toBeVisible();
  const forget = second.getByRole('button', { name: 'Forget the recipe Lantern red' });
  await forget.tap();
  await expect(forget).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(forget).toBeVisible();
});

test('the least that whole kits cost; the supplier has another price; all jobs together', async ({
  page,
}) => {
  await page.goto('/shelf/demo-slow-clear');
  await page.getByRole('button', { name: 'On the shelf' }).tap();
  await page.getByRole('button', { name: 'Remove lot 1' }).tap();
  await expect(page.getByTestId('lots-1')).toHaveCount(0);
  await page.getByRole('button', { name: 'Save the card' }).tap();
  // The shelf comes back once the card is kept; leaving before that would leave it unkept.
  await expect(page.getByRole('heading', { name: 'Shelf', exact: true })).toBeVisible();
  await openJob(page, {
    measure: { parts: [{ shape: 'amount', amount: '5.3 l' }] },
    overage: '0 %',
    resin: { ...exampleFile.resin, id: 'demo-slow-clear' },
  });
  await toStep(page, 'buy');
  const buying = page.getByTestId('buying');
  await expect(buying).toContainText(figure('4 × 1.5 l, Lock Chandlery'));
  await expect(buying).toContainText(figure('£ 177.50'));
  await page.getByRole('button', { name: 'Buy for all jobs' }).tap();
  await expect(page.getByTestId('shopping').first()).toBeVisible();
  await page.getByRole('button', { name: 'Prices' }).tap();
  await page.getByRole('button', { name: 'Ask the supplier (simulated)' }).tap();
  await expect(page.getByText('New prices for 6 resins')).toBeVisible();
  await page.getByRole('button', { name: 'Jobs to buy for' }).tap();
  await page.getByRole('checkbox', { name: 'Brought along' }).tap();
  await expect(page.getByTestId('shopping').filter({ hasText: 'Slow clear' })).not.toContainText(
    'Brought along',
  );
});

test('a plain cup is marked with water, and the leftovers find a mould', async ({ page }) => {
  await page.goto('/jobs/demo-chart-table/mix');
  await line(page, 'Mark a plain cup with water').tap();
  await page.getByRole('button', { name: 'Add a mark' }).tap();
  await type(page.getByLabel('Water is at'), '21');
  await type(page.getByLabel('Mark 1'), '120');
  await expect(page.getByTestId('cup-marks')).toContainText(figure('119.76 g of water'));
  await line(page, 'Moulds for leftover resin').tap();
  await page.getByRole('checkbox', { name: 'Porthole buttons' }).tap();
  await expect(page.getByTestId('leftovers')).toContainText(
    figure('Fill 3 × Large of Porthole buttons, then 6 × Small of Porthole buttons'),
  );
  await expect(saved(page)).toBeVisible();
});

test('resins are compared, the choice is made, and a hardener with it', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/resin');
  const cards = page.getByRole('radiogroup', { name: 'Resin' });
  await chooseOn(page, 'Sort by', /^Safest/);
  await expect(cards.getByRole('radio').first()).toHaveAccessibleName(/\. Good$/);
  await expect(cards.getByRole('radio').last()).toHaveAccessibleName(/\. No$/);
  await expect(page.getByRole('radio', { name: 'Mould silicone. No' })).toContainText(
    'Silicone is for moulds',
  );
  await expect(page.getByRole('radio', { name: 'Table coat. No' })).toContainText(
    'layers are too many',
  );
  const medium = page.getByRole('radio', { name: 'Slow clear, Medium. Possible' });
  await medium.tap();
  await expect(medium).toBeChecked();
  await toStep(page, 'layers');
  await expect(mainFigure(page)).toContainText('6 layers');
});

test('a label that contradicts itself is questioned; the card goes on as a code', async ({
  page,
}) => {
  await page.goto('/shelf/demo-slow-clear');
  await type(page.getByLabel('A by weight'), '100');
  await type(page.getByLabel('B by weight'), '60');
  await expect(page.getByText('would make B 1.8 times as dense as A')).toBeVisible();
  await type(page.getByLabel('B by weight'), '28.9');
  await expect(page.getByText('times as dense as A')).toHaveCount(0);
  await page.getByRole('button', { name: 'Weigh A' }).tap();
  for (const [index, mass] of ['56.2', '56.6', '56.7'].entries()) {
    await type(page.getByLabel(`Volume ${index + 1}`), '50');
    await type(page.getByLabel(`Weighs ${index + 1}`), mass);
  }
  await expect(page.getByText(figure('1.13 g/ml, spread ± 0.005 g/ml'))).toBeVisible();
  await page.getByRole('button', { name: 'Use 1.13 g/ml' }).tap();
  await expect(page.getByLabel('Density of A')).toHaveValue('1.13 g/ml');

  await page.getByRole('button', { name: 'Share this card' }).tap();
  const drawn = await page
    .getByTestId('qr-code')
    .evaluate((svg) => new XMLSerializer().serializeToString(svg));
  const link = await codeIn(page, drawingAddress(drawn));
  expect(link).toContain('/shelf/new#card=');
  await page.goto(link);
  await expect(page.getByRole('heading', { name: 'New resin' })).toBeVisible();
  await expect(page.getByLabel('Name').first()).toHaveValue('Slow clear');
  await expect(page.getByLabel('A by weight')).toHaveValue('100');
});

test('cards come in from a table, and what is wrong with it is told with its place', async ({
  page,
}) => {
  await page.goto('/shelf');
  const open = async (text: string): Promise<void> => {
    const [chooser] = await Promise.all([
      page.waitForEvent('filechooser'),
      page.getByRole('button', { name: 'Open a file' }).tap(),
    ]);
    await chooser.setFiles({ name: 'cards.csv', mimeType: 'text/csv', buffer: Buffer.from(text) });
  };
  const head = 'name,family,ratio.by,ratio.a,ratio.b,depth.greatest';
  await open(`${head}\nHarbour clear,casting-epoxy,weight,2,1,deep\n`);
  await expect(page.getByRole('alert')).toContainText('rows[0].depth.greatest');
  await open(`${head}\nHarbour clear,casting-epoxy,weight,2,1,30 mm\n`);
  await expect(page.getByRole('link', { name: 'Open Harbour clear' })).toContainText(
    figure('to 30 mm deep'),
  );
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByRole('link', { name: 'Open Harbour clear' })).toHaveCount(0);
});
