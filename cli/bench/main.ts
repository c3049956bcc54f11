import { benchLoad } from './load';
import { benchPlan } from './plan';

/** Prints one line of JSON for each figure: name, median, unit, runs. */
async function main(): Promise<void> {
  const figures = [benchPlan(), ...(await benchLoad())];
  for (const figure of figures) process.stdout.write(`${JSON.stringify(figure)}\n`);
}

void main();
