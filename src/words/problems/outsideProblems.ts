import type { OutsideProblems } from '../../core/codes/problems/outsideProblems';
import type { ProblemSentences } from './sentence';

/** What is refused round the core: the command, links and the supplier. */
export const outsideProblems: ProblemSentences<OutsideProblems> = {
  'supplier-silent': () =>
    'The supplier does not answer. Try again later, or open a price list as a file.',
  'link-broken': () =>
    'This link is cut off or changed on its way. Copy it whole, or ask for the card as a file.',
  'unknown-option': (_, value) =>
    `${String(value)} The command knows --heat, --poured-a and --poured-b with a mass like "438 g", and for the days --start or --due with a time like 2026-05-04T08:00, --zone, --hours, --sleep, --away and --ics.`,
  'no-such-zone': ({ example }, value) =>
    `There is no time zone ${String(value)}. Write one like ${example}.`,
  'not-a-moment': ({ example }, value) =>
    `${String(value)} is no day and time. Write it like ${example}.`,
  'start-and-due': () => 'Say when it starts or when it is due, not both.',
  'no-argument': () => 'Name a job file, or - for standard input.',
};
