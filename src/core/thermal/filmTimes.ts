import { usualMarks, type MarkTimes } from './cureMarks';
import type { Curing } from './curing';
import { filmM, hardByS } from './saidFigures';
import type { HeatFamily } from '../resin/families';
import { coarseGrid } from './pourSetting';
import { predictMiddle, type LayerHeat } from './predict';
import { usualSetting } from './usualSetting';

const toldBy: Readonly<Record<keyof MarkTimes, (layer: LayerHeat) => number | undefined>> = {
  tackFree: ({ tackFreeH }) => tackFreeH,
  recoatFrom: ({ recoatH }) => recoatH.from,
  recoatTo: ({ recoatH }) => recoatH.to,
  demould: ({ demouldH }) => demouldH,
  fullCure: ({ hardH }) => hardH,
};

/** By full cure labels mean much or little, and mostly the end of all doubt: it counts less than what a finger can tell. */
const weightOf = (what: keyof MarkTimes): number => (what === 'fullCure' ? 0.25 : 1);

/** How a resin stands to a time of its label. */
export interface FilmMiss {
  /** ln of the label's time over the resin's: below 0 where the resin is slower. */
  readonly ln: number;
  readonly weight: number;
}

/**
 * How a resin's times stand to those of its label: each told of a 3 mm film at the label's own temperature, by the family's usual
 * degrees of cure. What does not come in thirty days is taken to come then.
 * @returns one for each time that the label gives
 */
export function filmMisses(
  family: HeatFamily,
  curing: Curing,
  times: MarkTimes = {},
): readonly FilmMiss[] {
  const marks = usualMarks(family, curing);
  const rooms = new Map<number, LayerHeat>();
  const filmAt = (roomC: number): LayerHeat => {
    const known = rooms.get(roomC);
    if (known !== undefined) return known;
    const setting = usualSetting(filmM, roomC);
    const film = predictMiddle(setting, family, curing, marks, coarseGrid).layers[0]!;
    rooms.set(roomC, film);
    return film;
  };
  return (Object.keys(toldBy) as (keyof MarkTimes)[]).flatMap((what) => {
    const said = times[what];
    if (said === undefined) return [];
    const hours = toldBy[what](filmAt(said.temperatureC)) ?? hardByS / 3600;
    return [{ ln: Math.log(said.timeMin / 60 / hours), weight: weightOf(what) }];
  });
}
