import type { BrowserContext, PlaywrightTestOptions, PlaywrightWorkerArgs } from '@playwright/test';
import { testChromiumPath, chromiumSwitches } from '../scripts/chromium.mjs';

type ProjectUse = Partial<Pick<PlaywrightTestOptions, 'baseURL' | 'viewport' | 'hasTouch'>>;

/** Without a name Playwright makes a folder for the profile, and takes it away with the browser. */
const folderOfItsOwn = '';

/**
 * Opens a browser with a profile on the disk. Only such a profile keeps the scripts as they were compiled: without it every page
 * load compiles them again, which is a quarter of what a load takes.
 */
export async function openProfile(
  { chromium }: Pick<PlaywrightWorkerArgs['playwright'], 'chromium'>,
  { baseURL, viewport, hasTouch }: ProjectUse,
): Promise<BrowserContext> {
  const path = testChromiumPath();
  return chromium.launchPersistentContext(folderOfItsOwn, {
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
}
