import { spawnSync } from 'node:child_process';
import { readdirSync, readFileSync, rmSync } from 'node:fs';
import { join, resolve } from 'node:path';
import type { Outcome } from '../../../src/testing/campaign';
import { browserKills } from './browserKills';
import { serverLoad } from './serverLoad';

const folder = resolve('.cache/reliability');
/** So many times the browser is killed. */
const kills = 60;

/** The tests of `src/reliability`, each with as many runs as it has for measuring. */
function measuredTests(): readonly Outcome[] {
  rmSync(folder, { recursive: true, force: true });
  const { status, stderr } = spawnSync('npx', ['jest', '--ci', 'src/reliability'], {
    env: { ...process.env, NIPPERKIN_CAMPAIGN: folder },
    encoding: 'utf8',
    stdio: ['ignore', 'ignore', 'pipe'],
    maxBuffer: 1 << 28,
  });
  if (status !== 0) process.stderr.write(stderr);
  return readdirSync(folder).map(
    (name) => JSON.parse(readFileSync(join(folder, name), 'utf8')) as Outcome,
  );
}

/** Prints one line of JSON for each promise; fails where anything was lost or locked away. */
export async function measureReliability(): Promise<void> {
  const outcomes = [...measuredTests(), await browserKills(kills), await serverLoad()];
  for (const outcome of outcomes) process.stdout.write(`${JSON.stringify(outcome)}\n`);
  if (outcomes.some(({ lost, locked }) => lost + locked > 0)) process.exitCode = 1;
}
