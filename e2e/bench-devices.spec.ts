import type { Page } from '@playwright/test';
import { expect, test } from './app';
import { beginBench, benchMain, liveRecords, onHeading, readJobFile } from './bench';

/** What a test says through a port, or a device, of the browser's own interface. */
interface FakeDevices {
  readonly say: (text: string) => void;
  readonly report: (bytes: readonly number[]) => void;
  readonly unplug: () => void;
  readonly plugIn: () => void;
  readonly opened: () => object | undefined;
}

declare global {
  interface Window {
    fake: FakeDevices;
  }
}

/** Puts a serial port and a USB scale where a browser has its own: nothing of ours is replaced. */
async function withDevices(page: Page): Promise<void> {
  await page.addInitScript(() => {
    const port = new EventTarget() as EventTarget & Record<string, unknown>;
    let writer: ReadableStreamDefaultController<Uint8Array> | undefined;
    let openedWith: object | undefined;
    port['open'] = async (options: object) => {
      if (openedWith !== undefined) throw new Error('already open');
      openedWith = options;
      port['readable'] = new ReadableStream<Uint8Array>({
        start(controller) {
          writer = controller;
        },
      });
    };
    port['close'] = async () => {
      openedWith = undefined;
      port['readable'] = null;
    };
    const serial = new EventTarget() as EventTarget & Record<string, unknown>;
    let chosenPort = false;
    serial['getPorts'] = async () => (chosenPort ? [port] : []);
    serial['requestPort'] = async () => {
      chosenPort = true;
      return port;
    };
    const device = new EventTarget() as EventTarget & Record<string, unknown>;
    Object.assign(device, {
      collections: [{ usagePage: 0x8d, usage: 0x20 }],
      opened: false,
      productName: 'a scale',
      open: async () => void (device['opened'] = true),
      close: async () => void (device['opened'] = false),
    });
    const hid = new EventTarget() as EventTarget & Record<string, unknown>;
    let chosenDevice = false;
    hid['getDevices'] = async () => (chosenDevice ? [device] : []);
    hid['requestDevice'] = async ({ filters }: { filters: { usagePage: number }[] }) => {
      if (filters[0]?.usagePage !== 0x8d) return [];
      chosenDevice = true;
      return [device];
    };
    Object.defineProperty(navigator, 'serial', { value: serial });
    Object.defineProperty(navigator, 'hid', { value: hid });
    const tell = (type: string): void => {
      const event = new Event(type);
      Object.defineProperty(event, 'target', { value: port });
      serial.dispatchEvent(event);
      const gone = new Event(type);
      Object.defineProperty(gone, 'device', { value: device });
      hid.dispatchEvent(gone);
    };
    window.fake = {
      say: (text) => writer?.enqueue(new TextEncoder().encode(text)),
      report: (bytes) => {
        const event = new Event('inputreport');
        Object.defineProperty(event, 'data', { value: new DataView(new Uint8Array(bytes).buffer) });
        device.dispatchEvent(event);
      },
      unplug: () => {
        writer?.close();
        writer = undefined;
        openedWith = undefined;
        port['readable'] = null;
        tell('disconnect');
      },
      plugIn: () => tell('connect'),
      opened: () => openedWith,
    };
  });
}

async function choose(page: Page, driver: string): Promise<void> {
  await page.getByRole('button', { name: 'More', exact: true }).tap();
  await page.getByRole('button', { name: /^Scale, thermometer, sound/ }).tap();
  await page.getByRole('button', { name: driver }).tap();
}

const backToPour = (page: Page): Promise<void> =>
  page.getByRole('button', { name: 'Back to the pour' }).tap();

/** The scale goes on saying one thing, as scales do, until it is told to say another. */
async function keepsSaying(page: Page, line: string): Promise<void> {
  await page.evaluate((text) => {
    const held = window as unknown as { saying?: ReturnType<typeof setInterval> };
    clearInterval(held.saying);
    held.saying = setInterval(() => window.fake.say(`${text}\r\n`), 50);
  }, line);
}

const silent = (page: Page): Promise<void> =>
  page.evaluate(() =>
    clearInterval((window as unknown as { saying?: ReturnType<typeof setInterval> }).saying),
  );

async function toPartA(page: Page): Promise<void> {
  await readJobFile(page, 'two-batches.job.json');
  await beginBench(page);
  await benchMain(page).tap();
  await onHeading(page, 'Take a cup');
  await benchMain(page).tap();
  await onHeading(page, 'A resin');
}

