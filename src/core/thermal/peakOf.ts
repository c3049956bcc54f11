import type { Curing } from './curing';
import { followCore, noEvents, type CoreEvents } from './followCore';
import { quickGrid, type HeatGrid, type PourSetting } from './pourSetting';
import { runPour } from './runPour';

/** A pour that has not peaked in ten days does not. */
const longEnoughS = 240 * 3600;
/** Past this the peak's exact height no longer matters to a search for a depth. */
const pastLimitK = 25;
/** Falling by this from a peak with some cure behind it, a single layer in a constant room has had its peak. */
const fallenK = 1;
const begunAlpha = 0.3;

/**
 * The peak of a pour, and no more: the run ends once it is past.
 * @param limitC the run also ends once the peak is far above this
 */
export function peakOf(
  setting: PourSetting,
  curing: Curing,
  limitC = Infinity,
  grid: HeatGrid = quickGrid,
): CoreEvents {
  const events = noEvents(setting.resinC);
  const endsAtPeak = setting.room.swingC === 0 && setting.layers.length === 1;
  runPour(
    setting,
    curing,
    {
      grid,
      toleranceK: setting.shape.kind === 'slab' ? 0.2 : 0.5,
      untilS: longEnoughS,
    },
    (domain) =>
      followCore(
        events,
        domain.resinCells,
        curing.gelAlpha,
        (hottestC, mostCured) =>
          hottestC > limitC + pastLimitK ||
          (endsAtPeak && mostCured > begunAlpha && hottestC < events.peakC - fallenK),
      ),
  );
  return events;
}
