import type { Page } from '@playwright/test';
import { chooseOn, expect, saved, test, type } from './app';

const canvas = (page: Page) => page.getByTestId('trace-canvas');

async function openTrace(page: Page): Promise<void> {
  await page.goto('/jobs/demo-drawer-tray/measure');
  const cavity = page.getByTestId('cavity-1');
  await chooseOn(cavity, 'Measured as', 'Traced outline');
  await cavity.getByRole('button', { name: 'Trace on a photo or a grid' }).tap();
  await expect(canvas(page)).toBeVisible();
}

type Place = readonly [number, number];

/** Where a place of the picture lies on the canvas, which shows all of it in its middle. */
async function onCanvas(page: Page, [wide, high]: Place): Promise<(place: Place) => Place> {
  const box = await canvas(page).boundingBox();
  if (box === null) throw new Error('the canvas is not in sight');
  const scale = Math.min(box.width / wide, box.height / high);
  return ([x, y]) => [
    (box.width - wide * scale) / 2 + x * scale,
    (box.height - high * scale) / 2 + y * scale,
  ];
}

const grid: Place = [20, 26];

/** Taps places of the picture, where it lay at first: from the first tap on it stays. */
async function tapAt(
  page: Page,
  picture: Place,
  places: readonly Place[],
  known?: (place: Place) => Place,
): Promise<void> {
  const at = known ?? (await onCanvas(page, picture));
  for (const place of places) {
    const [x, y] = at(place);
    await canvas(page).tap({ position: { x, y } });
  }
}

// In squares of the grid, which are 10 mm.
const ring: readonly Place[] = [
  [5, 5],
  [13, 5],
  [13, 15],
  [5, 15],
];
const island: readonly Place[] = [
  [7, 8],
  [10, 8],
  [10, 12],
  [7, 12],
];

/** The area that the screen says, in cm². */
async function areaCm2(page: Page): Promise<number> {
  const said = (await page.getByRole('status').textContent()) ?? '';
  return Number(/^([\d.]+)\s*cm²/.exec(said)?.[1]);
}

/** Waits until the screen says an area; a tap is as exact as a pixel of the screen. */
const expectArea = (page: Page, cm2: number) =>
  expect.poll(async () => Math.abs((await areaCm2(page)) - cm2)).toBeLessThan(0.008 * cm2);

test('an outline and its island on a grid, by taps; undo, delete, keys, and the job keeps it', async ({
  page,
}) => {
  await openTrace(page);
  await tapAt(page, grid, ring);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  await expectArea(page, 80);
  await tapAt(page, grid, island);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  await expectArea(page, 68);
  await expect(page.getByRole('status')).toContainText('1 island taken out');
  // Without its last corner the island is half as large.
  await page.getByRole('button', { name: 'Delete the point' }).tap();
  await expectArea(page, 74);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await expectArea(page, 68);
  await page.getByRole('button', { name: 'Redo' }).tap();
  await expectArea(page, 74);
  await page.getByRole('button', { name: 'Undo' }).tap();
  await page.getByRole('button', { name: 'Done' }).tap();
  const cavity = page.getByTestId('cavity-1');
  await expect(cavity).toContainText('2 outlines');
  await type(cavity.getByLabel('Depth', { exact: true }), '20');
  await expect(cavity).toContainText(/13[5-7]\sml/);
  const volume = /13[5-7]\sml/.exec((await cavity.textContent()) ?? '')?.[0] ?? '';
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await expect(page.getByTestId('cavity-1')).toContainText(volume);
});

test('a point is dragged, nudged by keys, put into an edge, and the picture zooms and pans', async ({
  page,
}) => {
  await openTrace(page);
  await tapAt(page, grid, ring);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  await expectArea(page, 80);
  const at = await onCanvas(page, grid);
  const box = await canvas(page).boundingBox();
  const [left, top] = [box?.x ?? 0, box?.y ?? 0];
  const drag = async (from: Place, to: Place): Promise<void> => {
    const [fromX, fromY] = at(from);
    const [toX, toY] = at(to);
    await page.mouse.move(left + fromX, top + fromY);
    await page.mouse.down();
    await page.mouse.move(left + toX, top + toY, { steps: 8 });
    await page.mouse.up();
  };
  // The corner goes four squares outwards: half of 4 × 10 squares more.
  await drag([13, 15], [17, 15]);
  await expectArea(page, 100);
  await canvas(page).focus();
  // Ten tenths of a square back: half of 1 × 10 squares less; with Shift all at once, and undone.
  for (let press = 0; press < 10; press += 1) await page.keyboard.press('ArrowLeft');
  await expectArea(page, 95);
  await page.keyboard.press('Shift+ArrowLeft');
  await expectArea(page, 90);
  await page.keyboard.press('Control+z');
  await expectArea(page, 95);
  // A tap on an edge puts a point into it, which the keys then move.
  await canvas(page).tap({ position: { x: at([9, 5])[0], y: at([9, 5])[1] } });
  await canvas(page).focus();
  await page.keyboard.press('Shift+ArrowDown');
  await expectArea(page, 91);
  await page.keyboard.press('Delete');
  await expectArea(page, 95);
  // Beside the outline a drag moves the picture and changes nothing of it; a turn of the wheel comes closer.
  await page.mouse.move(left + at([5, 5])[0], top + at([5, 5])[1]);
  await page.mouse.wheel(0, -277);
  await expectArea(page, 95);
  // Twice as near about the corner under the pointer: that corner can still be taken where it is.
  await drag([5, 5], [7, 5]);
  await expectArea(page, 90);
});

