import type { StockProblems } from '../../core/codes/problems/stockProblems';
import type { ProblemSentences } from './sentence';

/** What cannot be bought or filled as asked; ml. */
export const stockProblems: ProblemSentences<StockProblems> = {
  'no-kits': () => 'No kit on sale is known. Add one to the card, with its size and price.',
  'order-too-large': () =>
    'That is too large an order to search for its best price. Ask the supplier for an offer.',
  'too-many-cavities': (data) =>
    `At most ${data.most} single cavities can stand ready. Leave some moulds out.`,
};
