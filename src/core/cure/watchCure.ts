import type { HeatFamily } from '../resin/families';
import { flatK } from '../thermal/bands';
import { climateAtC, warmerRoom } from '../thermal/climate';
import { factorOf, fitPour, moved, type FitSpreads } from '../thermal/fit/fitPour';
import type { Candidate } from '../thermal/fit/fitReadings';
import { sampledRun, type PourReading } from '../thermal/fit/sampledRun';
import { keystrokeGrid, type PourSetting } from '../thermal/pourSetting';
import { predictMiddle, withBorder, type LayerHeat } from '../thermal/predict';
import { feltOf, type Felt } from './feltSpan';
import { timesOfRun, type CureTimes } from './cureTimes';

/** A pour that is curing, with what was measured and felt of it since. */
export interface CuringPour {
  /** The layers that are poured, at the moments of the plan. */
  readonly planned: PourSetting;
  /** When each of them was really begun, s after the first. */
  readonly begunS: readonly number[];
  readonly family: HeatFamily;
  /** The card's own calibration first, then what else its label bears. */
  readonly candidates: readonly [Candidate, ...(readonly Candidate[])];
  readonly readings: readonly PourReading[];
  readonly felt: readonly Felt[];
  /** What the room was read to be. */
  readonly room: readonly { readonly timeS: number; readonly c: number }[];
}

/** A layer as a run tells it. */
export interface WatchedLayer {
  readonly times: CureTimes;
  readonly peakC: number;
}

/** What readings make of a pour that is curing. */
export interface CureWatch {
  /** Factors on the card's rate and on the films; 1 without readings. */
  readonly rate: number;
  readonly film: number;
  /** As it was planned, and as readings have it; as many as there are layers. */
  readonly expected: readonly WatchedLayer[];
  readonly corrected: readonly WatchedLayer[];
  /** The latest reading of the pour over what was expected there and then, K; undefined without one. */
  readonly overK: number | undefined;
  /** How much sooner it comes to its peak than expected, or gels where it hardly warms, min; below 0 for later. */
  readonly aheadMin: number | undefined;
}

/**
 * What is expected of a pour before it is measured: a lot cures within a third of its label, a shed's air moves within a third of
 * what is assumed, a thermometer in a pour is right to a degree. Assumed, as for a batch in its cup.
 */
const spreads: FitSpreads = {
  priorLn: { rate: 0.3, film: 0.3, kappa: 0.5 },
  readingC: 1,
  seenLn: 0.125,
};

/** The same layers, begun at other moments. */
export const begunAt = (setting: PourSetting, begunS: readonly number[]): PourSetting => ({
  ...setting,
  layers: setting.layers.map((layer, at) => ({ ...layer, pouredS: begunS[at]! })),
});

/** The room as it was read to be: as much warmer or cooler as it was on the whole. */
function roomAsRead(setting: PourSetting, room: CuringPour['room']): PourSetting {
  if (room.length === 0) return setting;
  const overC =
    room.reduce((sum, { timeS, c }) => sum + c - climateAtC(setting.room, timeS), 0) / room.length;
  return { ...setting, room: warmerRoom(setting.room, overC) };
}

type Mix = Pick<Candidate, 'curing' | 'marks'>;

const layersOf = (
  setting: PourSetting,
  family: HeatFamily,
  { curing, marks }: Mix,
): readonly LayerHeat[] =>
  withBorder(
    predictMiddle(setting, family, curing, marks, keystrokeGrid(setting)).layers,
    setting,
    family,
    curing,
    marks,
  );

/** What happens to the surface of a layer happens with nothing on top of it; how hot and hard it gets, with all of them. */
const ofSurface = ['gel', 'stickyFrom', 'stickyTo', 'tackFree'] as const;

function watched(setting: PourSetting, family: HeatFamily, mix: Mix): readonly WatchedLayer[] {
  const whole = layersOf(setting, family, mix);
  return whole.map((layer, at): WatchedLayer => {
    const times = timesOfRun(layer);
    if (at === whole.length - 1) return { times, peakC: layer.peakC };
    const upTo = { ...setting, layers: setting.layers.slice(0, at + 1) };
    const alone = timesOfRun(
      predictMiddle(upTo, family, mix.curing, mix.marks, keystrokeGrid(upTo)).layers[at]!,
    );
    const surface = Object.fromEntries(ofSurface.map((what) => [what, alone[what]]));
    return { times: { ...times, ...surface }, peakC: layer.peakC };
  });
}

/** How much sooner something comes, min; undefined where it comes only in one of them. */
const sooner = (expected: number | undefined, corrected: number | undefined): number | undefined =>
  expected === undefined || corrected === undefined ? undefined : expected - corrected;

/**
 * Where a pour stands by what was measured and felt of it: the rate and the films that are likeliest with what the model expects,
 * and the times that follow.
 * @throws InputError `heat-lost-itself`
 */
export function watchCure(pour: CuringPour): CureWatch {
  const { planned, begunS, family, candidates, readings, felt, room } = pour;
  const [own] = candidates;
  const expected = watched(planned, family, own);
  if (readings.length === 0 && felt.length === 0 && room.length === 0) {
    return {
      rate: 1,
      film: 1,
      expected,
      corrected: expected,
      overK: undefined,
      aheadMin: undefined,
    };
  }
  const begun = begunAt(planned, begunS);
  const setting = roomAsRead(begun, room);
  const end = fitPour(
    {
      setting,
      curing: own.curing,
      marks: own.marks,
      readings,
      seen: [],
      felt: felt.map((each) => feltOf(each, own, setting)),
    },
    ['rate', 'film'],
    spreads,
  );
  const it = moved({ setting, curing: own.curing }, (what) => factorOf(end, what));
  const corrected = watched(it.setting, family, { curing: it.curing, marks: own.marks });
  const latest = readings.reduce<PourReading | undefined>(
    (last, each) => (last === undefined || each.timeS >= last.timeS ? each : last),
    undefined,
  );
  const expectedC = latest && sampledRun(begun, own.curing, own.marks, [latest], []).readingsC[0]!;
  const before = watched(begun, family, own).at(-1)!;
  const after = corrected.at(-1)!;
  const warms = before.peakC - begun.resinC >= flatK;
  return {
    rate: factorOf(end, 'rate'),
    film: factorOf(end, 'film'),
    expected,
    corrected,
    overK: latest && expectedC !== undefined ? latest.c - expectedC : undefined,
    aheadMin:
      (warms ? sooner(before.times.peak, after.times.peak) : undefined) ??
      sooner(before.times.gel, after.times.gel),
  };
}