test('two fingers zoom the picture', async ({ page }) => {
  await openTrace(page);
  await tapAt(page, grid, ring);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  await expectArea(page, 80);
  const box = await canvas(page).boundingBox();
  const at = await onCanvas(page, grid);
  const [centreX, centreY] = at([5, 5]);
  const [x, y] = [(box?.x ?? 0) + centreX, (box?.y ?? 0) + centreY];
  const fingers = await page.context().newCDPSession(page);
  const touch = (kind: 'touchStart' | 'touchMove' | 'touchEnd', apart?: number) =>
    fingers.send('Input.dispatchTouchEvent', {
      type: kind,
      touchPoints:
        apart === undefined
          ? []
          : [
              { x: x - apart, y, id: 0 },
              { x: x + apart, y, id: 1 },
            ],
    });
  await touch('touchStart', 30);
  for (const apart of [36, 42, 48, 54, 60]) await touch('touchMove', apart);
  await touch('touchEnd');
  // Twice as near about that corner: two squares to the right are now as wide as four were.
  const [farX, farY] = at([9, 5]);
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move((box?.x ?? 0) + farX, (box?.y ?? 0) + farY, { steps: 8 });
  await page.mouse.up();
  await expect.poll(async () => Math.abs((await areaCm2(page)) - 70)).toBeLessThan(2);
});

test('an outline that crosses itself is told with its place', async ({ page }) => {
  await openTrace(page);
  await tapAt(page, grid, [
    [5, 5],
    [13, 15],
    [13, 5],
    [5, 15],
  ]);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  await expect(page.getByText('crosses itself near')).toBeVisible();
});

test('a photo gets its scale from a known rectangle and stays on the device', async ({ page }) => {
  await openTrace(page);
  // A picture made here: a sheet seen at a slant, on a dark board.
  const picture = await page.evaluate(() => {
    const made = document.createElement('canvas');
    made.width = 1400;
    made.height = 1500;
    const pen = made.getContext('2d');
    if (pen === null) return '';
    pen.fillStyle = '#443322';
    pen.fillRect(0, 0, 1400, 1500);
    pen.fillStyle = '#ffffff';
    pen.beginPath();
    for (const [x, y] of [
      [412, 318],
      [1190, 402],
      [1104, 1365],
      [260, 1188],
    ] as const) {
      pen.lineTo(x, y);
    }
    pen.fill();
    return made.toDataURL('image/png').split(',')[1] ?? '';
  });
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Photo' }).tap();
  await (
    await chooser
  ).setFiles({
    name: 'sheet.png',
    mimeType: 'image/png',
    buffer: Buffer.from(picture, 'base64'),
  });
  await page.getByRole('radio', { name: 'A rectangle' }).tap();
  await expect(page.getByText('4 to go')).toBeVisible();
  const corners: readonly Place[] = [
    [412, 318],
    [1190, 402],
    [1104, 1365],
    [260, 1188],
  ];
  const photo: Place = [1400, 1500];
  const lying = await onCanvas(page, photo);
  await tapAt(page, photo, corners, lying);
  await page.getByRole('radio', { name: 'Outline', exact: true }).tap();
  await expect(page.getByText('to go')).toHaveCount(0);
  await tapAt(page, photo, corners, lying);
  await page.getByRole('button', { name: 'Close outline' }).tap();
  // The sheet's own outline.
  await expectArea(page, 623.7);
  await page.getByRole('button', { name: 'Done' }).tap();
  await type(page.getByTestId('cavity-1').getByLabel('Depth', { exact: true }), '10');
  await expect(saved(page)).toBeVisible();
  await page.reload();
  await page.getByRole('button', { name: 'Go on tracing' }).tap();
  await expect(canvas(page).locator('image')).toHaveCount(1);
});
