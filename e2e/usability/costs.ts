import type { Cost } from './person';
import type { Task } from './tasks';

const told = ({ taps, characters, scrolledPx }: Cost): readonly number[] => [
  taps,
  characters,
  scrolledPx,
];

/** One line of the table in docs/usability.md: what a task costs now and cost before. */
export const costLine = ({ name, before }: Task, now: Cost): string =>
  `| ${[name, ...before, ...told(now)].join(' | ')} |`;
