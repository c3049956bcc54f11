import * as fc from 'fast-check';
import { checkedOrThrow } from '../schema/check';
import { benchEventsSchema, type BenchEvent } from './benchEvents';
import { benchState, laneInHand } from './benchState';
import { isAfterLane, isBatchLane, type BatchLane } from './lanes';
import { benchBatches, plannedSteps } from './benchSteps';
import { at, batchDone, copyOf, done } from './testBench';
import { runs } from '../../testing/campaign';

const copy = copyOf();
const kindsOf = (pour: object): readonly string[] => {
  const other = copyOf(pour).plan.pours[0]!;
  return plannedSteps(other, benchBatches(other)[0]!).map(({ kind }) => kind);
};
const batchIn = (events: readonly BenchEvent[], id: string, of = copy): BatchLane =>
  benchState(of, events)
    .lanes.filter(isBatchLane)
    .find((lane) => lane.id === id)!;

describe('the steps', () => {
  test('batches keep their names, each counted by itself', () => {
    expect(benchBatches(copy.plan.pours[0]!).map(({ id, place, of }) => [id, place, of])).toEqual([
      ['layer-1/1', 1, 2],
      ['layer-1/2', 2, 2],
      ['layer-2/1', 1, 2],
      ['layer-2/2', 2, 2],
    ]);
  });

  test('stand in the order that was set', () => {
    const usual = ['cup', 'part-a', 'part-b', 'stir', 'second-cup', 'rest', 'pour'];
    expect(kindsOf({})).toEqual(usual);
    expect(kindsOf({ mixing: { first: 'b' } }).slice(0, 3)).toEqual(['cup', 'part-b', 'part-a']);
    expect(kindsOf({ mixing: { cups: 'own' } }).slice(0, 4)).toEqual([
      'cup',
      'part-a',
      'part-b',
      'combine',
    ]);
    const sand = [{ name: 'Sand', kind: 'sand', share: '20 %' }];
    expect(kindsOf({ fillers: sand }).slice(-2)).toEqual(['colour', 'pour']);
    expect(kindsOf({ mixing: { stir: '30 s' } })).toEqual([
      'cup',
      'part-a',
      'part-b',
      'stir',
      'pour',
    ]);
  });

  test('a layer is made ready, its batches are poured, bubbles are looked after, then the next one', () => {
    const order = benchState(copy, []).lanes.map(({ id }) => id);
    expect(order).toEqual([
      'layer-1',
      'layer-1/1',
      'layer-1/2',
      'layer-1/after',
      'layer-2',
      'layer-2/1',
      'layer-2/2',
      'layer-2/after',
    ]);
    let events: readonly BenchEvent[] = [];
    const inHand = (): string | undefined => laneInHand(benchState(copy, events))?.id;
    expect(inHand()).toBe('layer-1');
    events = [done(0, 'layer-1:ready')];
    expect(inHand()).toBe('layer-1/1');
    events = [...events, ...batchDone(1, 'layer-1/1')];
    expect(inHand()).toBe('layer-1/2');
    events = [...events, ...batchDone(15, 'layer-1/2')];
    expect(inHand()).toBe('layer-1/after');
    const after = benchState(copy, events).lanes.find(isAfterLane)!;
    expect(after.dueAt).toEqual([at(35), at(55)]);
    events = [...events, done(36, 'layer-1/after:bubbles'), done(56, 'layer-1/after:bubbles-2')];
    expect(inHand()).toBe('layer-2');
    expect(benchState(copy, events).layers[0]).toMatchObject({ begunAt: at(1), pouredAt: at(25) });
    events = [
      ...events,
      done(500, 'layer-2:ready'),
      ...batchDone(501, 'layer-2/1'),
      ...batchDone(515, 'layer-2/2'),
      done(540, 'layer-2/after:bubbles'),
    ];
    expect(benchState(copy, events).isOver).toBe(false);
    events = [...events, { at: at(560), did: 'skipped', step: 'layer-2/after:bubbles-2' }];
    expect(benchState(copy, events).isOver).toBe(true);
  });
});

