// The browsers of the tests, the pictures and the benchmark: Debian's Chromium.
import { existsSync } from 'node:fs';

const given = [process.env.CHROMIUM_PATH];
const whole = ['/usr/bin/chromium', '/usr/bin/chromium-browser', '/usr/bin/google-chrome'];
const withoutWindows = ['/usr/bin/chromium-headless-shell'];

const firstOf = (places) => places.find((path) => path !== undefined && existsSync(path));

/** Path of the browser as a person has it, for pictures and waits; undefined where none is installed. */
export const chromiumPath = () => firstOf([...given, ...whole, ...withoutWindows]);

/** Path of the browser for tests: in the one without windows the same tests take five sixths of the time. */
export const testChromiumPath = () => firstOf([...given, ...withoutWindows, ...whole]);

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
