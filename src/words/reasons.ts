import type { Reason } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayMl, sayPercent } from './figures';

const density = (value: unknown): string => `${formatPlain(Number(value), 3)}\u00a0g/ml`;

/** Why a figure is what it is: the rule with the inputs that went in. */
export function sayReason({ rule, data }: Reason): string {
  switch (rule) {
    case 'sum-of-parts': {
      const inserts = Number(data['inserts']);
      const less =
        inserts === 0 ? '' : `, less ${inserts === 1 ? 'the insert' : `${inserts} inserts`}`;
      return Number(data['parts']) === 1
        ? `The volume of the one cavity${less}.`
        : `The volumes of ${String(data['parts'])} cavities, each times its count${less}.`;
    }
    case 'overage-as-typed':
      return `${sayPercent(Number(data['share']))}, as you typed it.`;
    case 'overage-open-mould':
      return `${sayPercent(Number(data['share']))}: small open moulds are under-poured and topped up.`;
    case 'overage-general':
      return `${sayPercent(Number(data['share']))}: usual for general work.`;
    case 'overage-porous':
      return `${sayPercent(Number(data['share']))}: what drinks or leaks takes more, unless soak or seepage are counted apart.`;
    case 'allowances': {
      const others = Number(data['others']);
      const more =
        others === 0 ? '' : `, plus ${sayMl(Number(data['othersMl']))} of other allowances`;
      return `${sayMl(Number(data['cavityMl']))} to fill, plus ${sayPercent(Number(data['overage']))} overage${more}.`;
    }
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
