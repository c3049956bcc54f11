// Writes dist/sw.js: what keeps the whole app on the device, so that it starts without a network and without its server.
import { generateSW } from 'workbox-build';
import { join } from 'node:path';

/** Larger than this no file of the app is; a larger one must be told, not left out in silence. */
const largestBytes = 8 * 1024 * 1024;

/** @param dist the folder of the built app; gives how many files are kept and what they take */
export async function writeServiceWorker(dist) {
  const { count, size, warnings } = await generateSW({
    globDirectory: dist,
    globPatterns: ['**/*'],
    globIgnores: ['metadata.json', 'sw.js', '**/*.map', '**/*.br'],
    swDest: join(dist, 'sw.js'),
    // Without a file beside it, which would have to be kept too.
    inlineWorkboxRuntime: true,
    sourcemap: false,
    maximumFileSizeToCacheInBytes: largestBytes,
    // The build names these files by their contents.
    dontCacheBustURLsMatching: /\/(_expo|assets)\//,
    navigateFallback: '/index.html',
    // What has an ending is a file, and what the server itself answers is no page.
    navigateFallbackDenylist: [/\.[a-z0-9]+$/i, /^\/(health|instruments|suppliers)(\/|$)/],
    cleanupOutdatedCaches: true,
    clientsClaim: true,
    // A new version waits until the person lets it come, or until no window is open any more.
    skipWaiting: false,
  });
  if (warnings.length > 0) throw new Error(warnings.join('\n'));
  return { count, size };
}
