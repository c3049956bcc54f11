import { clearly, evidence, rather, slightly, type Evidence, type Look } from './evidence';

/** Within 2 % a ratio is fine, to 5 % it tells, past that it is soft or tacky. */
const [finePercent, tellingPercent] = [2, 5];

/** Whether A and B were in their ratio: the worst batch tells, and others that were off as well. */
export const ratioOff: Look = ({ batches }) => {
  const off = batches.flatMap(({ number, offPercent }) =>
    offPercent === undefined ? [] : [{ batch: number, percent: offPercent }],
  );
  if (off.length === 0) return [];
  const wrong = off
    .filter(({ percent }) => Math.abs(percent) > finePercent)
    .sort((one, other) => Math.abs(other.percent) - Math.abs(one.percent));
  if (wrong.length === 0) {
    const worstPercent = off.reduce((most, { percent }) => Math.max(most, Math.abs(percent)), 0);
    return evidence(1 / clearly, 'ratios-fine', { worstPercent });
  }
  return wrong
    .slice(0, 3)
    .flatMap((each, at): readonly Evidence[] =>
      evidence(
        at > 0 ? slightly : Math.abs(each.percent) > tellingPercent ? clearly * 2 : rather,
        'batch-off-ratio',
        each,
      ),
    );
};

/** Stirred for so much less than was planned is not stirred. */
const shortShare = 0.75;
/** Slow stirring by hand where no plan said how long, min; a fast polyurethane is not stirred for minutes. */
const usualStirMin = 3;

/** Whether each batch was stirred for as long as it takes. */
export const stirredShort: Look = ({ batches, hasPolyurethane }) => {
  const stirred = batches.flatMap(({ number, record: { stirredMin, plannedStirMin } }) =>
    stirredMin === undefined || (plannedStirMin === undefined && hasPolyurethane)
      ? []
      : [{ batch: number, min: stirredMin, wantedMin: plannedStirMin ?? usualStirMin }],
  );
  if (stirred.length === 0) return [];
  const short = stirred.filter(({ min, wantedMin }) => min < wantedMin * shortShare);
  const [worst] = [...short].sort(
    (one, other) => one.min / one.wantedMin - other.min / other.wantedMin,
  );
  if (worst !== undefined) {
    return evidence(worst.min < worst.wantedMin / 2 ? clearly : rather, 'stirred-short', worst);
  }
  const leastMin = stirred.reduce((least, { min }) => Math.min(least, min), Infinity);
  return evidence(1 / rather, 'stirred-long-enough', { leastMin });
};

/** Whether it was stirred again in a second, clean cup. */
export const oneCup: Look = ({ batches }) => {
  const said = batches.filter(({ record: { secondCup } }) => secondCup !== undefined);
  const without = said.find(({ record: { secondCup } }) => secondCup === false);
  if (without !== undefined) return evidence(rather, 'one-cup', { batch: without.number });
  return said.length === 0 ? [] : evidence(1 / rather, 'second-cup', {});
};

/** Whether bubbles had time to rise, or were drawn out. */
export const restLeftOut: Look = ({ batches }) => {
  const said = batches.filter(
    ({ record: { rest, restSkipped } }) => rest !== undefined || restSkipped !== undefined,
  );
  const without = said.find(({ record: { restSkipped } }) => restSkipped === true);
  if (without !== undefined) return evidence(rather, 'rest-left-out', { batch: without.number });
  return said.length === 0 ? [] : evidence(1 / slightly, 'rested', {});
};

/** Past this share of its pot life a mix is thick; to this it flows as it was mixed. */
const [lateShare, easyShare] = [0.85, 0.6];

/** Whether a batch was poured near the end of its pot life. */
export const pouredLate: Look = ({ batches }) => {
  const shares = batches.flatMap(({ number, potShare }) =>
    potShare === undefined ? [] : [{ batch: number, sharePercent: potShare * 100 }],
  );
  if (shares.length === 0) return [];
  const worst = shares.reduce((most, each) =>
    each.sharePercent > most.sharePercent ? each : most,
  );
  if (worst.sharePercent >= lateShare * 100) {
    return evidence(worst.sharePercent >= 100 ? clearly : rather, 'poured-late', worst);
  }
  return worst.sharePercent > easyShare * 100
    ? []
    : evidence(1 / rather, 'poured-in-time', { worstPercent: worst.sharePercent });
};

/** From here on a filler takes more of a mix than resin can wet; and below this it hardly matters. */
const [muchShare, littleShare] = [0.5, 0.2];

export const fillerMuch: Look = ({ record }) => {
  const shares = record.pours.flatMap(({ fillerShare }) => fillerShare ?? []);
  if (shares.length === 0) return [];
  const percent = Math.max(...shares) * 100;
  if (percent > muchShare * 100) return evidence(clearly, 'filler-much', { percent });
  return percent > littleShare * 100 ? [] : evidence(1 / clearly, 'filler-little', { percent });
};

/** So near its limit pigment may have come to it in one corner of the cup. */
const nearLimit = 0.85;

export const pigmentOver: Look = ({ record }) => {
  const said = record.pours.flatMap(({ pigmentPercent: percent, pigmentGreatestPercent }) =>
    percent === undefined ? [] : [{ percent, limitPercent: pigmentGreatestPercent }],
  );
  if (said.length === 0) return [];
  if (said.every(({ percent }) => percent === 0)) return evidence(1 / clearly, 'no-pigment', {});
  const limited = said.flatMap(({ percent, limitPercent }) =>
    limitPercent === undefined ? [] : [{ percent, limitPercent }],
  );
  if (limited.length === 0) return [];
  const worst = limited.reduce((most, each) =>
    each.percent / each.limitPercent > most.percent / most.limitPercent ? each : most,
  );
  const share = worst.percent / worst.limitPercent;
  if (share > 1) return evidence(clearly, 'pigment-over', worst);
  return share > nearLimit
    ? evidence(slightly, 'pigment-near-limit', worst)
    : evidence(1 / rather, 'pigment-within', worst);
};

/** Clumps come with pigment, much of it or a little: without any there are none. */
export const pigmentThere: Look = ({ record }) => {
  const said = record.pours.flatMap(({ pigmentPercent }) => pigmentPercent ?? []);
  return said.length > 0 && said.every((percent) => percent === 0)
    ? evidence(1 / (clearly * 4), 'no-pigment', {})
    : [];
};
