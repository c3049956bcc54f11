// The browser of the tests, the pictures and the benchmark: Debian's Chromium, best the one without windows, in which the same
// tests take five sixths of the time.
import { existsSync } from 'node:fs';

const places = [
  process.env.CHROMIUM_PATH,
  '/usr/bin/chromium-headless-shell',
  '/usr/bin/chromium',
  '/usr/bin/chromium-browser',
  '/usr/bin/google-chrome',
];

/** Path of the installed browser, or undefined. */
export const chromiumPath = () => places.find((path) => path !== undefined && existsSync(path));

/** Nothing that calls home, and what a container without a screen needs. */
export const chromiumSwitches = [
  '--no-sandbox',
  '--disable-gpu',
  '--disable-quic',
  '--no-first-run',
  '--disable-background-networking',
  '--disable-component-update',
  '--disable-sync',
  '--disable-dev-shm-usage',
];