test('a serial scale: its format is found, its line settings are kept, floods, garbage, overload and a pulled cable are told', async ({
  page,
}) => {
  await withDevices(page);
  await toPartA(page);
  await choose(page, 'Scale: Serial port');
  await expect
    .poll(() => page.evaluate(() => window.fake.opened()))
    .toMatchObject({
      baudRate: 9600,
      parity: 'none',
    });
  await page.getByRole('button', { name: 'Settings of its line' }).tap();
  await page.getByRole('radio', { name: 'even', exact: true }).tap();
  await expect
    .poll(() => page.evaluate(() => window.fake.opened()))
    .toMatchObject({
      parity: 'even',
    });
  await page.evaluate(() => {
    for (let line = 0; line < 30; line += 1) window.fake.say(`\u0000\u00ffgarbage ${line}\r\n`);
  });
  await expect(page.getByText('is no reading. Set its speed').first()).toBeVisible();
  await keepsSaying(page, 'S S      31.00 g');
  await expect(page.getByText('it tells')).toBeVisible();
  await backToPour(page);
  await expect(page.getByText(/31\.0 g.*tare the scale/)).toBeVisible();
  await keepsSaying(page, 'S S       0.00 g');
  await expect(page.getByTestId('to-pour')).toContainText('420.0');

  // Two hundred lines a second, cut wherever the wire cuts them: the last one is on the screen.
  await silent(page);
  await page.evaluate(async () => {
    for (let turn = 0; turn < 40; turn += 1) {
      let text = '';
      for (let line = 0; line < 10; line += 1) {
        text += `S D  ${(turn * 10 + line) / 2} g\r\n`;
      }
      window.fake.say(text.slice(0, 37));
      window.fake.say(text.slice(37));
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
  });
  await keepsSaying(page, 'S D     200.00 g');
  await expect(page.getByTestId('in-cup')).toContainText('200.0');
  await keepsSaying(page, 'S +');
  await expect(page.getByText('Too much on the scale: take it off.')).toBeVisible();
  await keepsSaying(page, 'S S    -31.00 g');
  await expect(page.getByText(/The cup is off the scale/)).toBeVisible();
  await keepsSaying(page, 'S S    200.00 g');
  await expect(page.getByTestId('in-cup')).toContainText('200.0');
  await keepsSaying(page, 'S S     7.055 oz');
  await expect(
    page.getByText('The scale now shows oz weight, no longer g.', { exact: false }),
  ).toBeVisible();
  await expect(page.getByTestId('in-cup')).toContainText('200.0');

  await silent(page);
  await page.evaluate(() => window.fake.unplug());
  await expect(page.getByText(/The scale is lost/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'It reads something else' })).toBeVisible();
  await page.evaluate(() => window.fake.plugIn());
  await keepsSaying(page, 'S S    420.10 g');
  await onHeading(page, 'B hardener into the same cup');
  const [live] = await liveRecords(page);
  expect(live!.events.find(({ step }) => step === 'layer-1/1:part-a')).toMatchObject({
    g: 420.1,
    raw: 'S S    420.10 g',
    by: 'serial',
    byItself: true,
  });
  expect(live!.events.some(({ did, text }) => did === 'scale-said' && text === 'overload')).toBe(
    true,
  );

  // The port that was chosen is opened again without being asked for.
  await silent(page);
  await page.reload();
  await onHeading(page, 'B hardener into the same cup');
});

test('a USB scale tells by its reports', async ({ page }) => {
  await withDevices(page);
  await toPartA(page);
  await choose(page, 'Scale: USB scale');
  const report = (status: number, tenths: number): Promise<void> =>
    page.evaluate(
      ([state, weight]) => window.fake.report([state!, 2, 255, weight! & 255, weight! >> 8]),
      [status, tenths],
    );
  await report(4, 310);
  await expect(page.getByText('it tells')).toBeVisible();
  await backToPour(page);
  await expect
    .poll(async () => {
      await report(4, 310);
      return page.getByText(/31\.0 g.*tare the scale/).isVisible();
    })
    .toBe(true);
  await expect
    .poll(async () => {
      await report(2, 0);
      return page.getByTestId('to-pour').isVisible();
    })
    .toBe(true);
  await report(3, 2000);
  await expect(page.getByTestId('in-cup')).toContainText('200.0');
  await report(6, 0);
  await expect(page.getByText('Too much on the scale: take it off.')).toBeVisible();
  await expect
    .poll(async () => {
      await report(4, 4380);
      return page.getByRole('heading', { level: 1 }).first().innerText();
    })
    .toContain('B hardener');
  await expect(page.getByText('146.0 g · scale will read 584.0 g')).toBeVisible();
  const [live] = await liveRecords(page);
  expect(live!.events.find(({ g }) => g === 438)).toMatchObject({
    raw: '04 02 ff 1c 11',
    by: 'hid',
  });
});

test.describe('hosted without its server', () => {
  test.use({ allowedErrors: [/404|Failed to load resource/] });
  test('by hand remains, and that is said', async ({ page }) => {
    await page.route('**/instruments**', (route) => route.fulfill({ status: 404 }));
    await toPartA(page);
    await page.getByRole('button', { name: 'More', exact: true }).tap();
    await page.getByRole('button', { name: /^Scale, thermometer, sound/ }).tap();
    await expect(page.getByText(/^Not to be had here: simulated/).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Scale: Simulated' })).toHaveCount(0);
    await backToPour(page);
    await benchMain(page).tap();
    await onHeading(page, 'B hardener');
    const job = (await liveRecords(page))[0]!.job;
    await page.goto(`/bench/practice?job=${job}`);
    await benchMain(page).tap();
    await benchMain(page).tap();
    await expect(page.getByText(/There is no scale to be had here/)).toBeVisible();
    await benchMain(page).tap();
    await onHeading(page, 'B hardener');
  });
});
