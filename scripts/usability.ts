import { writeFileSync } from 'node:fs';
import { format, resolveConfig } from 'prettier';
import { withBrowser } from '../cli/bench/browser';
import { costLine } from '../e2e/usability/costs';
import { person } from '../e2e/usability/person';
import { tasks } from '../e2e/usability/tasks';

const file = 'docs/usability.md';

const page = (lines: readonly string[]): string => `# What it costs a person

Whole tasks on a phone of 390 × 844 px, from a cold start with nothing kept. Counted by \`npm run usability\`, which writes this page; the tasks are those of \`e2e/usability/tasks.ts\`, and a browser test holds each to its line here.

- A **tap** is a touch of the screen other than its keyboard; a file that is taken counts as one more.
- A **character** is a key of the phone's keyboard, Enter among them: it goes on to the next field, which is a tap otherwise.
- **Scrolled** is how far anything is moved to reach what is tapped or read.

Tasks (b) to (e) take the shelf of the demo, one tap; its prices are theirs. What stood under "before" was counted by another script on the app of October 2026, whose rules are not known in all detail; taps and characters of one field are the same in both.

| task | taps before | characters before | px before | taps | characters | px scrolled |
| --- | --: | --: | --: | --: | --: | --: |
${lines.join('\n')}

Half of before is reached for taps and scrolling in all of them, and for characters in all but (b): 26 of its characters are the figures of the tape, which nobody can guess, and 9 are Enter between them.

What made the difference: a quick mix takes the ratio off a label, so that a resin need not be put on the shelf first; Enter goes on to the next field and begins the next station; a job needs no name and no room before it is measured; heights of one's own begin where the layers end, or in the middle; colours that take the rest share it equally; a master in a mould box is given its box and a silicone to pour round it.
`;

/** Does every task and writes down what each costs. */
const main = (): Promise<void> =>
  withBrowser(async (browser, address) => {
    const lines: string[] = [];
    for (const task of tasks) {
      const phone = await browser.newPage({
        baseURL: address,
        viewport: { width: 390, height: 844 },
        hasTouch: true,
        serviceWorkers: 'block',
      });
      await phone.goto('/?start=empty');
      const someone = person(phone);
      await task.does(phone, someone);
      lines.push(costLine(task, someone));
      await phone.close();
    }
    const options = await resolveConfig(file);
    writeFileSync(file, await format(page(lines), { ...options, filepath: file }));
    console.log(lines.join('\n'));
  });

void main();
