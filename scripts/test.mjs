// `npm test`: installs what is missing, runs every check there is, and ends with one line for all of them.
import { existsSync, mkdirSync, rmSync } from 'node:fs';
import { build } from './build.mjs';
import { chromiumPath } from './chromium.mjs';
import { writePacks } from './packs.mjs';
import { countOf, readReport, slowestFiles } from './reports.mjs';
import { expoEnv, installPackages, root, run } from './steps.mjs';

const say = (text) => process.stdout.write(`${text}\n`);

/** Where the test runners leave their counts. */
const reports = `${root}.cache/reports`;
const unitReport = `${reports}/unit.json`;
const browserReport = `${reports}/browser.json`;

const total = { passed: 0, failed: 0 };

function count({ passed, failed }) {
  total.passed += passed;
  total.failed += failed;
}

/** What each part took, s. */
const took = [];

async function timed(part, work) {
  const start = performance.now();
  const result = await work();
  took.push([part, (performance.now() - start) / 1000]);
  return result;
}

/** A check that passes or fails as a whole; its output is shown when it fails. */
async function check(name, command, args, env = {}) {
  const start = performance.now();
  const { code, output } = await run(command, args, { quiet: true, env });
  const ok = code === 0;
  if (!ok) say(output);
  say(
    `${ok ? 'passed' : 'FAILED'}  ${name} (${((performance.now() - start) / 1000).toFixed(0)} s)`,
  );
  count({ passed: ok ? 1 : 0, failed: ok ? 0 : 1 });
}

async function installChromium() {
  if (chromiumPath() !== undefined) return;
  say("Installing Debian's Chromium for the browser tests.");
  const asRoot = process.getuid?.() === 0;
  if (asRoot) {
    await run('apt-get', ['update'], { quiet: true });
    for (const name of ['chromium-headless-shell', 'chromium']) {
      if (chromiumPath() !== undefined) break;
      await run('apt-get', ['install', '-y', '--no-install-recommends', name], {
        quiet: true,
        env: { DEBIAN_FRONTEND: 'noninteractive' },
      });
    }
  }
  if (chromiumPath() === undefined) {
    say(
      'The browser tests need Chromium, and it could not be installed from here. ' +
        'Install it as root with `apt-get install chromium-headless-shell` or `apt-get install chromium`, or set CHROMIUM_PATH to a Chromium that is there.',
    );
  }
}

/** Runs tests that leave a report, and counts what it says. */
async function runTests(name, report, command, args, env = {}) {
  rmSync(report, { force: true });
  await run(command, args, { env });
  const result = readReport(report);
  if (result === undefined) {
    say(`FAILED  ${name}: they did not run`);
    return count({ passed: 0, failed: 1 });
  }
  count(countOf(result));
}

/** What is remembered of files that have not changed since. */
const remembered = (name) => ['--cache', '--cache-location', `.cache/${name}`];

/** The compiler that is a program of its own: it takes a quarter of the time. ESLint still needs the one in JavaScript. */
const compiler = 'node_modules/typescript-native/bin/tsc';

/** Each of these takes one core; the build takes the other. */
async function readSources() {
  await check('lint', 'npx', ['oxlint', '--deny-warnings']);
  await check('rules of React', 'npx', [
    'eslint',
    '.',
    '--max-warnings',
    '0',
    ...remembered('eslint.json'),
    '--cache-strategy',
    'content',
  ]);
  await check('formatting', 'npx', [
    'prettier',
    '--check',
    '.',
    ...remembered('prettier.json'),
    '--cache-strategy',
    'content',
  ]);
  await check('types', 'node', [
    compiler,
    '--noEmit',
    '--incremental',
    '--tsBuildInfoFile',
    '.cache/types.json',
  ]);
  await check('types of the core alone', 'node', [
    compiler,
    '-p',
    'src/core/tsconfig.json',
    '--incremental',
    '--tsBuildInfoFile',
    '.cache/coreTypes.json',
  ]);
}

let isBuilt = false;

async function buildApp() {
  isBuilt = await build();
  count({ passed: isBuilt ? 1 : 0, failed: isBuilt ? 0 : 1 });
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
}

mkdirSync(reports, { recursive: true });
await timed('install', () => Promise.all([installPackages(), installChromium()]));
await timed('static and build', async () => {
  await check('route types', 'npx', ['expo', 'customize', 'tsconfig.json'], expoEnv);
  await Promise.all([readSources(), buildApp()]);
});
await timed('Node', () =>
  // One more than there are cores: some tests wait for time to pass.
  runTests(
    'unit tests',
    unitReport,
    'npx',
    ['jest', '--ci', '--maxWorkers=3', '--json', `--outputFile=${unitReport}`],
    { NIPPERKIN_PACKS: writePacks(`${root}.cache/packs`).join('\n') },
  ),
);
if (isBuilt && chromiumPath() !== undefined) {
  await timed('browser', () =>
    runTests('browser tests', browserReport, 'npx', ['playwright', 'test']),
  );
} else count({ passed: 0, failed: 1 });

say('\nThe slowest files:');
for (const [file, seconds] of slowestFiles(
  [unitReport, browserReport].filter(existsSync).map(readReport),
  10,
  root,
)) {
  say(`${seconds.toFixed(1).padStart(7)} s  ${file}`);
}
say('\nWhat each part took:');
for (const [part, seconds] of took) say(`${seconds.toFixed(0).padStart(7)} s  ${part}`);
say(
  `${took
    .reduce((sum, [, seconds]) => sum + seconds, 0)
    .toFixed(0)
    .padStart(7)} s  together\n`,
);

say(`${total.passed} passed, ${total.failed} failed`);
process.exit(total.failed === 0 && total.passed > 0 ? 0 : 1);
