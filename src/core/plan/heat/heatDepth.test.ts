import {
  type OneJob,
  chooseForOne,
  heatOfOne,
  planOne,
  type PlanOfOne,
} from '../../../testing/planOne';
import * as fc from 'fast-check';
import { deepPour as deep, deepTrayJob } from '../../../testing/deepTray';
import { runs } from '../../../testing/campaign';

const jobOf = (change: object = {}): OneJob =>
  deepTrayJob({
    measure: { parts: [{ shape: 'box', length: '900 mm', width: '700 mm', depth: '80 mm' }] },
    layers: { style: 'equal' },
    ...change,
  });
const planOf = (change: object = {}): PlanOfOne => planOne(jobOf(change));
const at = (temperature: string, layers: object = { style: 'equal' }): PlanOfOne =>
  planOf({ room: { temperature }, layers });

test.each([
  ['16 °C', 'label', 50, 2],
  ['23 °C', 'label', 50, 2],
  ['28 °C', 'room', 38, 3],
  ['32 °C', 'room', 30, 3],
] as const)('a wide pour of 80 mm at %s goes by the %s: %d mm', (room, from, takesMm, count) => {
  const { cut, layers } = at(room);
  expect(cut.from).toBe(from);
  // Figures of the depth curve: 62 °C at 10, 12 … 32 °C.
  expect(cut.takesMm).toBeGreaterThan(takesMm * 0.97);
  expect(cut.takesMm).toBeLessThan(takesMm * 1.03);
  expect(layers).toHaveLength(count);
});

test('the person may go by the label, by the room, or by their own figure', () => {
  expect(at('28 °C', { style: 'equal', depthBy: 'label' }).cut).toMatchObject({
    from: 'label',
    takesMm: 50,
    roomMm: undefined,
  });
  const cool = at('16 °C', { style: 'equal', depthBy: 'room' });
  expect(cool.cut.from).toBe('room');
  // 81 mm at 14 °C and 73 at 16.
  expect(cool.cut.takesMm).toBeGreaterThan(70);
  expect(cool.layers).toHaveLength(2);
  expect(at('28 °C', { style: 'equal', maxDepth: '60 mm' }).cut).toMatchObject({
    from: 'typed',
    takesMm: 60,
    roomMm: undefined,
  });
});

test('a layer as deep as the room takes stays at its limit', () => {
  const job = jobOf({ room: { temperature: '28 °C' }, layers: { style: 'full-top-off' } });
  const plan = planOne(job);
  const one = jobOf({
    room: { temperature: '28 °C' },
    layers: undefined,
    measure: {
      parts: [{ shape: 'box', length: '900 mm', width: '700 mm', depth: `${plan.cut.takesMm} mm` }],
    },
  });
  const heat = heatOfOne(one, planOne(one));
  if (!heat.told) throw new Error(heat.code);
  expect(heat.layers[0]?.peakC.mid).toBeGreaterThan(59);
  expect(heat.layers[0]?.peakC.mid).toBeLessThan(62.5);
});

test('one pour that the label allows and this room does not is told', () => {
  const parts = [{ shape: 'box', length: '900 mm', width: '700 mm', depth: '45 mm' }];
  const warm = planOf({ room: { temperature: '29 °C' }, layers: undefined, measure: { parts } });
  expect(warm.warnings.map(({ code }) => code)).toEqual(['deeper-than-room', 'layer-runs-hot']);
  expect(warm.warnings[0]?.data).toMatchObject({ depthMm: 45, greatestDepthMm: 50 });
  const cool = planOf({ layers: undefined, measure: { parts } });
  expect(cool.warnings).toEqual([]);
});

test('a narrow channel, a fan and a floor of metal let it be deeper; a bench and foam do not', () => {
  const room = { temperature: '28 °C' };
  const wide = planOf({ room }).cut.takesMm!;
  const takes = (change: object): number => planOf({ room, ...change }).cut.takesMm!;
  const narrow = [{ shape: 'box', length: '900 mm', width: '70 mm', depth: '80 mm' }];
  expect(takes({ measure: { parts: narrow } })).toBe(50);
  expect(takes({ heat: { fan: '48 h' } })).toBe(50);
  const metal = { material: 'aluminium', thickness: '3 mm' };
  expect(takes({ heat: { floor: metal } })).toBeGreaterThan(wide);
  expect(takes({ heat: { underside: 'bench' } })).toBeLessThan(wide);
  expect(takes({ heat: { underside: 'foam' } })).toBeLessThan(
    takes({ heat: { underside: 'bench' } }),
  );
});

test('without a pot life the label stands, unless the person asks for the room', () => {
  const { potLife: _, ...silent } = deep;
  const room = { temperature: '28 °C' };
  expect(planOf({ room, resin: silent }).cut).toMatchObject({ from: 'label', takesMm: 50 });
  const asked = planOf({ room, resin: silent, layers: { style: 'equal', depthBy: 'room' } });
  expect(asked.cut.from).toBe('room');
  expect(asked.cut.takesMm).toBeLessThan(40);
});

