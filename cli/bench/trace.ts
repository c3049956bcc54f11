import type { Page } from '@playwright/test';
import exampleFile from '../../docs/formats/drawer-tray.job.json';
import { withBrowser } from './browser';
import { medianOf, type BenchFigure } from './figure';
import { outline5000 } from './outlines';

/** A job whose cavity is an outline of 5 000 points on a grid of 10 mm squares. */
const job = {
  ...exampleFile,
  name: 'Five thousand points',
  measure: {
    parts: [
      {
        shape: 'traced',
        outlines: [{ points: outline5000().map((px) => px / 110) }],
        scale: { by: 'grid', square: '10 mm' },
        depth: '20 mm',
      },
    ],
  },
};

async function openTrace(page: Page, address: string): Promise<void> {
  await page.goto(new URL('/jobs?start=empty', address).href);
  const chooser = page.waitForEvent('filechooser');
  await page.getByRole('button', { name: 'Open a file' }).click();
  await (
    await chooser
  ).setFiles({
    name: 'points.job.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify(job)),
  });
  await page.getByTestId('step-measure').click();
  await page.getByRole('button', { name: 'Go on tracing' }).click();
  await page.getByRole('button', { name: 'Done' }).waitFor();
}

/**
 * Drags one of 5 000 points about on a phone's screen in Chromium: the time from one picture to the next while it
 * follows the finger, and the longest that the page was held up.
 */
export async function benchTrace(): Promise<readonly BenchFigure[]> {
  return withBrowser(async (browser, address) => {
    const page = await browser.newPage({
      serviceWorkers: 'block',
      viewport: { width: 390, height: 844 },
    });
    await openTrace(page, address);
    const box = await page.getByTestId('trace-canvas').boundingBox();
    if (box === null) throw new Error('the canvas is not in sight');
    // The first point is at the right of the outline, at 1800, 1000 of 2000.
    const scale = Math.min(box.width / 20, box.height / 26);
    const x = box.x + (box.width - 20 * scale) / 2 + (1800 / 110) * scale;
    const y = box.y + (box.height - 26 * scale) / 2 + (1000 / 110) * scale;
    await page.mouse.move(x, y);
    await page.mouse.down();
    await page.mouse.move(x + 10, y + 10, { steps: 5 });
    // As text: what the command's compiler adds to functions is not there in the page.
    await page.evaluate(`{
      globalThis.seen = [];
      requestAnimationFrame(function next(now) {
        globalThis.seen.push(now);
        requestAnimationFrame(next);
      });
    }`);
    for (let turn = 0; turn < 240; turn += 1) {
      await page.mouse.move(x + 20 * Math.cos(turn / 9), y + 20 * Math.sin(turn / 9));
    }
    const seen = await page.evaluate<readonly number[]>('globalThis.seen');
    await page.mouse.up();
    const frames = seen.slice(1).map((now, index) => now - (seen[index] ?? now));
    const sorted = frames.toSorted((a, b) => a - b);
    return [
      { name: 'trace.frame5000', median: medianOf(frames), unit: 'ms', runs: frames.length },
      {
        name: 'trace.frame5000.p95',
        median: Number((sorted[Math.floor(0.95 * sorted.length)] ?? NaN).toFixed(3)),
        unit: 'ms',
        runs: frames.length,
      },
    ];
  });
}
