import type { Page } from '@playwright/test';
import {
  circle,
  dxf,
  lightPolyline,
  line as drawnLine,
  svg,
} from '../src/core/measure/testShapes/drawings';
import {
  binaryStl,
  cube,
  icosphere,
  modelXml,
  packed,
} from '../src/core/measure/testShapes/meshes';
import { chooseOn, expect, figure, line, mainFigure, saved, test, type, typeKeys } from './app';

const cavity = (page: Page) => page.getByTestId('cavity-1');
const bar = mainFigure;

async function open(page: Page, method: string): Promise<void> {
  await page.goto('/jobs/demo-drawer-tray/measure');
  await chooseOn(cavity(page), 'Measured as', method);
}

async function choose(page: Page, name: string, content: Uint8Array | string): Promise<void> {
  const chooser = page.waitForEvent('filechooser');
  await cavity(page)
    .getByRole('button', { name: /^Choose a/ })
    .tap();
  await (
    await chooser
  ).setFiles({
    name,
    mimeType: 'application/octet-stream',
    buffer: Buffer.from(content),
  });
}

test('the galley inlay, stepped through with a tape: 4475 ml and 79.56 mm on average', async ({
  page,
}) => {
  await open(page, 'Channel by stations');
  const places = [0, 250, 600, 900, 1250];
  const widths = [82, 64, 97, 71, 88];
  await typeKeys(cavity(page).getByLabel('Depth', { exact: true }), '45');
  for (const [index, at] of places.entries()) {
    if (index > 1) await cavity(page).getByRole('button', { name: 'Next station' }).tap();
    await typeKeys(cavity(page).getByLabel(`Station ${index + 1} at`), String(at));
    await typeKeys(cavity(page).getByLabel(`Width ${index + 1}`), String(widths[index]));
  }
  await expect(cavity(page)).toContainText(figure('4475 ml'));
  await expect(cavity(page)).toContainText(figure('79.56 mm wide on average'));
  await expect(cavity(page).getByRole('img', { name: '5 stations' })).toBeVisible();
  await expect(cavity(page)).toContainText(figure('One more at 425 mm would cut the ±'));
  await cavity(page)
    .getByRole('button', { name: /^±.*Why/ })
    .tap();
  await expect(cavity(page)).toContainText('from how the edge bends between 5 stations');
  // A station that goes backwards is told at its own field, and the last good figures stay.
  await typeKeys(cavity(page).getByLabel('Station 4 at'), '500');
  await expect(page.getByText('Each station must lie further along')).toBeVisible();
  await cavity(page).getByRole('button', { name: 'Remove station 4' }).tap();
  await expect(bar(page)).not.toContainText('Last good figures');
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(bar(page)).toContainText('Last good figures');
  await typeKeys(cavity(page).getByLabel('Station 4 at'), '900');
  await expect(bar(page)).toContainText(figure('4923 ml'));
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(cavity(page)).toContainText(figure('4475 ml'));
});

test('a drawing asks for its unit, takes islands out, and lets an outline be left out', async ({
  page,
}) => {
  await open(page, 'Drawing file');
  const drawing = lightPolyline([
    [0, 0],
    [60, 0, 1],
    [60, 40],
    [0, 40, 1],
  ]);
  await choose(page, 'step.dxf', dxf(drawing + circle(30, 20, 8) + drawnLine(0, 60, 50, 60), 0));
  await expect(cavity(page)).toContainText('Ignored: an open line that closes no outline.');
  await expect(cavity(page).getByRole('radio', { name: /^mm \(likely\)/ })).not.toBeChecked();
  await cavity(page).getByRole('radio', { name: /^mm/ }).tap();
  // (2400 + π·400 − π·64) mm² × 31.75 mm.
  await expect(cavity(page)).toContainText(figure('110 ml'));
  await cavity(page).getByRole('checkbox', { name: 'Outline 2' }).tap();
  await expect(cavity(page)).toContainText(figure('116 ml'));
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(cavity(page)).toContainText(figure('116 ml'));
});

test('an SVG that states millimetres is taken so; its script is passed over', async ({ page }) => {
  await open(page, 'Drawing file');
  const content = '<script>alert(1)</script><rect x="5" y="5" width="100" height="60"/>';
  await choose(page, 'lid.svg', svg(content));
  await expect(line(cavity(page), "The file's unit")).toContainText('mm (the file says)');
  await expect(cavity(page)).toContainText('a script, which is not run');
  await expect(cavity(page)).toContainText(figure('191 ml'));
});

