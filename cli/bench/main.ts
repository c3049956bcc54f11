import { benchAmounts } from './amounts';
import type { BenchFigure } from './figure';
import { benchBenchScreen } from './benchScreen';
import { benchHeat } from './heat/heat';
import { benchRanges } from './heat/ranges';
import { benchHeatScreen } from './heat/screen';
import { benchJobList } from './jobList';
import { benchKeystroke } from './keystroke';
import { benchLearn } from './learn';
import { benchLoad } from './load';
import { benchMeasure } from './measure';
import { benchMesh } from './mesh';
import { benchMould } from './mould';
import { benchPlan } from './plan';
import { benchRecordList } from './recordList';
import { measureReliability } from './reliability/reliability';
import { benchStart } from './start';
import { benchTimetable } from './timetable';
import { benchTrace } from './trace';

/** The folder of another build, say of an older version, that is measured in the same run: `--against <folder>`. */
function otherBuild(): string | undefined {
  const at = process.argv.indexOf('--against');
  return at < 0 ? undefined : process.argv[at + 1];
}

/** What a person waits for: the start and each keystroke, of this build and of another. */
async function benchWaits(): Promise<readonly BenchFigure[]> {
  const other = otherBuild();
  return [
    ...(await benchStart('dist')),
    ...(other === undefined ? [] : await benchStart(other, 'against.start')),
    ...(await benchKeystroke('dist')),
    ...(other === undefined ? [] : await benchKeystroke(other, 'against.keystroke')),
  ];
}

const print = (figures: readonly BenchFigure[]): void => {
  for (const figure of figures) process.stdout.write(`${JSON.stringify(figure)}\n`);
};

/** Prints one line of JSON for each figure: name, median, unit, runs; with `--waits` only what a person waits for, with `--pour` only the bench with a live scale, with `--learn` only what readings teach, with `--records` only the list of ten thousand records. */
async function main(): Promise<void> {
  if (process.argv.includes('--reliability')) return measureReliability();
  if (process.argv.includes('--pour')) return print(await benchBenchScreen());
  if (process.argv.includes('--learn')) return print(benchLearn());
  if (process.argv.includes('--records')) return print(await benchRecordList());
  if (process.argv.includes('--waits')) return print(await benchWaits());
  print([
    benchPlan(),
    ...benchAmounts(),
    ...benchTimetable(),
    ...benchMeasure(),
    ...benchMould(),
    ...benchHeat(),
    ...benchRanges(),
    ...benchLearn(),
    ...(await benchMesh()),
    ...(await benchHeatScreen()),
    ...(await benchLoad()),
    ...(await benchWaits()),
    ...(await benchTrace()),
    ...(await benchJobList()),
    ...(await benchRecordList()),
    ...(await benchBenchScreen()),
  ]);
}

void main();