describe('what is in the cup', () => {
  const upToA = [done(0, 'layer-1/1:cup'), done(1, 'layer-1/1:part-a', { g: 438 })];
  test('438 g of A for 420: B follows, 146.0', () => {
    const lane = batchIn(upToA, 'layer-1/1');
    expect(lane.next?.kind).toBe('part-b');
    expect(lane.correction?.onScale).toMatchObject({ bG: 146, totalG: 584 });
    expect(lane.metAt).toBeUndefined();
  });

  test('then B to 150.5: A is topped up to 451.5, 602.0 in all, and that is asked for once', () => {
    const over = [...upToA, done(2, 'layer-1/1:part-b', { g: 150.5 })];
    const lane = batchIn(over, 'layer-1/1');
    expect(lane.next).toMatchObject({ kind: 'more-a', id: 'layer-1/1:more-a' });
    expect(lane.correction?.onScale).toMatchObject({ aG: 451.5, bG: 150.5, totalG: 602 });
    const right = batchIn([...over, done(3, 'layer-1/1:more-a', { g: 451.6 })], 'layer-1/1');
    expect(right.next?.kind).toBe('stir');
    expect(right.inCup).toEqual({ aG: 451.6, bG: 150.5 });
    expect(right.correction?.band).toBe('fine');
  });

  test('what is topped up too far asks for the other part', () => {
    const events = [
      ...upToA,
      done(2, 'layer-1/1:part-b', { g: 150.5 }),
      done(3, 'layer-1/1:more-a', { g: 480 }),
    ];
    const lane = batchIn(events, 'layer-1/1');
    expect(lane.next).toMatchObject({ kind: 'more-b', id: 'layer-1/1:more-b-2' });
    expect(lane.correction?.onScale).toMatchObject({ aG: 480, bG: 160, totalG: 640 });
  });

  test('within two of a hundred nothing is added; what is left out is not asked for again', () => {
    const fine = [...upToA, done(2, 'layer-1/1:part-b', { g: 148.5 })];
    expect(batchIn(fine, 'layer-1/1').next?.kind).toBe('stir');
    const over = [...upToA, done(2, 'layer-1/1:part-b', { g: 158 })];
    const left: BenchEvent = {
      at: at(3),
      did: 'skipped',
      step: 'layer-1/1:more-a',
      text: 'no A left',
    };
    expect(batchIn([...over, left], 'layer-1/1').next?.kind).toBe('stir');
  });

  test('the same event written twice changes nothing, and nothing that is done is done again', () => {
    const events = [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1')];
    const twice = events.flatMap((event) => [event, { ...event, at: event.at + 7, g: 999 }]);
    const [once, doubled] = [benchState(copy, events), benchState(copy, twice)];
    expect(doubled.lanes).toEqual(once.lanes);
  });

  test('going back opens a step and what followed it, in its own batch alone', () => {
    const events: readonly BenchEvent[] = [
      done(0, 'layer-1:ready'),
      ...batchDone(1, 'layer-1/1').slice(0, 5),
      ...batchDone(3, 'layer-1/2').slice(0, 3),
      { at: at(9), did: 'reopened', step: 'layer-1/1:part-b' },
    ];
    const lane = batchIn(events, 'layer-1/1');
    expect(lane.steps.filter(({ state }) => state === 'done').map(({ kind }) => kind)).toEqual([
      'cup',
      'part-a',
    ]);
    expect(lane.inCup).toEqual({ aG: 420, bG: undefined });
    expect(lane.metAt).toBeUndefined();
    expect(batchIn(events, 'layer-1/2').next?.kind).toBe('stir');
    const again = batchIn([...events, done(10, 'layer-1/1:part-b', { g: 141 })], 'layer-1/1');
    expect(again.inCup).toEqual({ aG: 420, bG: 141 });
  });

  test('the clock runs from the first drop that the scale saw, or from when B was in', () => {
    const events = batchDone(1, 'layer-1/1').slice(0, 3);
    expect(batchIn(events, 'layer-1/1').metAt).toBe(at(3));
    const seen: BenchEvent = { at: at(2.5), did: 'met', lane: 'layer-1/1' };
    expect(batchIn([...events.slice(0, 2), seen], 'layer-1/1').metAt).toBe(at(2.5));
    expect(batchIn([...events, seen], 'layer-1/1').metAt).toBe(at(2.5));
    const own = copyOf({ mixing: { cups: 'own' } });
    const apart = [...events, done(9, 'layer-1/1:combine')];
    expect(batchIn(events, 'layer-1/1', own).metAt).toBeUndefined();
    expect(batchIn(apart, 'layer-1/1', own).metAt).toBe(at(9));
  });
});

test('whatever happens in whatever order, the state is whole and what it holds is right', () => {
  const steps = benchState(copy, []).lanes.flatMap((lane) => lane.steps.map(({ id }) => id));
  const event = fc.record({
    at: fc.integer({ min: at(0), max: at(5000) }),
    did: fc.constantFrom('done' as const, 'skipped' as const, 'reopened' as const, 'met' as const),
    step: fc.constantFrom(...steps, 'layer-1/1:more-a', 'layer-1/1:more-b-2', 'layer-9/1:stir'),
    g: fc.double({ min: 1, max: 900, noNaN: true }),
  });
  fc.assert(
    fc.property(fc.array(event, { maxLength: 40 }), (events) => {
      expect(() => checkedOrThrow(benchEventsSchema, events)).not.toThrow();
      const { lanes, isOver } = benchState(copy, events);
      const ids = lanes.flatMap((lane) => lane.steps.map(({ id }) => id));
      expect(new Set(ids).size).toBe(ids.length);
      expect(isOver).toBe(lanes.every(({ next }) => next === undefined));
      for (const lane of lanes.filter(isBatchLane)) {
        const more = lane.next?.kind === 'more-a' ? 'a' : lane.next?.kind === 'more-b' ? 'b' : null;
        // Nothing is ever poured back, and what is asked for brings the ratio right.
        if (more !== null) expect(lane.correction![more].addG).toBeGreaterThan(0.05);
      }
    }),
    { numRuns: runs(100, 3000) },
  );
});

test('a pour that was ended by mistake is gone on with', () => {
  const begun = [done(0, 'layer-1:ready')];
  const over: BenchEvent = { at: at(1), did: 'ended', text: 'ended by hand' };
  expect(benchState(copy, [...begun, over])).toMatchObject({ isOver: true, endedAt: at(1) });
  const on: BenchEvent = { at: at(2), did: 'reopened' };
  const state = benchState(copy, [...begun, over, on]);
  expect(state).toMatchObject({ isOver: false, endedAt: undefined });
  expect(laneInHand(state)?.id).toBe('layer-1/1');
});

test('events of a stranger are refused', () => {
  for (const event of [
    { at: -1, did: 'done' },
    { at: 1, did: 'exploded' },
    { at: 1, did: 'done', step: 'x'.repeat(200) },
    { at: 1, did: 'done', g: 'much' },
    { at: 1.5, did: 'done' },
    { at: 1, did: 'done', surprise: true },
  ]) {
    expect(() => checkedOrThrow(benchEventsSchema, [event])).toThrow();
  }
});

test('a copy survives being stored as text', () => {
  const again = JSON.parse(JSON.stringify(copy)) as typeof copy;
  const events = [done(0, 'layer-1:ready'), ...batchDone(1, 'layer-1/1', { aG: 438, bG: 150.5 })];
  const plain = (value: unknown): unknown => JSON.parse(JSON.stringify(value));
  expect(plain(benchState(again, events))).toEqual(plain(benchState(copy, events)));
});
