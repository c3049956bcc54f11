// `npm test`: installs what is missing, runs every check there is, and ends with one line for all of them.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { build } from './build.mjs';
import { chromiumPath } from './chromium.mjs';
import { expoEnv, installPackages, root, run } from './steps.mjs';

const say = (text) => process.stdout.write(`${text}\n`);

/** Where the test runners leave their counts. */
const reports = `${root}.cache/reports`;

const total = { passed: 0, failed: 0 };

function count(passed, failed) {
  total.passed += passed;
  total.failed += failed;
}

/** A check that passes or fails as a whole; its output is shown when it fails. */
async function check(name, command, args, env = {}) {
  const { code, output } = await run(command, args, { quiet: true, env });
  const ok = code === 0;
  if (!ok) say(output);
  say(`${ok ? 'passed' : 'FAILED'}  ${name}`);
  count(ok ? 1 : 0, ok ? 0 : 1);
  return ok;
}

function readReport(path) {
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined;
}

async function installChromium() {
  if (chromiumPath() !== undefined) return;
  say("Installing Debian's Chromium for the browser tests.");
  const asRoot = process.getuid?.() === 0;
  if (asRoot) {
    await run('apt-get', ['update'], { quiet: true });
    await run('apt-get', ['install', '-y', '--no-install-recommends', 'chromium'], {
      quiet: true,
      env: { DEBIAN_FRONTEND: 'noninteractive' },
    });
  }
  if (chromiumPath() === undefined) {
    say(
      'The browser tests need Chromium, and it could not be installed from here. ' +
        'Install it as root with `apt-get install chromium`, or set CHROMIUM_PATH to a Chromium that is there.',
    );
  }
}

async function unitTests() {
  const report = `${reports}/unit.json`;
  rmSync(report, { force: true });
  // Left to itself Jest keeps a core free, which is half of two.
  await run('npx', ['jest', '--ci', '--maxWorkers=100%', '--json', `--outputFile=${report}`]);
  const result = readReport(report);
  if (result === undefined) {
    say('FAILED  unit tests: they did not run');
    return count(0, 1);
  }
  // A test file that cannot be loaded counts as one failure.
  count(result.numPassedTests, result.numFailedTests + result.numRuntimeErrorTestSuites);
}

async function browserTests() {
  const report = `${reports}/browser.json`;
  rmSync(report, { force: true });
  if (chromiumPath() === undefined) return count(0, 1);
  await run('npx', ['playwright', 'test']);
  const result = readReport(report);
  if (result === undefined) {
    say('FAILED  browser tests: they did not run');
    return count(0, 1);
  }
  const { expected, unexpected, flaky, skipped } = result.stats;
  // Skipped and flaky ones hold nothing, so they count as failed.
  count(expected, unexpected + flaky + skipped + result.errors.length);
}

mkdirSync(reports, { recursive: true });
await installPackages();
await installChromium();
await check('route types', 'npx', ['expo', 'customize', 'tsconfig.json'], expoEnv);
// Each of these takes one core; the longest, linting, goes beside the others.
await Promise.all([
  check('lint', 'npx', ['eslint', '.', '--max-warnings', '0']),
  (async () => {
    await check('formatting', 'npx', ['prettier', '--check', '.']);
    await check('types', 'npx', ['tsc', '--noEmit']);
    await check('types of the core alone', 'npx', ['tsc', '-p', 'src/core/tsconfig.json']);
    await check('import rules', 'npx', [
      'depcruise',
      'src',
      'server',
      'cli',
      'e2e',
      '--config',
      '.dependency-cruiser.cjs',
    ]);
    await check('nothing unused', 'npx', ['knip']);
  })(),
]);
await unitTests();
const built = await build();
count(built ? 1 : 0, built ? 0 : 1);
if (built) await browserTests();
else count(0, 1);

say(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1);
