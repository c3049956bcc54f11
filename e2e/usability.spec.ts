import { readFileSync } from 'node:fs';
import { expect, openEmpty, test } from './app';
import { costLine } from './usability/costs';
import { person } from './usability/person';
import { tasks } from './usability/tasks';

// `npm run usability` counts anew and writes the page.
const written = readFileSync('docs/usability.md', 'utf8').replaceAll(/ +/g, ' ');

for (const task of tasks) {
  test(`${task.name} costs what is written of it`, async ({ page }) => {
    await openEmpty(page);
    const someone = person(page);
    await task.does(page, someone);
    expect(someone.taps).toBeLessThanOrEqual(task.before[0] / 2);
    expect(someone.scrolledPx).toBeLessThanOrEqual(task.before[2] / 2);
    expect(written).toContain(costLine(task, someone));
  });
}
