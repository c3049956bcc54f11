import { benchAmounts } from './amounts';
import { benchHeat } from './heat/heat';
import { benchRanges } from './heat/ranges';
import { benchHeatScreen } from './heat/screen';
import { benchJobList } from './jobList';
import { benchLoad } from './load';
import { benchMeasure } from './measure';
import { benchMesh } from './mesh';
import { benchPlan } from './plan';
import { measureReliability } from './reliability/reliability';
import { benchTrace } from './trace';

/** Prints one line of JSON for each figure: name, median, unit, runs. */
async function main(): Promise<void> {
  if (process.argv.includes('--reliability')) return measureReliability();
  const figures = [
    benchPlan(),
    ...benchAmounts(),
    ...benchMeasure(),
    ...benchHeat(),
    ...benchRanges(),
    ...(await benchMesh()),
    ...(await benchHeatScreen()),
    ...(await benchLoad()),
    ...(await benchTrace()),
    ...(await benchJobList()),
  ];
  for (const figure of figures) process.stdout.write(`${JSON.stringify(figure)}\n`);
}

void main();
