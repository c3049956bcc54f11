import type { LayerFacts } from '../record/recordFacts';
import { clearly, evidence, rather, slightly, type Evidence, type Look } from './evidence';

const msPerMin = 60_000;
/** A quarter of an hour off a window is no miss. */
const graceMin = 15;

/** Layers that lie on another one, with their windows. */
const onOthers = (layers: readonly LayerFacts[]): readonly LayerFacts[] =>
  layers.filter(({ layer }) => layer > 0);

/** Layers that were joined otherwise than their window asks for. */
interface Missed {
  readonly layer: number;
  readonly afterMin: number;
  readonly fromMin: number;
  readonly toMin: number | undefined;
  readonly scuffFromMin: number | undefined;
  readonly scuffed: boolean;
}

const windowed = (layers: readonly LayerFacts[]): readonly Missed[] =>
  onOthers(layers).flatMap(({ layer, afterMin, record: { window, joint, scuffFromMin } }) =>
    afterMin === undefined || window === undefined
      ? []
      : [
          {
            layer: layer + 1,
            afterMin,
            fromMin: window.fromMin,
            toMin: window.toMin,
            scuffFromMin,
            scuffed: joint === 'scuff',
          },
        ],
  );

/** Where there is one layer and one pour nothing lies between two. */
const alone = (layers: readonly LayerFacts[]): readonly Evidence[] =>
  layers.length === 1 ? evidence(1 / (clearly * 4), 'one-layer', {}) : [];

/** None missed its window. */
const allIn = (missed: readonly Missed[]): readonly Evidence[] =>
  missed.length > 0 &&
  missed.every(
    ({ afterMin, fromMin, toMin = Infinity }) =>
      afterMin >= fromMin - graceMin && afterMin <= toMin + graceMin,
  )
    ? evidence(1 / clearly, 'layers-in-window', {})
    : [];

/** Whether a layer came after its window had closed, on a surface that no longer bonds and was not scuffed. */
export const layerLate: Look = ({ layers }) => {
  const missed = windowed(layers);
  const late = missed.find(
    ({ scuffed, afterMin, toMin = Infinity }) => !scuffed && afterMin > toMin + graceMin,
  );
  if (late?.toMin === undefined) return [...alone(layers), ...allIn(missed)];
  const { layer, afterMin, toMin } = late;
  return evidence(clearly, 'layer-late', { layer, afterMin, toMin });
};

/** Whether a layer came when the one under it was too firm to bond and too soft to be scuffed. */
export const layerInBadZone: Look = ({ layers }) => {
  const missed = windowed(layers);
  for (const { layer, afterMin, toMin, scuffed, fromMin, scuffFromMin } of missed) {
    const from = scuffed ? undefined : toMin;
    const until = scuffed ? fromMin : scuffFromMin;
    const isPast = from === undefined ? scuffed : afterMin > from + graceMin;
    if (!isPast || until === undefined || afterMin >= until - graceMin) continue;
    const data = { layer, afterMin, toMin: from ?? 0, scuffFromMin: until };
    return evidence(clearly, 'layer-in-bad-zone', data);
  }
  return [...alone(layers), ...allIn(missed)];
};

/** Whether a layer came before the one under it had gelled far enough. */
export const layerEarly: Look = ({ layers }) => {
  const missed = windowed(layers);
  const early = missed.find(
    ({ scuffed, afterMin, fromMin }) => !scuffed && afterMin < fromMin - graceMin,
  );
  if (early === undefined) return [...alone(layers), ...allIn(missed)];
  const { layer, afterMin, fromMin } = early;
  return evidence(clearly, 'layer-early', { layer, afterMin, fromMin });
};

/** A pass so much after its time finds a skin. */
const lateMin = 10;

/** Whether bubbles were let out when they were due. */
export const passesMissed: Look = ({ layers }) => {
  const all = layers.flatMap(({ layer, record: { bubblePasses } }) =>
    bubblePasses.map((pass) => ({ layer: layer + 1, ...pass })),
  );
  if (all.length === 0) return [];
  const missed = all.filter(({ doneAt }) => doneAt === undefined);
  const [first] = missed;
  if (first !== undefined) {
    const { layer } = first;
    const count = missed.filter((each) => each.layer === layer).length;
    return evidence(rather, 'passes-missed', { layer, count });
  }
  const late = all.find(({ dueAt, doneAt = 0 }) => doneAt - dueAt > lateMin * msPerMin);
  if (late === undefined) return evidence(1 / rather, 'passes-done', {});
  const { layer, dueAt, doneAt = 0 } = late;
  return evidence(slightly, 'passes-late', { layer, min: (doneAt - dueAt) / msPerMin });
};