test('a label without a depth leaves it to the heat', () => {
  const { depth: _, ...silent } = deep;
  expect(planOf({ resin: silent }).cut).toMatchObject({ from: 'room', labelMm: undefined });
});

test('a label whose depth means bubbles stands even where the room would take more', () => {
  const coat = {
    name: 'Coat',
    family: 'coating-epoxy',
    ratio: { by: 'weight', a: 2, b: 1 },
    depth: { greatest: '3 mm' },
    potLife: { time: '35 min', mass: '150 g', temperature: '23 °C' },
  };
  const parts = [{ shape: 'box', length: '900 mm', width: '700 mm', depth: '6 mm' }];
  const plan = planOf({
    resin: coat,
    measure: { parts },
    layers: { style: 'equal', depthBy: 'room' },
  });
  expect(plan.cut).toMatchObject({ from: 'label', takesMm: 3 });
  expect(plan.layers).toHaveLength(2);
});

test('a label that is too deep for its pot life is planned with what the model takes', () => {
  const quick = { ...deep, potLife: { time: '3 h', mass: '150 g', temperature: '25 °C' } };
  const { cut } = planOf({ resin: quick });
  expect(cut.from).toBe('room');
  expect(cut.takesMm).toBeLessThan(40);
});

test.each([
  ['a plate without its temperature', { heat: { underside: 'plate' } }, 'missing'],
  [
    'a pot life that no resin has',
    { resin: { ...deep, potLife: { time: '1 min' } }, mixing: { stir: '5 s' } },
    'pot-life-out-of-model',
  ],
  [
    'a room where even a film runs hot',
    {
      room: { temperature: '50 °C' },
      resin: { ...deep, family: 'fast-epoxy', potLife: { time: '2 min', mass: '100 g' } },
      batches: 1,
    },
    'too-hot-to-pour',
  ],
] as const)('%s: the label stands and it is said', (_, change, because) => {
  const plan = planOf(change);
  expect(plan.cut).toMatchObject({ from: 'label', takesMm: 50 });
  expect(plan.warnings).toContainEqual({
    code: 'room-depth-unknown',
    severity: 'tell',
    data: expect.objectContaining({ because }),
  });
});

test('a day that is upside down is refused where it is typed', () => {
  const day = { lowest: '25 °C', highest: '18 °C' };
  expect(() => planOf({ heat: { day } })).toThrow(
    expect.objectContaining({ code: 'day-upside-down', field: 'heat.day.lowest' }) as Error,
  );
});

test('what has no heat goes by its label', () => {
  const silicone = { ...deep, family: 'silicone-tin', potLife: { time: '40 min' } };
  const plan = planOf({ resin: silicone, layers: { style: 'equal', depthBy: 'room' } });
  expect(plan.cut.from).toBe('label');
});

test('polyurethanes cure hot and are made to: their label’s depth stands, and no heat cuts them', () => {
  const quick = {
    ...deep,
    name: 'Quick',
    family: 'slow-polyurethane',
    potLife: { time: '10 min', mass: '100 g', temperature: '25 °C' },
    depth: { greatest: '80 mm' },
  };
  for (const depthBy of ['smaller', 'room'] as const) {
    const plan = planOf({
      resin: quick,
      room: { temperature: '30 °C' },
      layers: { style: 'equal', depthBy },
      measure: { parts: [{ shape: 'box', length: '60 mm', width: '60 mm', depth: '60 mm' }] },
    });
    expect(plan.cut).toMatchObject({ from: 'label', takesMm: 80 });
    expect(plan.layers).toHaveLength(1);
    expect(plan.layers[0]!.cure!.peakC).toBeGreaterThan(80);
    expect(plan.warnings.map(({ code }) => code)).not.toContain('layer-runs-hot');
  }
});

test('choosing cuts each resin by this room too', () => {
  const job = jobOf({ room: { temperature: '28 °C' } });
  const shelf = { resins: [job.resin], moulds: [] };
  const [choice] = chooseForOne(job, shelf);
  expect(choice?.layers).toBe(planOne(job).layers.length);
  expect(choice?.layers).toBe(3);
});

test('a warmer room never lets a layer be deeper, and none is deeper than the label by default', () => {
  fc.assert(
    fc.property(
      fc.double({ min: 10, max: 38, noNaN: true }),
      fc.double({ min: 0.5, max: 8, noNaN: true }),
      fc.constantFrom('box', 'cylinder'),
      (roomC, more, shape) => {
        const part =
          shape === 'box'
            ? { shape, length: '600 mm', width: '240 mm', depth: '80 mm' }
            : { shape, diameter: '180 mm', depth: '80 mm' };
        const takes = (celsius: number): number =>
          planOf({ room: { temperature: `${celsius} °C` }, measure: { parts: [part] } }).cut
            .takesMm!;
        const cool = takes(roomC);
        // Depths are read down to whole millimetres, and the search leaves a few thousandths open.
        expect(takes(roomC + more)).toBeLessThanOrEqual(cool + 1);
        expect(cool).toBeLessThanOrEqual(50);
      },
    ),
    { numRuns: runs(8, 100) },
  );
});
