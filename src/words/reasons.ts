import type { ReasonRules } from '../core/codes/reasonCodes';
import type { Reason } from '../core/plan/planTypes';
import { formatPlain } from '../core/quantity/format';
import { sayC, sayDegrees, sayG, sayMl, sayMm, sayPart, sayPercent, sayTime } from './figures';
import { sayRoughG, sayRoughly } from './rough';
import { bucketDangerC } from '../core/thermal/saidFigures';

/** A sentence for every rule: one that is missing does not compile. */
type RuleSentences = { readonly [Rule in keyof ReasonRules]: (data: ReasonRules[Rule]) => string };

type CutData = ReasonRules['layers-equal'];
type BatchesData = ReasonRules['container'];

const density = (gPerMl: number): string => `${formatPlain(gPerMl, 3)}\u00a0g/ml`;

const densities = (data: ReasonRules['stated-by-volume']): string =>
  `A ${density(data.densityAGPerMl)}, B ${density(data.densityBGPerMl)}`;

/** What the person did not type looks assumed. */
const sayAssumed = (assumed: boolean): string => (assumed ? ' (assumed)' : '');

/** What one layer may be, and by whose word. */
function sayTaken({ takesMm, labelMm, caution, from }: CutData): string {
  if (takesMm === undefined) return 'Nothing is known of how deep it may be poured:';
  const takes = sayMm(takesMm);
  const times = caution === 1 ? '' : ` times your caution of ${formatPlain(caution, 2)}`;
  const label = labelMm === undefined ? undefined : sayMm(labelMm);
  switch (from) {
    case 'label':
      return `One layer may be ${takes}, the label's ${label ?? ''}${times}:`;
    case 'lamp':
      return `One layer may be ${takes}, as far as the lamp gets through it in three minutes${times}${label === undefined ? '' : ` (label ${label})`}:`;
    case 'room':
      return `One layer may be about ${takes}, what heat allows in this room and form${times}${label === undefined ? '' : ` (label ${label})`}:`;
    default:
      return `One layer may be ${takes}, as you set it${times}:`;
  }
}

const sayDepthIn = ({ count, depthMm }: CutData): string => {
  const layers = count === 1 ? 'one layer' : `${count} layers`;
  return depthMm === undefined ? layers : `${sayMm(depthMm)} take ${layers}`;
};

const sayLeast = ({ leastMm }: CutData): string =>
  leastMm === undefined ? '' : `, never under ${sayMm(leastMm)}`;

function sayWhatIsCut({ layers, colours }: BatchesData): string {
  const each = [...(layers > 1 ? ['layer'] : []), ...(colours > 1 ? ['colour'] : [])];
  return each.length === 0 ? 'the pour is' : `each ${each.join(' and ')} is`;
}

/** An amount that a rule may know or not. */
const sayUpTo = (ml: number | undefined): string => (ml === undefined ? 'so much' : sayMl(ml));

type PotLifeData = ReasonRules['pot-life-in-room'];

const sayLabelLife = ({ labelMin, labelC, labelG }: PotLifeData): string =>
  labelMin === undefined
    ? 'The card gives no pot life and its family’s usual one stands for it'
    : `The label says ${sayTime(labelMin)} at ${sayC(labelC)}` +
      (labelG === undefined ? '' : ` for ${sayG(labelG)}`);

const sayWork = (data: PotLifeData): string =>
  `Stirring takes ${sayTime(data.stirMin)}${sayAssumed(data.stirAssumed)}, and ` +
  `${formatPlain(data.pourMlPerMin, 0)}\u00a0ml/min are poured${sayAssumed(data.pourAssumed)}; ` +
  `${data.keptBack > 0 ? sayPart(data.keptBack) : 'nothing'} of the time is held in reserve.`;

