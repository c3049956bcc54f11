import type { Warning } from '../core/plan/planTypes';
import { formatNumber } from '../core/quantity/format';
import { sayMl, sayMm } from './figures';

/** What will happen, why, and what to do: three short sentences at most. */
export function sayWarning({ code, data }: Warning): string {
  switch (code) {
    case 'deeper-than-label': {
      const where = Number(data['layers']) > 1 ? `Layer ${String(data['layer'])}` : 'This pour';
      return (
        `${where} is ${sayMm(Number(data['depthMm']))} deep; the label of ${String(data['name'])} ` +
        `says ${sayMm(Number(data['greatestDepthMm']))} at the most. It can overheat and crack. ` +
        'Cut it into layers.'
      );
    }
    case 'scale-too-coarse':
      return (
        `A ${formatNumber(Number(data['stepG']), 1).replace(/\.0$/, '')} g scale puts B ` +
        `${formatNumber(Math.abs(Number(data['ratioError'])) * 100, 1)} % off. ` +
        'The casting may stay soft. Use a finer scale or a larger batch.'
      );
    case 'over-container':
      return (
        `A batch of ${sayMl(Number(data['batchMl']))} is more than the container takes, ` +
        `${sayMl(Number(data['limitMl']))}. Mix more batches.`
      );
    case 'resin-not-on-shelf':
      return `${String(data['name'])} is not on the shelf any more. The job goes on with its own copy of the card.`;
  }
}
