import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { BrowserContext, Playwright, PlaywrightTestOptions } from '@playwright/test';
import { chromiumPath, chromiumSwitches } from '../scripts/chromium.mjs';

type ProjectUse = Partial<
  Pick<PlaywrightTestOptions, 'baseURL' | 'viewport' | 'hasTouch' | 'isMobile'>
>;

/**
 * Opens a browser with a profile in a folder of its own, which goes with it. Only a profile that is kept on disk keeps the scripts
 * as they were compiled: without it every page load compiles them again, which is a quarter of what a load takes.
 */
export async function openProfile(
  { chromium }: Pick<Playwright, 'chromium'>,
  { baseURL, viewport, hasTouch }: ProjectUse,
): Promise<BrowserContext> {
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-profile-'));
  const path = chromiumPath();
  const profile = await chromium.launchPersistentContext(folder, {
    ...(path === undefined ? {} : { executablePath: path }),
    args: chromiumSwitches,
    ...(baseURL === undefined ? {} : { baseURL }),
    ...(viewport === undefined ? {} : { viewport }),
    ...(hasTouch === undefined ? {} : { hasTouch }),
    acceptDownloads: true,
    reducedMotion: 'reduce',
    // What keeps the app on a device would answer in place of the server; it has tests of its own.
    serviceWorkers: 'block',
  });
  profile.on('close', () => rmSync(folder, { recursive: true, force: true, maxRetries: 20 }));
  return profile;
}
