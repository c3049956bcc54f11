import { basename } from 'node:path';
import { gzipSync } from 'node:zlib';
import { withBrowser } from './browser';
import type { BenchFigure } from './figure';

/** Every script that the first screen of a cold browser asks for, by file name. */
const scriptsOfFirstScreen = (): Promise<Map<string, Buffer>> =>
  withBrowser(async (browser, address) => {
    const page = await browser.newPage();
    const scripts = new Map<string, Buffer>();
    const bodies: Promise<void>[] = [];
    page.on('response', (response) => {
      const path = new URL(response.url()).pathname;
      if (!path.endsWith('.js')) return;
      bodies.push(response.body().then((body) => void scripts.set(basename(path), body)));
    });
    await page.goto(`${address}?start=empty`);
    await page.getByRole('heading', { level: 1 }).waitFor();
    await Promise.all(bodies);
    return scripts;
  });

/** Gzipped JavaScript of the first screen, in all and per chunk; needs the app built. */
export async function benchLoad(): Promise<readonly BenchFigure[]> {
  const scripts = await scriptsOfFirstScreen();
  const chunks = [...scripts].map(([file, body]): BenchFigure => {
    const name = file.replace(/-[0-9a-f]{32}\.js$/, '');
    return {
      name: `load.chunk.${name}`,
      median: gzipSync(body).length,
      unit: 'bytes',
      runs: 1,
    };
  });
  const median = chunks.reduce((sum, chunk) => sum + chunk.median, 0);
  return [{ name: 'load.firstScreenGz', median, unit: 'bytes', runs: 1 }, ...chunks];
}