const sentences: RuleSentences = {
  'sum-of-parts': ({ parts, inserts }) => {
    const less =
      inserts === 0 ? '' : `, less ${inserts === 1 ? 'the insert' : `${inserts} inserts`}`;
    return parts === 1
      ? `The volume of the one cavity${less}.`
      : `The volumes of ${parts} cavities, each times its count${less}.`;
  },
  'overage-as-typed': ({ share }) => `${sayPercent(share)}, as you typed it.`,
  'overage-open-mould': ({ share }) =>
    `${sayPercent(share)}: small open moulds are under-poured and topped up.`,
  'overage-general': ({ share }) => `${sayPercent(share)}: usual for general work.`,
  'overage-porous': ({ share }) =>
    `${sayPercent(share)}: porous or leaking forms need more, unless soak or seepage is counted separately.`,
  allowances: ({ cavityMl, overage, others, othersMl, surplusMl }) => {
    const more = others === 0 ? '' : `, plus ${sayMl(othersMl)} of other allowances`;
    const surplus =
      surplusMl > 0.05 ? `, plus ${sayMl(surplusMl)} so that batches are large enough` : '';
    return `${sayMl(cavityMl)} to fill, plus ${sayPercent(overage)} overage${more}${surplus}.`;
  },
  'stated-by-volume': (data) =>
    `The label states the ratio by volume. By weight it follows from the densities: ${densities(data)}.`,
  'stated-by-weight': (data) =>
    `The label states the ratio by weight. By volume it follows from the densities: ${densities(data)}.`,
  'one-part': () => 'It comes in one bottle: nothing is mixed.',
  'layers-one-pour': () => 'Poured in one go.',
  'layers-heights': () => 'Cut at the heights that you chose.',
  'layers-equal': (data) => `${sayTaken(data)} ${sayDepthIn(data)}, all alike.`,
  'layers-full-top-off': (data) =>
    `${sayTaken(data)} ${sayDepthIn(data)}: full ones, then what is left on top${sayLeast(data)}.`,
  'layers-lock-in': (data) =>
    `${sayTaken(data)} ${sayDepthIn(data)}: a thin one first, which holds inserts in place, then equal ones.`,
  'pot-life-in-bucket': (data) =>
    `${sayLabelLife(data)}; a batch of ${sayRoughG(data.batchG)}, mixed at ${sayC(data.resinC)}, was followed in its cup from there` +
    (data.hotMin === undefined
      ? ''
      : `, and is at ${sayDegrees(bucketDangerC)} after about ${sayRoughly(data.hotMin)}`) +
    `. ${sayWork(data)}`,
  'pot-life-in-room': (data) =>
    `${sayLabelLife(data)}; ten degrees warmer halves it. ${sayWork(data)} More in one bucket goes off sooner.`,
  'pot-life': ({ limitMl }) =>
    `No more than ${sayUpTo(limitMl)} can be mixed and poured in its pot life; ` +
    'it is cut into the fewest equal batches that can.',
  'least-batch': ({ leastMl }) =>
    `The maker asks for batches of ${sayUpTo(leastMl)} at the least, so more is mixed than is poured. ` +
    'Have a small mould ready for the rest.',
  container: (data) =>
    `${sayUpTo(data.capacityMl)} filled to ${sayPercent(data.fill ?? 1)} takes ` +
    `${sayUpTo(data.limitMl)}; ${sayWhatIsCut(data)} cut into ` +
    'the fewest equal batches that fit.',
  asked: () => 'As many equal batches as you asked for.',
  'no-container': () => 'No container is chosen, so each pour is one batch.',
  'a-up-b-in-ratio': ({ stepG }) =>
    `A is rounded up to the next ${formatPlain(stepG, 2)}\u00a0g; B is worked out from that A.`,
};

const say = <Rule extends keyof ReasonRules>(rule: Rule, data: ReasonRules[Rule]): string =>
  sentences[rule](data);

/** Why a figure is what it is: the rule with the inputs that went in. */
export const sayReason = ({ rule, data }: Reason): string =>
  say(rule, data as ReasonRules[typeof rule]);