test('a mesh in inches by mistake is caught; it can be stood another way, or be a master', async ({
  page,
}) => {
  await open(page, 'Mesh file');
  await choose(page, 'cleat.3mf', packed(modelXml(cube(30), 'inch')));
  await expect(page.getByText('The file says inches, which makes it')).toBeVisible();
  await cavity(page).getByRole('radio', { name: /^mm/ }).tap();
  await expect(cavity(page)).toContainText(figure('27.0 ml'));
  await expect(cavity(page)).toContainText(figure('30 mm × 30 mm × 30 mm'));
  await expect(cavity(page).getByRole('img', { name: 'The body of cleat.3mf' })).toBeVisible();
  await cavity(page).getByRole('radio', { name: 'A master in a mould box' }).tap();
  await expect(cavity(page)).toContainText('Its box, ways in and halves are at Mould box.');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(cavity(page)).toContainText(figure('27.0 ml'));
  await expect(cavity(page)).toContainText('Choose the file again to change its unit');
});

test('a body that is turned keeps its volume and changes its depth', async ({ page }) => {
  await open(page, 'Mesh file');
  await choose(page, 'ball.stl', binaryStl(icosphere(40, 4)));
  await cavity(page).getByRole('radio', { name: /^mm/ }).tap();
  await expect(cavity(page)).toContainText(figure('268 ml'));
  await chooseOn(cavity(page), 'Up when it is poured', 'Upside down');
  await expect(line(cavity(page), 'Up when it is poured')).toContainText('Upside down');
  await expect(cavity(page)).toContainText(figure('268 ml'));
});

test.describe('files that are wrong are told, and nothing is kept of them', () => {
  const stl = binaryStl(cube(30));
  const cases: readonly (readonly [string, string, Uint8Array | string, string])[] = [
    ['Mesh file', 'cut.stl', stl.subarray(0, 300), 'it is cut off'],
    ['Mesh file', 'piece.step', 'x', 'Nipperkin does not read'],
    ['Drawing file', 'a.svg', '<!DOCTYPE svg [<!ENTITY a "b">]><svg/>', 'declares entities'],
    ['Drawing file', 'a.dxf', 'hello', 'broken or cut off at line'],
  ];
  for (const [method, name, content, says] of cases) {
    test(name, async ({ page }) => {
      await open(page, method);
      await choose(page, name, content);
      await expect(page.getByText(says)).toBeVisible();
      await expect(cavity(page).getByRole('button', { name: /^Choose a/ })).toBeVisible();
      await expect(bar(page)).toContainText('Last good figures');
    });
  }
});

test('an insert takes its room, at the height where it stands', async ({ page }) => {
  await page.goto('/jobs/demo-lamp-base/measure');
  await expect(cavity(page)).toContainText(figure('1816 ml'));
  await expect(page.getByTestId('insert-2')).toContainText(figure('10.7 ml'));
  await page.getByRole('button', { name: 'Add an insert' }).tap();
  const insert = page.getByTestId('insert-3');
  await type(insert.getByLabel('Diameter'), '20');
  await type(insert.getByLabel('Depth', { exact: true }), '118');
  await expect(insert).toContainText(figure('37.1 ml'));
  // 1816.5 ml less a core of 13.3, a ring of 10.7 and 37.1 ml; 10 % more.
  await expect(bar(page)).toContainText(figure('1931 ml'));
  await type(insert.getByLabel('Diameter'), '200');
  await expect(insert.getByText('more room than the cavity has')).toBeVisible();
  await insert.getByRole('button', { name: 'Remove insert 3' }).tap();
  await expect(bar(page)).toContainText(figure('1972 ml'));
});

test('allowances stand apart, each with its own millilitres, and can be switched off', async ({
  page,
}) => {
  await page.goto('/jobs/demo-drawer-tray/mix');
  const besides = page.getByTestId('allowances');
  const toMix = page.getByTestId('figures');
  await expect(besides).toContainText(figure('191 ml'));
  await line(besides, 'Overage').tap();
  await besides.getByRole('radio', { name: 'Small open moulds' }).tap();
  await expect(besides).toContainText('2 %: small open moulds are under-poured and topped up');
  await expect(toMix).toContainText(figure('1943 ml'));
  await line(besides, 'Seepage, soak, residue and more').tap();
  const stock = besides.getByRole('checkbox', { name: 'Stock to plane away' });
  await stock.tap();
  await line(besides, 'Stock to plane away').tap();
  await type(besides.getByLabel('Planed off the top'), '2');
  // 600 cm² × 2 mm.
  await expect(besides).toContainText(figure('120 ml'));
  await expect(toMix).toContainText(figure('2063 ml'));
  await stock.tap();
  await expect(toMix).toContainText(figure('1943 ml'));
  await stock.tap();
  await line(besides, 'Stock to plane away').tap();
  await expect(besides.getByLabel('Planed off the top')).toHaveValue('2 mm');
});

