import { glassTransitionC, type Curing } from './curing';
import type { HeatGrid, PourSetting } from './pourSetting';
import { runPour } from './runPour';
import { hardByS, postCureC, postCureH } from './saidFigures';

/**
 * What a warm day after thirty days in its room would bring: the least glass transition then, °C.
 * @param roomC how warm that day is, kept up for `hours`
 */
export function glassAfterWarmDayC(
  setting: PourSetting,
  curing: Curing,
  grid: HeatGrid,
  roomC = postCureC,
  hours = postCureH,
): number {
  const fromS = setting.layers.at(-1)!.pouredS + hardByS;
  const { alphas, domain } = runPour(
    { ...setting, warmed: { fromS, roomC } },
    curing,
    {
      grid,
      toleranceK: setting.shape.kind === 'slab' ? 0.2 : 0.5,
      untilS: fromS + hours * 3600,
    },
    () => () => false,
  );
  const least = domain.resinCells.reduce((lowest, cell) => Math.min(lowest, alphas[cell]!), 1);
  return glassTransitionC(curing, least);
}
