import { createHash } from 'node:crypto';
import { mkdtemp, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium, type Page } from '@playwright/test';
import { testChromiumPath, chromiumSwitches } from '../scripts/chromium.mjs';
import { expect, figure, mainFigure, test, type } from './app';
import { lightOf } from './pictures';
import { storedTexts as texts } from './storage';

/** What is kept, in short: whole texts tell nothing more where they differ. */
async function storedTexts(page: Page): Promise<Record<string, string>> {
  const sum = (text: string): string => createHash('sha256').update(text).digest('hex');
  return Object.fromEntries(
    Object.entries(await texts(page)).map(([key, text]) => [key, sum(text)]),
  );
}

/** The codes of a job as pictures, as they stand on the screen of the laptop. */
async function codesOf(page: Page, job: string): Promise<Buffer[]> {
  await page.goto(`/jobs/${job}`);
  await page.getByRole('button', { name: 'Take it to another device' }).tap();
  const code = page.getByTestId('qr-code');
  const codes: Buffer[] = [];
  const next = page.getByRole('button', { name: 'The next code' });
  for (;;) {
    await expect(code).toBeVisible();
    codes.push(await code.screenshot());
    if ((await next.count()) === 0 || (await next.getAttribute('aria-disabled')) === 'true') break;
    const label = (await code.getAttribute('aria-label')) ?? '';
    await next.tap();
    await expect(code).not.toHaveAttribute('aria-label', label);
  }
  return codes;
}

async function readPicture(page: Page, buffer: Buffer): Promise<void> {
  const [chooser] = await Promise.all([
    page.waitForEvent('filechooser'),
    page.getByRole('button', { name: 'Read a picture of a code' }).tap(),
  ]);
  await chooser.setFiles({ name: 'code.png', mimeType: 'image/png', buffer });
}

test('a job goes from the table to the bench by its codes, and nothing is kept before it is seen', async ({
  page,
  devtools,
  baseURL,
}) => {
  const codes = await codesOf(page, 'demo-galley-inlay');
  expect(codes).toHaveLength(2);
  await page.goto('/rescue.html');
  await devtools.send('Storage.clearDataForOrigin', {
    origin: baseURL ?? '',
    storageTypes: 'indexeddb,local_storage',
  });
  await page.goto('/jobs?start=empty');
  await page.getByRole('button', { name: 'Take a job over from another device' }).tap();
  await readPicture(page, codes[1]!);
  await expect(mainFigure(page)).toHaveText('1 of 2 codes is here; 1 is missing');
  // Another window reads the other one: a phone opens a new one for each code.
  await page.goto('/take');
  await expect(page.getByRole('heading', { name: 'Take a job over' })).toBeVisible();
  const before = await storedTexts(page);
  await readPicture(page, codes[0]!);
  await expect(page.getByRole('heading', { name: 'Galley step, live-edge inlay' })).toBeVisible();
  await expect(mainFigure(page)).toHaveText('A job of 3 pours');
  await expect(page.getByTestId('section')).toBeVisible();
  expect(await storedTexts(page)).toEqual(before);
  await page.getByRole('button', { name: 'Keep it as a job' }).tap();
  await expect(page).toHaveURL(/\/jobs\/[\w-]+$/);
  await expect(page.getByRole('heading', { name: 'Galley step, live-edge inlay' })).toBeVisible();
});

test('a link is shown before it is kept, and writes over nothing', async ({ page, context }) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/jobs/demo-drawer-tray');
  await page.getByRole('button', { name: 'Take it to another device' }).tap();
  await page.getByRole('button', { name: 'Copy the link' }).tap();
  await expect(page.getByText('Copied the link')).toBeVisible();
  const link = await page.evaluate(() => navigator.clipboard.readText());
  const before = await storedTexts(page);
  await page.goto(link);
  await expect(page.getByRole('heading', { name: 'Drawer tray' })).toBeVisible();
  await expect(page.getByText(figure('2096 ml'))).toBeVisible();
  expect(await storedTexts(page)).toEqual(before);
  await page.getByRole('button', { name: 'Leave it' }).tap();
  expect(await storedTexts(page)).toEqual(before);
  await type(page.getByRole('textbox', { name: 'Link' }), link);
  await page.getByRole('button', { name: 'Look at it' }).tap();
  await page.getByRole('button', { name: 'Keep it as a job' }).tap();
  await expect(page).toHaveURL(/\/jobs\/(?!demo)[\w-]+$/);
  const after = await storedTexts(page);
  expect(after['job/demo-drawer-tray']).toBe(before['job/demo-drawer-tray']);
  expect(Object.keys(after)).toHaveLength(Object.keys(before).length + 1);
});

test('links that are none, are broken or are traps say so and do nothing', async ({ page }) => {
  await page.goto('/take');
  await expect(page.getByRole('heading', { name: 'Take a job over' })).toBeVisible();
  const before = await storedTexts(page);
  const look = async (text: string): Promise<void> => {
    await type(page.getByRole('textbox', { name: 'Link' }), text);
    await page.getByRole('button', { name: 'Look at it' }).tap();
  };
  for (const [text, words] of [
    ['javascript:alert(1)', 'is no link of a job'],
    ['https://example.org/#job', 'is no link of a job'],
    ['#job=AAAA', 'cut off or changed on its way'],
    ['#part=0123456789ab.9.3.x', 'cut off or changed on its way'],
  ] as const) {
    await look(text);
    await expect(page.getByRole('alert').filter({ hasText: words })).toBeVisible();
  }
  await page.goto('/take#job=%3Cscript%3E');
  await expect(page.getByRole('alert')).toContainText('cut off or changed');
  expect(await storedTexts(page)).toEqual(before);
});

/** Side of the pictures of the stand-in for a camera, px. */
const filmPx = 640;

/** A film of one picture that stands still, as the browser's own stand-in for a camera takes it (YUV4MPEG2). */
async function filmOf(page: Page, picture: Buffer): Promise<Buffer> {
  const light = await lightOf(page, `data:image/png;base64,${picture.toString('base64')}`, filmPx);
  const grey = Buffer.alloc((filmPx * filmPx) / 2, 128);
  const frame = Buffer.concat([Buffer.from('FRAME\n'), light, grey]);
  const head = Buffer.from(`YUV4MPEG2 W${filmPx} H${filmPx} F10:1 Ip A1:1 C420jpeg\n`);
  return Buffer.concat([head, frame, frame]);
}

test('the camera reads a code that is held up to it', async ({ page, baseURL }) => {
  const [code] = await codesOf(page, 'demo-dial-lenses');
  const folder = await mkdtemp(join(tmpdir(), 'nipperkin-camera-'));
  const film = join(folder, 'film.y4m');
  await page.goto('/rescue.html');
  await writeFile(film, await filmOf(page, code!));
  const phone = await chromium.launch({
    executablePath: testChromiumPath() ?? '',
    args: [
      ...chromiumSwitches,
      '--use-fake-device-for-media-stream',
      '--use-fake-ui-for-media-stream',
      `--use-file-for-fake-video-capture=${film}`,
    ],
  });
  try {
    const other = await phone.newPage({ baseURL: baseURL ?? '', serviceWorkers: 'block' });
    await other.goto('/take?start=empty');
    await other.getByRole('button', { name: 'Read with the camera' }).click();
    await expect(other.getByText('A job of one pour')).toBeVisible();
    await expect(other.getByTestId('camera')).toHaveCount(0);
  } finally {
    await phone.close();
    await rm(folder, { recursive: true, force: true });
  }
});
