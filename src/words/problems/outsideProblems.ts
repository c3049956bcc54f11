import type { OutsideProblems } from '../../core/codes/problems/outsideProblems';
import type { ProblemSentences } from './sentence';

/** What is refused round the core: the command, links and the supplier. */
export const outsideProblems: ProblemSentences<OutsideProblems> = {
  'supplier-silent': () =>
    'The supplier does not answer. Try again later, or open a price list as a file.',
  'link-broken': () =>
    'This link is cut off or changed on its way. Copy it whole, or ask for the card as a file.',
  'unknown-option': (_, value) =>
    `${String(value)} The command knows --poured-a and --poured-b, each with a mass like "438 g".`,
  'no-argument': () => 'Name a job file, or - for standard input.',
};
