import type { BatchCorrection } from '../core/plan/correctBatch';
import type { PourPlan } from '../core/plan/planTypes';
import type { RatioBand } from '../core/mix/correction';
import { formatNumber } from '../core/quantity/format';
import { sayG, sayMl } from './figures';

const bandWords: Readonly<Record<RatioBand, string>> = {
  fine: 'That is fine.',
  tell: 'It cures a little slower or softer; correct it if you can.',
  soft: 'As it is it would stay soft or tacky. Bring it right before you pour.',
  'do-not-pour': 'Do not pour it as it is: it would not cure.',
};

interface CorrectionWords {
  readonly a: string;
  readonly b: string;
  readonly more: readonly { readonly text: string; readonly stop: boolean }[];
}

const sayAdd = (addG: number): string => (addG > 0.05 ? `add ${sayG(addG)}` : 'nothing to add');

/** What to do when the scale does not say what was planned. */
export function sayCorrection(found: BatchCorrection, plan: PourPlan): CorrectionWords {
  const { ratioErrorPercent: error, band } = found;
  const off = `${formatNumber(Math.abs(error), 1)} %`;
  const ratio =
    Math.abs(error) < 0.05
      ? []
      : [
          {
            text: `B in the cup is ${off} ${error > 0 ? 'over' : 'under'} what A needs. ${bandWords[band]}`,
            stop: band === 'soft' || band === 'do-not-pour',
          },
        ];
  const cup = found.fitsCup
    ? []
    : [
        {
          text: `It no longer fits: ${sayMl(found.overCupMl)} too much for this container. Go on in a larger one.`,
          stop: true,
        },
      ];
  const layer = found.fitsLayer
    ? []
    : [
        {
          text: `${sayMl(found.leftMl)} will be left when the ${plan.layers.length > 1 ? 'layer' : 'cavity'} is full: have a small mould ready.`,
          stop: false,
        },
      ];
  const surplus =
    found.surplusMl > 0.05 && found.fitsLayer
      ? [
          {
            text: `${sayMl(found.surplusMl)} more than planned; it goes into the overage.`,
            stop: false,
          },
        ]
      : [];
  return {
    a: sayAdd(found.a.addG),
    b: sayAdd(found.b.addG),
    more: [...ratio, ...cup, ...layer, ...surplus],
  };
}
