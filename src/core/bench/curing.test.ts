import type { CureTime } from '../cure/cureTimes';
import { cureAnswer } from '../cure/cureAnswer';
import { movedCureOf, type MovedCure } from '../cure/movedCure';
import { benchState } from './benchState';
import { observedAt, type BenchEvent } from './benchEvents';
import { curingLayers, nextStage, paceOfPour, type CuringLayer } from './cureStages';
import { curingPourOf, nextWindow, timesOfLayer } from './curing';
import { pourOf } from './benchCopy';
import { pourResult } from './pourResult';
import { pourTicks } from './pourTicks';
import { at, batchDone, copyOf, done, minute } from './testBench';

const copy = copyOf();
const first = [
  done(0, 'layer-1:ready'),
  ...batchDone(0, 'layer-1/1'),
  ...batchDone(12, 'layer-1/2'),
];
const stateOf = (more: readonly BenchEvent[] = []) => benchState(copy, [...first, ...more]);
const read = (min: number, c: number, place: 'core' | 'room' = 'core'): BenchEvent => ({
  at: at(min),
  did: 'read',
  c,
  place,
  by: 'hand',
});

/** What the watch makes of these readings, as the bench writes it down. */
function movedBy(readings: readonly BenchEvent[]): MovedCure {
  const state = stateOf(readings);
  const { watch } = cureAnswer({ pour: curingPourOf(copy, state)!, place: 'core', untilMin: 600 });
  return movedCureOf(watch, pourOf(copy).layers, copy.cure!.layers, observedAt(state)!);
}
const hot = [read(150, 41), read(180, 44)];
const moved: BenchEvent = { at: at(180), did: 'moved', moved: movedBy(hot) };
const measured = stateOf([...hot, moved]);

const minutesOf = ({ stages, begunAt }: CuringLayer, stage: CureTime): number =>
  (stages.find((each) => each.stage === stage)!.at! - begunAt) / minute;

test('nothing is curing before a layer is in the mould, and only what is poured is followed', () => {
  const none = benchState(copy, [done(0, 'layer-1:ready'), ...batchDone(0, 'layer-1/1')]);
  expect(curingPourOf(copy, none)).toBeUndefined();
  expect(curingLayers(copy, none)).toEqual([]);
  const pour = curingPourOf(copy, stateOf())!;
  expect(pour.planned.layers).toHaveLength(1);
  expect(pour.begunS).toEqual([0]);
});

test('before anything is measured a layer stands as its plan has it', () => {
  const [layer] = curingLayers(copy, stateOf());
  const { cure } = pourOf(copy).layers[0]!;
  expect(minutesOf(layer!, 'gel')).toBeCloseTo(cure!.gelH! * 60, 6);
  expect(minutesOf(layer!, 'tackFree')).toBeCloseTo(cure!.tackFreeH! * 60, 6);
  expect(minutesOf(layer!, 'stickyFrom')).toBeCloseTo(copy.layerTimes[0]!.nextMin!.from, 4);
  expect(paceOfPour(copy, stateOf())).toBeUndefined();
  // Its own peak, not the one that the next layer gives it.
  expect(minutesOf(layer!, 'peak')).toBeLessThan(copy.layerTimes[0]!.nextMin!.from);
});

test('two warm readings move its clocks, and everything that goes by them', () => {
  expect(paceOfPour(copy, measured)).toBe('hot');
  const [before] = curingLayers(copy, stateOf());
  const [now] = curingLayers(copy, measured);
  expect(minutesOf(now!, 'gel')).toBeLessThan(minutesOf(before!, 'gel') - 10);
  expect(now!.peakC).toBeGreaterThan(before!.peakC! + 3);
  const window = nextWindow(copy, measured, 0)!;
  expect(window.to).toBeLessThan(copy.layerTimes[0]!.nextMin!.to!);
  // On a hot one nothing is poured before its peak is past.
  expect(window.from).toBeGreaterThanOrEqual(minutesOf(now!, 'peak') - 1e-6);
  expect(minutesOf(now!, 'stickyFrom')).toBeCloseTo(window.from, 4);
});

test('a layer that goes on by the moved window is not told as off it', () => {
  const window = nextWindow(copy, measured, 0)!;
  const late = (window.to! + copy.layerTimes[0]!.nextMin!.to!) / 2;
  const second = batchDone(late, 'layer-2/1');
  const offBy = (events: readonly BenchEvent[]) =>
    pourResult(copy, stateOf([...events, done(late, 'layer-2:ready'), ...second])).offWindow;
  expect(offBy([])).toEqual([]);
  expect(offBy([...hot, moved])).toMatchObject([{ layer: 1 }]);
});

test('a touch is watched with the layer that it was of, and a reading of a cup is not', () => {
  const felt: BenchEvent = { at: at(300), did: 'felt', layer: 0, test: 'glove', found: 'tacky' };
  const cup: BenchEvent = { at: at(301), did: 'read', c: 50, place: 'cup', lane: 'layer-1/1' };
  const state = stateOf([felt, cup, read(302, 24, 'room')]);
  expect(curingPourOf(copy, state)).toMatchObject({
    readings: [],
    felt: [{ layer: 0, timeS: 300 * 60, test: 'glove', state: 'tacky' }],
    room: [{ timeS: 302 * 60, c: 24 }],
  });
  expect(observedAt(state)).toBe(at(302));
  expect(observedAt(stateOf([cup]))).toBeUndefined();
});

test('what comes next is told by the topmost layer, and nothing once it is hard', () => {
  const layers = curingLayers(copy, stateOf());
  const [one, two] = layers[0]!.stages
    .map(({ stage, at: when }) => ({ stage, at: when! }))
    .sort((a, b) => a.at - b.at);
  expect(nextStage(layers, at(5))).toMatchObject({ stage: one!.stage, layer: 0 });
  expect(nextStage(layers, one!.at + minute)?.stage).toBe(two!.stage);
  expect(nextStage(layers, at(60 * 24 * 60))).toBeUndefined();
});

test('times stand as planned where a copy of before has nothing to follow by', () => {
  const old = { ...copy, cure: undefined };
  expect(curingPourOf(old, stateOf())).toBeUndefined();
  expect(nextWindow(old, stateOf([moved]), 0)).not.toBeUndefined();
  expect(timesOfLayer(old, stateOf(), 0)?.gel).toBeDefined();
});

test('what is done with hands while it cures is ticked in the days', () => {
  const ticks = pourTicks(
    copy,
    stateOf([
      { at: at(400), did: 'fan-off' },
      { at: at(5000), did: 'demoulded' },
      { at: at(9000), did: 'planed' },
    ]),
  );
  const { id } = pourOf(copy);
  expect(ticks.map((tick) => [tick.id, tick.from])).toEqual([
    [`${id}/layer-1`, at(0)],
    [`${id}/layer-1/fan-off`, at(400)],
    [`${id}/demould`, at(5000)],
    [`${id}/plane`, at(9000)],
  ]);
});
