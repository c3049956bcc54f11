import type { Job } from '../../job/jobSchema';
import type { ResolvedJob } from '../../job/resolveJob';
import { InputError } from '../../problem';
import { hardenerNames } from '../../resin/withHardener';
import { ceilingC } from '../../thermal/ceiling';
import { quickGrid } from '../../thermal/pourSetting';
import { predictPour } from '../../thermal/predict';
import { asChosen, resolveForChoice } from '../chooseResin';
import { planResolved } from '../planJob';
import type { Shelf } from '../planTypes';
import { heatCaseOf } from './heatOfPlan';
import type { ChoicePeak } from './withPeaks';

/** The heat of one choice; undefined where there is none, or where it cannot be planned with it. */
function peakOfChoice(
  chosen: ResolvedJob,
  index: number,
  shelf: Shelf,
): Omit<ChoicePeak, 'resinId' | 'hardenerName'> | undefined {
  try {
    const given = heatCaseOf(chosen, planResolved(chosen, shelf), index, shelf);
    if (!given.told) return undefined;
    const { setting, family, curing, marks } = given;
    const { layers } = predictPour(setting, family, curing, marks, quickGrid);
    const peakC = Math.max(...layers.map((each) => each.peakC));
    const hardH = layers.map((each, at) =>
      each.hardH === undefined ? Infinity : setting.layers[at]!.pouredS / 3600 + each.hardH,
    );
    const lastH = Math.max(...hardH);
    return {
      peakC: Math.min(peakC, ceilingC(setting, curing)),
      hardMin: Number.isFinite(lastH) ? lastH * 60 : undefined,
    };
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}

/**
 * The heat of one pour of a job with every resin of the shelf and every hardener, each cut into layers as `chooseResin` does.
 * @param tell hears of each as soon as it is worked out
 */
export function choicePeaks(
  job: Job,
  index: number,
  shelf: Shelf,
  tell: (peak: ChoicePeak) => void,
): void {
  const resolved = resolveForChoice(job, index, shelf);
  for (const card of shelf.resins) {
    hardenerNames(card).forEach((hardenerName, at) => {
      const chosen = asChosen(resolved, index, card, at === 0 ? undefined : hardenerName);
      const found = peakOfChoice(chosen, index, shelf);
      if (found !== undefined) tell({ resinId: card.id, hardenerName, ...found });
    });
  }
}
