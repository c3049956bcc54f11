import { dayNumber } from './dayNumber';
import { hasHeat, type ResinFamily } from '../resin/families';
import { warmEndC } from '../thermal/bands';
import {
  clearly,
  evidence,
  figuresOf,
  rather,
  slightly,
  type Evidence,
  type Look,
} from './evidence';

const msPerMin = 60_000;
const monthDays = 30.44;
const dayMs = 24 * 60 * msPerMin;

/** Labels are written for warm rooms: below this cures drag; from here on a room is no cause. */
const [coldC, warmC] = [18, 20.5];

/** Whether the room was too cold for a cure that ends. */
export const roomCold: Look = (facts) => {
  const rooms = figuresOf(facts, 'roomC');
  if (rooms.length === 0) return [];
  const roomC = Math.min(...rooms);
  if (roomC < coldC) {
    const odds = roomC < 15 ? clearly : rather;
    return evidence(odds, 'room-cold', { roomC, wantedC: warmC });
  }
  return roomC < warmC ? [] : evidence(1 / rather, 'room-warm-enough', { roomC });
};

/** Parts that stood open for a year take up damp and crystallise; within half of one they are as bought. */
const [oldMonths, freshMonths] = [12, 6];

/** Whether a part was out of date. */
export const lotOld: Look = ({ record }) => {
  const lots = record.pours.flatMap((pour) => pour.lots);
  const madeDay = Math.floor(record.madeAt / dayMs);
  const ages = lots.flatMap(({ name, opened }) =>
    opened === undefined ? [] : [{ lot: name, months: (madeDay - dayNumber(opened)) / monthDays }],
  );
  const past = lots.find(
    ({ bestBefore }) => bestBefore !== undefined && dayNumber(bestBefore) < madeDay,
  );
  const [oldest] = [...ages].sort((one, other) => other.months - one.months);
  const found: Evidence[] = [];
  if (past?.bestBefore !== undefined) {
    const { name: lot, bestBefore } = past;
    found.push(...evidence(rather, 'lot-past-date', { lot, bestBefore }));
  }
  if (oldest !== undefined && oldest.months > oldMonths) {
    found.push(...evidence(rather, 'lot-old', oldest));
  }
  if (found.length > 0 || oldest === undefined || oldest.months > freshMonths) return found;
  return evidence(1 / rather, 'lots-fresh', { months: Math.max(0, oldest.months) });
};

/** An epoxy past the end of its warm band is rubber at its peak; a polyurethane bears more. */
const warmestC = (families: readonly ResinFamily[]): number =>
  Math.min(...families.map((family) => (hasHeat(family) ? warmEndC(family) : usualWarmC)));
const usualWarmC = 65;
/** A peak that stays so far under it is no cause, K. */
const coolK = 15;

/** Whether it got too hot, by what was read, planned, and noted at the bench. */
export const tooHot: Look = ({ record, layers, batches, peakC }) => {
  if (record.pours.length === 0) return [];
  const mostC = warmestC(record.pours.map(({ family }) => family));
  const found: Evidence[] = [];
  if (peakC !== undefined && peakC > mostC) {
    found.push(...evidence(clearly, 'peak-read', { c: peakC, mostC }));
  }
  const planned = layers.flatMap(({ layer, record: { peakC: c } }) =>
    c === undefined ? [] : [{ layer: layer + 1, c }],
  );
  const hottest = planned.find(({ c }) => c === Math.max(...planned.map((each) => each.c)));
  if (hottest !== undefined && hottest.c > mostC) {
    found.push(...evidence(rather, 'peak-planned', { ...hottest, mostC }));
  }
  const deep = layers.find(
    ({ record: { depthMm = 0 }, greatestDepthMm = Infinity }) => depthMm > greatestDepthMm * 1.05,
  );
  if (deep?.greatestDepthMm !== undefined) {
    const { layer, record: of, greatestDepthMm: greatestMm } = deep;
    const data = { layer: layer + 1, depthMm: of.depthMm ?? 0, greatestMm };
    found.push(...evidence(rather, 'deeper-than-bears', data));
  }
  const heated = batches.find(({ record: { heatedAt } }) => heatedAt !== undefined);
  if (heated !== undefined) {
    found.push(...evidence(clearly, 'heating-noted', { batch: heated.number }));
  }
  if (found.length > 0) return found;
  if (peakC !== undefined) {
    return peakC < mostC - coolK ? evidence(1 / clearly, 'stayed-cool', { c: peakC }) : [];
  }
  return hottest !== undefined && hottest.c < mostC - coolK
    ? evidence(1 / rather, 'stayed-cool', { c: hottest.c })
    : [];
};

/** Whether a layer was too thin to warm itself. */
export const layerThin: Look = ({ layers }) => {
  const known = layers.filter(
    ({ record: { depthMm }, leastDepthMm }) => depthMm !== undefined && leastDepthMm !== undefined,
  );
  if (known.length === 0) return [];
  const thin = known.find(
    ({ record: { depthMm = 0 }, leastDepthMm = 0 }) => depthMm < leastDepthMm * 0.95,
  );
  if (thin === undefined) return evidence(1 / rather, 'layers-deep-enough', {});
  const { layer, record, leastDepthMm: leastMm = 0 } = thin;
  return evidence(rather, 'layer-thin', {
    layer: layer + 1,
    depthMm: record.depthMm ?? 0,
    leastMm,
  });
};

/** Days after which a resin that still sticks will go on sticking, min. */
const stickyForMin = 3 * 24 * 60;

/** Whether somebody found it tacky when it should have been dry for days. */
export const stillTacky: Look = ({ record }) => {
  for (const { seen, layers } of record.pours) {
    for (const { at, layer, state } of seen) {
      const pouredAt = layers[layer]?.pouredAt;
      if (pouredAt === undefined || (state !== 'tacky' && state !== 'gelled')) continue;
      const afterMin = (at - pouredAt) / msPerMin;
      if (afterMin > stickyForMin) {
        return evidence(slightly, 'still-tacky', { layer: layer + 1, afterMin });
      }
    }
  }
  return [];
};

/** Whether it was planed, sanded or polished before it was hard. */
export const machinedEarly: Look = ({ record }) => {
  for (const { machinedAt, layers } of record.pours) {
    const last = layers.at(-1);
    if (machinedAt === undefined || last?.pouredAt === undefined) continue;
    const afterMin = (machinedAt - last.pouredAt) / msPerMin;
    // A week at the least, whatever a model says: what is big goes on shrinking.
    const hardMin = Math.max(last.hardMin ?? 0, weekMin);
    return afterMin < hardMin
      ? evidence(afterMin < hardMin / 2 ? clearly : rather, 'machined-early', { afterMin, hardMin })
      : evidence(1 / rather, 'machined-when-hard', { afterMin });
  }
  return [];
};
const weekMin = 7 * 24 * 60;

/** Damp air clouds a surface; dry air does not. */
const [dampPercent, dryPercent] = [70, 55];

export const airDamp: Look = (facts) => {
  const said = figuresOf(facts, 'humidityPercent');
  if (said.length === 0) return [];
  const percent = Math.max(...said);
  if (percent > dampPercent) return evidence(rather, 'damp', { percent });
  return percent < dryPercent ? evidence(1 / rather, 'air-dry', { percent }) : [];
};
