// What the two test runners leave behind as JSON, read for counts and times.
import { existsSync, readFileSync } from 'node:fs';
import { relative } from 'node:path';

/** A report as it was left, or undefined where its runner never got that far. */
export function readReport(path) {
  return existsSync(path) ? JSON.parse(readFileSync(path, 'utf8')) : undefined;
}

const isOfJest = (report) => report.testResults !== undefined;

/** How many tests passed and failed, by a report of Jest or of Playwright. */
export function countOf(report) {
  if (isOfJest(report)) {
    // A test file that cannot be loaded counts as one failure.
    const { numPassedTests, numFailedTests, numRuntimeErrorTestSuites } = report;
    return { passed: numPassedTests, failed: numFailedTests + numRuntimeErrorTestSuites };
  }
  const { expected, unexpected, flaky, skipped } = report.stats;
  // Skipped and flaky ones hold nothing, so they count as failed.
  return { passed: expected, failed: unexpected + flaky + skipped + report.errors.length };
}

/** Seconds of each file of Playwright's report: its suites stand within one another. */
function* browserTimes({ file, suites = [], specs = [] }) {
  for (const { results } of specs.flatMap(({ tests }) => tests)) {
    for (const { duration } of results) yield [`e2e/${file}`, duration / 1000];
  }
  for (const suite of suites) yield* browserTimes({ file, ...suite });
}

/** Seconds of each file of Jest's report; of a pack those of each file in it, which its tests name first. */
const unitTimes = ({ testResults }, root) =>
  testResults.flatMap(({ name, startTime, endTime, assertionResults }) =>
    name.includes('/.cache/packs/')
      ? assertionResults.map(({ ancestorTitles, duration }) => [ancestorTitles[0], duration / 1000])
      : [[relative(root, name), (endTime - startTime) / 1000]],
  );

/** The files that took longest, each with what all of its tests took together on one worker, s; they are named from the root. */
export function slowestFiles(reports, most, root) {
  const seconds = new Map();
  for (const report of reports) {
    const times = isOfJest(report)
      ? unitTimes(report, root)
      : report.suites.flatMap((suite) => [...browserTimes(suite)]);
    for (const [file, each] of times) seconds.set(file, (seconds.get(file) ?? 0) + each);
  }
  return [...seconds].sort(([, one], [, other]) => other - one).slice(0, most);
}
