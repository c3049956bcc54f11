import { readQuantity } from '../quantity/readQuantity';
import {
  amountRule,
  doseRule,
  lengthRule,
  massRule,
  roomTemperatureRule,
  timeRule,
  viscosityRule,
  type QuantityRule,
} from '../quantity/rules';
import type { Kind } from '../quantity/kinds';
import type { OwnPace } from './ownPaceSchema';
import { mixRatio, type MixRatio } from './ratio';
import { readDensities, statedRatio, type ReadDensities } from './readDensities';
import { type Resin, type StatedRatio } from './resinSchema';
import { familyOf } from './families';
import { hardenerOf } from './withHardener';

/** A time of the label with the temperature it holds at. */
export interface LabelTime {
  readonly timeMin: number;
  readonly temperatureC: number;
}

/** How long a mix stays pourable in the cup, as the label quotes it. */
export interface PotLife extends LabelTime {
  /** The mass in the cup that it was quoted for, where the label says so. */
  readonly massG: number | undefined;
  /** The label does not say its temperature: the usual one stands for it. */
  readonly temperatureAssumed: boolean;
}

export interface LabelTimes {
  readonly tackFree: LabelTime | undefined;
  readonly recoatFrom: LabelTime | undefined;
  readonly recoatTo: LabelTime | undefined;
  readonly demould: LabelTime | undefined;
  readonly fullCure: LabelTime | undefined;
}

/** A resin card read into figures. */
export interface ReadResin {
  readonly densityAGPerMl: number;
  readonly densityBGPerMl: number;
  readonly densityFrom: ReadDensities['from'];
  /** Of the mix; of the one part where there is only one. */
  readonly mixedDensityGPerMl: number;
  /** Undefined for a resin in one bottle. */
  readonly ratio: MixRatio | undefined;
  readonly statedBy: StatedRatio['by'];
  readonly leastDepthMm: number | undefined;
  readonly greatestDepthMm: number | undefined;
  readonly potLife: PotLife | undefined;
  readonly times: LabelTimes;
  readonly leastBatchMl: number | undefined;
  readonly viscosityMPaS: number | undefined;
  /** Pigment as a share of the mixed mass. */
  readonly pigmentLimit: number | undefined;
  /** How fast it cures in one's own shop, where its card goes by that. */
  readonly ownPace: OwnPace | undefined;
}

/** Labels are written for this where they do not say a temperature. */
export const usualLabelC = 23;

const optional = <K extends Kind>(
  typed: string | undefined,
  rule: QuantityRule<K>,
): number | undefined => (typed === undefined ? undefined : readQuantity(typed, rule).value);

function labelTime(
  said: { readonly time: string; readonly temperature?: string | undefined } | undefined,
): LabelTime | undefined {
  if (said === undefined) return undefined;
  return {
    timeMin: readQuantity(said.time, timeRule).value,
    temperatureC: optional(said.temperature, roomTemperatureRule) ?? usualLabelC,
  };
}

function labelTimes({ times }: Resin): LabelTimes {
  const recoat = times?.recoat;
  const end = (time: string | undefined): LabelTime | undefined =>
    time === undefined ? undefined : labelTime({ time, temperature: recoat?.temperature });
  return {
    tackFree: labelTime(times?.tackFree),
    recoatFrom: end(recoat?.from),
    recoatTo: end(recoat?.to),
    demould: labelTime(times?.demould),
    fullCure: labelTime(times?.fullCure),
  };
}

/** An amount of mixed resin in ml, told by volume or by weight. */
export function readAmountMl(typed: string, mixedDensityGPerMl: number): number {
  const { kind, value } = readQuantity(typed, amountRule);
  return kind === 'mass' ? value / mixedDensityGPerMl : value;
}

function ratioOf(card: Resin): StatedRatio | undefined {
  if (familyOf(card.family).onePart) return undefined;
  if (card.ratio !== undefined) return card.ratio;
  const byWeight = statedRatio(card, 'weight');
  if (byWeight !== undefined) return { by: 'weight', ...byWeight };
  const byVolume = statedRatio(card, 'volume');
  return byVolume === undefined ? undefined : { by: 'volume', ...byVolume };
}

/**
 * Reads the typed figures of a card.
 * @param card as checked by `resinSchema`, with one hardener (`withHardener`)
 */
export function readResin(card: Resin): ReadResin {
  const { aGPerMl, bGPerMl, from } = readDensities(card);
  const stated = ratioOf(card);
  const ratio = stated && mixRatio(stated, aGPerMl, bGPerMl);
  const mixedDensityGPerMl = ratio?.mixedDensityGPerMl ?? aGPerMl;
  return {
    densityAGPerMl: aGPerMl,
    densityBGPerMl: bGPerMl,
    densityFrom: from,
    mixedDensityGPerMl,
    ratio,
    statedBy: stated?.by ?? 'weight',
    leastDepthMm: optional(card.depth?.least, lengthRule),
    greatestDepthMm: optional(card.depth?.greatest, lengthRule),
    potLife: card.potLife && {
      timeMin: readQuantity(card.potLife.time, timeRule).value,
      massG: optional(card.potLife.mass, massRule),
      temperatureC: optional(card.potLife.temperature, roomTemperatureRule) ?? usualLabelC,
      temperatureAssumed: card.potLife.temperature === undefined,
    },
    times: labelTimes(card),
    leastBatchMl:
      card.leastBatch === undefined ? undefined : readAmountMl(card.leastBatch, mixedDensityGPerMl),
    viscosityMPaS: optional(card.viscosity, viscosityRule),
    pigmentLimit: optional(card.pigment?.limit, doseRule),
    ownPace: card.ownPace?.find(({ hardener }) => hardener === hardenerOf(card)),
  };
}