test('a porous mould is not filled with water unless the person says so', async ({ page }) => {
  await open(page, 'Fill test with water');
  await type(cavity(page).getByLabel('Mass of the water'), '412');
  await type(cavity(page).getByLabel('Water temperature'), '18');
  await chooseOn(cavity(page), 'The mould is of', 'Silicone');
  await expect(cavity(page)).toContainText(figure('413 ml'));
  await expect(page.getByText('water stops the cure')).toBeVisible();
  await chooseOn(cavity(page), 'The mould is of', 'Timber');
  await expect(cavity(page).getByText('Water soaks into this mould')).toBeVisible();
  await cavity(page).getByRole('checkbox', { name: 'Fill it with water all the same' }).tap();
  await expect(page.getByText('soaks up water, so this figure is high')).toBeVisible();
});

test('heights of layers that are typed stay when one more is added', async ({ page }) => {
  await page.goto('/jobs/demo-drawer-tray/layers');
  await chooseOn(page, 'Poured in', /Heights of my own/);
  // It begins in the middle.
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('16 mm');
  await type(page.getByLabel('Layer 1 ends at'), '10');
  await page.getByRole('button', { name: 'Cut once more' }).tap();
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('10 mm');
  await type(page.getByLabel('Layer 2 ends at'), '20');
  await expect(page.getByTestId('layer-table')).toContainText(figure('Layer 3, 12 mm'));
  await page.getByRole('button', { name: 'Remove the end of layer 1' }).tap();
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('20 mm');
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expect(page.getByLabel('Layer 1 ends at')).toHaveValue('10 mm');
});

test('volume by height opens on a tap', async ({ page }) => {
  await page.goto('/jobs/demo-galley-bowl/measure');
  await page.getByRole('button', { name: 'Volume by height' }).tap();
  await expect(page.getByRole('img', { name: /Volume by height, up to 1642/ })).toBeVisible();
});

test('a bulk density is found once, kept, and there for the next fill', async ({ page }) => {
  await open(page, 'Fill test with grain');
  await cavity(page).getByRole('radio', { name: 'Long rice' }).tap();
  await type(cavity(page).getByLabel('Mass of the grain'), '82');
  await expect(cavity(page)).toContainText(figure('100 ml'));
  await cavity(page).getByRole('button', { name: 'Find a bulk density' }).tap();
  await type(cavity(page).getByLabel('Grain in the jug'), '750');
  await type(cavity(page).getByLabel('Fills the jug to'), '500 l');
  await expect(cavity(page).getByText("no grain's bulk density")).toBeVisible();
  await type(cavity(page).getByLabel('Fills the jug to'), '500');
  await type(cavity(page).getByLabel('Name of the grain'), 'Dry sand');
  await cavity(page).getByRole('button', { name: 'Keep and use 1.5 g/ml' }).tap();
  await expect(cavity(page)).toContainText(figure('54.7 ml'));
  await cavity(page)
    .getByRole('button', { name: /Why\?$/ })
    .tap();
  await expect(cavity(page).getByText('more where detail is fine')).toBeVisible();
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(cavity(page).getByRole('radio', { name: /^Dry sand/ })).toBeChecked();
});

test('a coat covers a face that was drawn', async ({ page }) => {
  await page.goto('/jobs/demo-chart-table/measure');
  await chooseOn(cavity(page), 'Measured by', 'Drawing file');
  await choose(
    page,
    'lid.svg',
    '<svg xmlns="http://www.w3.org/2000/svg" width="400mm" height="300mm" viewBox="0 0 400 300"><path d="M0 0h400v300h-400zM100 100h100v100h-100z"/></svg>',
  );
  // 1200 cm² less a window of 100 cm², 3/16 in thick.
  await expect(cavity(page)).toContainText(figure('524 ml'));
  await cavity(page).getByRole('checkbox', { name: 'Coat the edges too' }).tap();
  await type(cavity(page).getByLabel('Height of the edges'), '18');
  // 1800 mm of edge with the window's, 18 mm high.
  await expect(cavity(page)).toContainText(figure('678 ml'));
});
