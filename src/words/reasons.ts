import type { Reason } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayC, sayG, sayMl, sayMm, sayPercent, sayTime } from './figures';

const density = (value: unknown): string => `${formatPlain(Number(value), 3)}\u00a0g/ml`;

type Data = Reason['data'];

/** What the person did not type looks assumed. */
const sayAssumed = (assumed: unknown): string => (assumed === true ? ' (assumed)' : '');

/** What one layer may be, and by whose word. */
function sayTaken(data: Data): string {
  if (data['takesMm'] === undefined) return 'Nothing is known of how deep it may be poured:';
  const takes = sayMm(Number(data['takesMm']));
  const caution = Number(data['caution']);
  const times = caution === 1 ? '' : ` times your caution of ${formatPlain(caution, 2)}`;
  const label = data['labelMm'] === undefined ? undefined : sayMm(Number(data['labelMm']));
  switch (data['from']) {
    case 'label':
      return `One layer may be ${takes}, the label's ${label ?? ''}${times}:`;
    case 'room':
      return `One layer may be about ${takes}, what heat allows in this room and form${times}${label === undefined ? '' : ` (label ${label})`}:`;
    default:
      return `One layer may be ${takes}, as you set it${times}:`;
  }
}

const sayDepthIn = (data: Data): string => {
  const count = Number(data['count']);
  const layers = count === 1 ? 'one layer' : `${count} layers`;
  return data['depthMm'] === undefined
    ? layers
    : `${sayMm(Number(data['depthMm']))} take ${layers}`;
};

const sayLeast = (data: Data): string =>
  data['leastMm'] === undefined ? '' : `, never under ${sayMm(Number(data['leastMm']))}`;

function sayWhatIsCut(data: Data): string {
  const each = [
    ...(Number(data['layers']) > 1 ? ['layer'] : []),
    ...(Number(data['colours']) > 1 ? ['colour'] : []),
  ];
  return each.length === 0 ? 'the pour is' : `each ${each.join(' and ')} is`;
}

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
      const surplusMl = Number(data['surplusMl']);
      const surplus =
        surplusMl > 0.05 ? `, plus ${sayMl(surplusMl)} so that batches are large enough` : '';
      return `${sayMl(Number(data['cavityMl']))} to fill, plus ${sayPercent(Number(data['overage']))} overage${more}${surplus}.`;
    }
    case 'stated-by-volume':
      return `The label states the ratio by volume. By weight it follows from the densities: A ${density(data['densityAGPerMl'])}, B ${density(data['densityBGPerMl'])}.`;
    case 'stated-by-weight':
      return `The label states the ratio by weight. By volume it follows from the densities: A ${density(data['densityAGPerMl'])}, B ${density(data['densityBGPerMl'])}.`;
    case 'one-part':
      return 'It comes in one bottle: nothing is mixed.';
    case 'layers-one-pour':
      return 'Poured in one go.';
    case 'layers-heights':
      return 'Cut at the heights that you chose.';
    case 'layers-equal':
      return `${sayTaken(data)} ${sayDepthIn(data)}, all alike.`;
    case 'layers-full-top-off':
      return `${sayTaken(data)} ${sayDepthIn(data)}: full ones, then what is left on top${sayLeast(data)}.`;
    case 'layers-lock-in':
      return `${sayTaken(data)} ${sayDepthIn(data)}: a thin one first, which holds inserts in place, then equal ones.`;
    case 'pot-life-in-room':
      return (
        `The label says ${sayTime(Number(data['labelMin']))} at ${sayC(Number(data['labelC']))}` +
        (data['labelG'] === undefined ? '' : ` for ${sayG(Number(data['labelG']))}`) +
        `; ten degrees warmer halve it. Stirring takes ${sayTime(Number(data['stirMin']))}${sayAssumed(data['stirAssumed'])}, and ` +
        `${formatPlain(Number(data['pourMlPerMin']), 0)}\u00a0ml/min are poured${sayAssumed(data['pourAssumed'])}. More in one bucket goes off sooner.`
      );
    case 'pot-life':
      return (
        `No more than ${sayMl(Number(data['limitMl']))} can be mixed and poured in its pot life; ` +
        'it is cut into the fewest equal batches that can.'
      );
    case 'least-batch':
      return (
        `The maker asks for batches of ${sayMl(Number(data['leastMl']))} at the least, so more is mixed than is poured. ` +
        'Have a small mould ready for the rest.'
      );
    case 'container':
      return (
        `${sayMl(Number(data['capacityMl']))} filled to ${sayPercent(Number(data['fill']))} takes ` +
        `${sayMl(Number(data['limitMl']))}; ${sayWhatIsCut(data)} cut into ` +
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
