// `npm run campaign`: every test that draws its cases, with all of them and a new seed; ends with what was tried and found.
import { existsSync, readdirSync, readFileSync, rmSync } from 'node:fs';
import { randomInt } from 'node:crypto';
import { build } from './build.mjs';
import { countOf, readReport } from './reports.mjs';
import { installPackages, root, run } from './steps.mjs';

const say = (text) => process.stdout.write(`${text}\n`);
const folder = `${root}.cache/campaign`;
const [unitReport, browserReport] = ['unit', 'browser'].map(
  (name) => `${root}.cache/reports/${name}.json`,
);

/** Given, so that a campaign that failed is run again; drawn otherwise. */
const seed = process.env.NIPPERKIN_SEED ?? String(randomInt(1, 2 ** 31));
const env = { NIPPERKIN_CAMPAIGN: folder, NIPPERKIN_SEED: seed };
say(`Seed ${seed}: again with NIPPERKIN_SEED=${seed} npm run campaign`);

rmSync(folder, { recursive: true, force: true });
for (const report of [unitReport, browserReport]) rmSync(report, { force: true });
await installPackages();
if (!(await build())) process.exit(1);
// Longer than a test of `npm test` may take: there are thousands of cases in some.
await run(
  'npx',
  [
    'jest',
    '--ci',
    '--maxWorkers=3',
    '--testTimeout=3600000',
    '--json',
    `--outputFile=${unitReport}`,
  ],
  { env },
);
await run('npx', ['playwright', 'test', '--timeout=1800000'], { env });
const { code: reliability } = await run('npx', ['tsx', 'cli/bench/main.ts', '--reliability'], {
  env,
});

say('\nCases tried:');
const cases = `${folder}/cases.jsonl`;
const tried = new Map();
for (const line of existsSync(cases) ? readFileSync(cases, 'utf8').trim().split('\n') : []) {
  const { test = 'outside of a test', cases: count } = JSON.parse(line);
  tried.set(test, Math.max(tried.get(test) ?? 0, count));
}
for (const [test, count] of tried) say(`${String(count).padStart(8)}  ${test}`);
say(`${String([...tried.values()].reduce((sum, count) => sum + count, 0)).padStart(8)}  in all`);
for (const name of readdirSync(folder).filter((each) => each.endsWith('.json'))) {
  say(readFileSync(`${folder}/${name}`, 'utf8'));
}

const counts = [unitReport, browserReport].map((path) => {
  const report = readReport(path);
  return report === undefined ? { passed: 0, failed: 1 } : countOf(report);
});
const sum = (key) => counts.reduce((all, each) => all + each[key], 0);
const failed = sum('failed') + (reliability === 0 ? 0 : 1);
say(`\nSeed ${seed}\n${sum('passed')} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
