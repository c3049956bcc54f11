// `npm run audit`: asks the registry whether faults of the packages are known, and says so where it does not answer.
import { spawnSync } from 'node:child_process';
import { root, tell } from './steps.mjs';

/** Of packages that run on a person's machine, faults of these grades end with an error. */
const grave = ['high', 'critical'];
const longestMs = 60_000;

const { stdout, error } = spawnSync('npm', ['audit', '--omit=dev', '--json'], {
  cwd: root,
  encoding: 'utf8',
  timeout: longestMs,
  maxBuffer: 1 << 28,
});

/** What the registry said; undefined where that is no answer. */
function answer() {
  try {
    const said = JSON.parse(stdout);
    return said.metadata?.vulnerabilities === undefined ? undefined : said;
  } catch {
    return undefined;
  }
}

const said = answer();
if (said === undefined) {
  let why = error?.message ?? 'no answer';
  try {
    why = JSON.parse(stdout).message ?? why;
  } catch {
    // What came is no JSON: then it is no answer either.
  }
  tell(
    `NOT KNOWN  The registry does not say whether faults of the packages are known (${why.split(' - ')[0]}). ` +
      'Run `npm run audit` where it is answered: on a machine that reaches the public registry, before a release.',
  );
  process.exit(0);
}
const counts = said.metadata.vulnerabilities;
for (const [name, { severity, via, fixAvailable }] of Object.entries(said.vulnerabilities ?? {})) {
  const titles = via.map((each) => (typeof each === 'string' ? `by ${each}` : each.title));
  tell(
    `${severity}: ${name}, ${titles.join('; ')}${fixAvailable ? ' (a newer one is mended)' : ''}`,
  );
}
tell(
  `Known faults: ${grave.map((grade) => `${counts[grade]} ${grade}`).join(', ')}, ${counts.total} in all.`,
);
process.exit(grave.some((grade) => counts[grade] > 0) ? 1 : 0);
