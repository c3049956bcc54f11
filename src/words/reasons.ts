import type { Reason } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayMl, sayPercent } from './figures';

const density = (value: unknown): string => `${formatPlain(Number(value), 3)}\u00a0g/ml`;

/** Why a figure is what it is: the rule with the inputs that went in. */
export function sayReason({ rule, data }: Reason): string {
  switch (rule) {
    case 'sum-of-parts':
      return Number(data['parts']) === 1
        ? 'The volume of the one cavity.'
        : `The volumes of ${String(data['parts'])} cavities, each times its count.`;
    case 'overage':
      return `${sayMl(Number(data['cavityMl']))} to fill, plus ${sayPercent(Number(data['overage']))} overage.`;
    case 'stated-by-volume':
      return `The label states the ratio by volume. By weight it follows from the densities: A ${density(data['densityAGPerMl'])}, B ${density(data['densityBGPerMl'])}.`;
    case 'stated-by-weight':
      return `The label states the ratio by weight. By volume it follows from the densities: A ${density(data['densityAGPerMl'])}, B ${density(data['densityBGPerMl'])}.`;
    case 'container':
      return (
        `${sayMl(Number(data['capacityMl']))} filled to ${sayPercent(Number(data['fill']))} takes ` +
        `${sayMl(Number(data['limitMl']))}; ${Number(data['layers']) > 1 ? 'each layer' : 'the pour'} is cut into ` +
        'the fewest equal batches that fit.'
      );
    case 'asked':
      return 'As many equal batches as you asked for.';
    case 'no-container':
      return 'No container is chosen, so each pour is one batch.';
    case 'a-up-b-in-ratio':
      return `A is rounded up to the next ${formatPlain(Number(data['stepG']), 2)}\u00a0g; B is what that A asks for.`;
    default:
      return rule;
  }
}
