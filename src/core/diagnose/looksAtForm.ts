import type { EvidenceCodes } from '../codes/evidenceCodes';
import { clearly, evidence, figuresOf, rather, saidOf, slightly, type Look } from './evidence';

/** Codes that need no data. */
type Plain = {
  [Code in keyof EvidenceCodes]: Record<never, never> extends EvidenceCodes[Code] ? Code : never;
}[keyof EvidenceCodes];

/** What was done speaks against a cause, what was not done for it; nothing where nobody said. */
const done =
  (what: Parameters<typeof saidOf>[1], undone: Plain, isDone: Plain, odds = clearly): Look =>
  (facts) => {
    const said = saidOf(facts, what);
    if (said === undefined) return [];
    return said ? evidence(1 / odds, isDone, {}) : evidence(odds, undone, {});
  };

export const timberBare = done('timberSealed', 'timber-bare', 'timber-sealed');
export const surfaceDirty = done(
  'surfaceCleaned',
  'surface-not-cleaned',
  'surface-cleaned',
  rather,
);
/** A coat that cratered before the next went on had oil or silicone under it. */
export const coatCratered: Look = ({ record }) =>
  record.pours.some(({ looks }) => looks.some(({ surface }) => surface === 'craters'))
    ? evidence(clearly, 'coat-cratered', {})
    : [];

export const formLeaky = done('formSealed', 'form-not-sealed', 'form-sealed');
export const notHeld = done('heldDown', 'not-held-down', 'held-down');
export const notReleased = done('released', 'no-release', 'released');
export const uncovered = done('covered', 'uncovered', 'covered', rather);

/** Timber for casting is dry to 8 to 10 %; from here on it breathes. */
const [dampPercent, dryPercent] = [12, 10];

export const timberDamp: Look = (facts) => {
  const said = figuresOf(facts, 'timberMoisturePercent');
  if (said.length === 0) return [];
  const percent = Math.max(...said);
  if (percent > dampPercent) return evidence(rather, 'timber-damp', { percent });
  return percent <= dryPercent ? evidence(1 / rather, 'timber-dry', { percent }) : [];
};

/** Silicone tears and sticks after so many castings, and is as new for so many. */
const [wornCastings, freshCastings] = [40, 10];

export const mouldWorn: Look = ({ record }) => {
  const counts = record.pours.flatMap(({ mould }) => mould?.castingsBefore ?? []);
  if (counts.length === 0) return [];
  const castings = Math.max(...counts);
  if (castings >= wornCastings) return evidence(rather, 'mould-worn', { castings });
  return castings <= freshCastings ? evidence(1 / slightly, 'mould-fresh', { castings }) : [];
};

/** A tint tried at a depth so many times the piece's, or less by as much, is another colour. */
const otherDepth = 1.3;

export const tintTriedOtherwise: Look = ({ record }) => {
  for (const { tintTriedMm: triedMm, layers } of record.pours) {
    const depthMm = layers.reduce((sum, layer) => sum + (layer.depthMm ?? 0), 0);
    if (triedMm === undefined || !(depthMm > 0) || !(triedMm > 0)) continue;
    const ratio = depthMm / triedMm;
    return ratio > otherDepth || ratio < 1 / otherDepth
      ? evidence(rather, 'tint-tried-otherwise', { triedMm, depthMm })
      : evidence(1 / rather, 'tint-tried-so-deep', { triedMm });
  }
  return [];
};
