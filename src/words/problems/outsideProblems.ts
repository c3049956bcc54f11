import type { OutsideProblems } from '../../core/codes/problems/outsideProblems';
import { shown } from './phrases';
import type { ProblemSentences } from './sentence';

/** What is refused round the core: the command, links and the supplier. */
export const outsideProblems: ProblemSentences<OutsideProblems> = {
  'worker-failed': () =>
    'This part of Nipperkin did not start. Try again; if that does not help, reload the page.',
  'worker-too-slow': ({ seconds }) =>
    `This took longer than ${seconds} s and was stopped. Try again, or make it simpler.`,
  'supplier-silent': () =>
    'The supplier does not answer. Try again later, or open a price list as a file.',
  'link-broken': () =>
    'This link is cut off or changed on its way. Copy it whole, or ask for what it holds as a file.',
  'link-foreign': (_, value) =>
    `${shown(value)} is no link of a job. It looks like …/take#job=…; the other device gives it under “Take it to another device”.`,
  'no-code': () =>
    'No code is found in this picture. Take it straight from the front, with all four corners and some white round it.',
  'unknown-option': (_, value) =>
    `${String(value)} The command knows --heat, --poured-a and --poured-b with a mass like "438 g", and for the days --start or --due with a time like 2026-05-04T08:00, --zone, --hours, --sleep, --away and --ics.`,
  'no-such-zone': ({ example }, value) =>
    `There is no time zone ${String(value)}. Write one like ${example}.`,
  'not-a-moment': ({ example }, value) =>
    `${String(value)} is no day and time. Write it like ${example}.`,
  'start-and-due': () => 'Say when it starts or when it is due, not both.',
  'no-argument': () => 'Name a job file, or - for standard input.',
};
