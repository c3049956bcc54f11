import * as fc from 'fast-check';
import { heatConstantsOf, heatFamilies, type HeatFamily } from '../../resin/families';
import { usualCard } from '../../../testing/usualCard';
import { planOne, readOne, type PlanOfOne } from '../../../testing/planOne';
import { runs } from '../../../testing/campaign';

const minutes = (least: number, most: number) => fc.integer({ min: least, max: most });

interface Poured {
  readonly family?: HeatFamily;
  readonly depthMm: number;
  readonly roomC: number;
  readonly layers?: object;
  readonly card?: object;
  readonly widthMm?: number;
  readonly change?: object;
}

function planOf({
  family = 'deep-pour-epoxy',
  depthMm,
  roomC,
  layers = { style: 'equal' },
  card,
  widthMm = 900,
  change = {},
}: Poured): PlanOfOne {
  const size = { length: '900 mm', width: `${widthMm} mm`, depth: `${depthMm} mm` };
  return planOne(
    readOne({
      format: 'nipperkin-job',
      version: 1,
      name: 'Layers',
      room: { temperature: `${roomC} °C` },
      measure: { parts: [{ shape: 'box', ...size }] },
      resin: usualCard(family, card),
      layers,
      batches: 1,
      ...change,
    }),
  );
}

const codesOf = ({ warnings }: PlanOfOne): readonly string[] => warnings.map(({ code }) => code);

test('the sticky window of a layer is its own: 40 mm at 18 °C from 41 to 100 h, whatever comes on it', () => {
  const { layers } = planOf({ depthMm: 80, roomC: 18, widthMm: 500 });
  expect(layers).toHaveLength(2);
  const { from, to } = layers[0]!.cure!.stickyH;
  expect(from! / 41).toBeCloseTo(1, 1);
  expect(to! / 100).toBeCloseTo(1, 1);
  const [alone] = planOf({ depthMm: 40, roomC: 18, widthMm: 500 }).layers;
  expect(alone!.cure!.stickyH.from! / from!).toBeCloseTo(1, 1.5);
  expect(alone!.cure!.stickyH.to! / to!).toBeCloseTo(1, 1.5);
  const { plannedMin, readyMin, closesMin } = layers[1]!.joint!;
  expect(plannedMin).toBeGreaterThanOrEqual(from! * 60);
  expect([readyMin! / 60 / from!, closesMin! / 60 / to!].map((share) => share.toFixed(1))).toEqual([
    '1.0',
    '1.0',
  ]);
});

test('50 mm on 50 mm at 23 °C wait until the first has spent itself, and no peak is over what they come to alone', () => {
  const { layers, warnings } = planOf({ depthMm: 100, roomC: 23 });
  const { plannedMin, school } = layers[1]!.joint!;
  // 24 h give 66 °C, 36 h give 63: the end of "warm" is 65.
  expect(school).toBe('tacky');
  expect(plannedMin! / 60).toBeGreaterThan(23);
  expect(plannedMin! / 60).toBeLessThan(32);
  expect(Math.max(...layers.map(({ cure }) => cure!.peakC))).toBeLessThanOrEqual(65.3);
  expect(warnings).toEqual([]);
});

test('thin ones need not wait for the heat', () => {
  const { layers } = planOf({ depthMm: 24, roomC: 23, layers: { heights: ['12 mm'] } });
  expect(layers[1]!.joint).toMatchObject({ coolMin: layers[1]!.joint!.readyMin });
});

describe('where the window leaves no time', () => {
  // The film of this resin has not gelled by then.
  const times = { recoat: { from: '6 h', to: '9 h', temperature: '23 °C' } };
  const apart: Poured = { depthMm: 80, roomC: 23, card: { times } };

  test('it is cured, scuffed and wiped, and the plan says why', () => {
    const plan = planOf(apart);
    const { joint } = plan.layers[1]!;
    expect(joint).toMatchObject({ school: 'scuff' });
    expect(joint!.plannedMin! / 60).toBeGreaterThanOrEqual(plan.layers[0]!.cure!.keepsShapeH!);
    const told = plan.warnings.find(({ code }) => code === 'cured-between-layers');
    expect(told).toMatchObject({ severity: 'tell', data: { why: 'windows-apart', layer: 2 } });
  });

  test('whoever wants it sticky all the same is warned', () => {
    const plan = planOf({ ...apart, layers: { style: 'equal', joint: 'tacky' } });
    expect(plan.layers[1]!.joint).toMatchObject({ school: 'tacky' });
    const warned = plan.warnings.find(({ code }) => code === 'no-time-while-sticky');
    expect(warned).toMatchObject({ severity: 'warn', data: { why: 'windows-apart' } });
  });

  test('whoever scuffs anyway is told nothing', () => {
    const plan = planOf({ ...apart, layers: { style: 'equal', joint: 'scuff' } });
    expect(codesOf(plan)).toEqual([]);
  });

  test('two that heat each other as long as it is sticky are cured between, and thinner ones are named', () => {
    const hot = planOf({
      family: 'casting-epoxy',
      depthMm: 60,
      roomC: 30,
      layers: { heights: ['30 mm'], depthBy: 'label' },
    });
    const told = hot.warnings.find(({ code }) => code === 'cured-between-layers');
    expect(told?.data).toMatchObject({ why: 'too-hot' });
    // The layers themselves are too deep for the room, and that is a warning of the plan too.
    expect(codesOf(hot)).toContain('layer-runs-hot');
  });
});

test('every layer that is high or runs away is a warning of the plan; a polyurethane is made to cure hot', () => {
  const warm = planOf({ depthMm: 70, roomC: 26, layers: { style: 'one-pour', depthBy: 'label' } });
  expect(warm.layers[0]!.cure!.band).toBe('runaway');
  expect(warm.warnings.find(({ code }) => code === 'layer-runs-hot')).toMatchObject({
    severity: 'warn',
    data: { band: 'runaway', layer: 1, layers: 1 },
  });
  const knob = planOf({ family: 'fast-polyurethane', depthMm: 60, widthMm: 60, roomC: 22 });
  expect(knob.layers).toHaveLength(1);
  expect(codesOf(knob)).not.toContain('layer-runs-hot');
});

test('a lower layer is told for its own thirty days, however late the next one comes', () => {
  const { layers, warnings } = planOf({ depthMm: 60, roomC: -5, layers: { heights: ['30 mm'] } });
  for (const { cure } of layers) {
    for (const time of [cure!.demouldH, cure!.keepsShapeH, cure!.hardH]) {
      expect(time ?? 0).toBeLessThanOrEqual(30 * 24);
    }
  }
  expect(warnings.map(({ code }) => code)).toContain('never-hard');
});

test('resins that heat strongly and are not modelled are warned of by depth', () => {
  const deep = (family: 'polyester' | 'uv', depthMm: number, card: object = {}) =>
    codesOf(
      planOf({
        depthMm,
        roomC: 22,
        layers: { style: 'one-pour' },
        card: { family, potLife: undefined, depth: undefined, ...card },
      }),
    );
  expect(deep('polyester', 9)).toEqual([]);
  expect(deep('polyester', 10)).toEqual(['heats-unseen']);
  expect(deep('uv', 6)).toContain('heats-unseen');
  expect(deep('polyester', 30, { depth: { greatest: '40 mm' } })).toEqual([]);
});

test('a room that is too cold is a warning: it stays soft near so many degrees', () => {
  const cold = planOf({ depthMm: 3, roomC: -6 });
  expect(cold.warnings.find(({ code }) => code === 'never-hard')).toMatchObject({
    severity: 'warn',
    data: { roomC: -6 },
  });
  expect(cold.times.doneMin).toBeUndefined();
  expect(codesOf(planOf({ depthMm: 3, roomC: 12 }))).not.toContain('never-hard');
});

test('nothing jumps where a pour comes to count as wide', () => {
  const [narrow, wide] = [479, 480].map(
    (widthMm) =>
      planOf({ depthMm: 60, roomC: 20, widthMm, layers: { style: 'one-pour' } }).layers[0]!.cure!,
  );
  for (const key of ['demouldH', 'keepsShapeH', 'hardH', 'softensNearC'] as const) {
    expect(wide![key]! / narrow![key]!).toBeCloseTo(1, 1.3);
  }
  expect(Math.abs(wide!.peakC - narrow!.peakC)).toBeLessThan(2);
});

test('many alike layers wait alike', () => {
  const { layers } = planOf({
    depthMm: 160,
    roomC: 21,
    layers: { style: 'equal', maxDepth: '20 mm' },
  });
  const waits = layers.slice(4).map(({ joint }) => joint!.plannedMin!);
  expect(layers).toHaveLength(8);
  // What lies deep under them has cured, and more of it makes less and less of a difference.
  expect(Math.max(...waits) / Math.min(...waits)).toBeLessThan(1.06);
});

describe('whatever the label and the room', () => {
  /** Labels are calibrated once each: a few pot lives, and any times on top of them. */
  const potLives: Readonly<Record<HeatFamily, readonly number[]>> = {
    'deep-pour-epoxy': [240, 480, 720],
    'casting-epoxy': [45, 90],
    'coating-epoxy': [25, 35],
    'fast-epoxy': [15],
    'slow-polyurethane': [8, 15],
    'fast-polyurethane': [3],
  };
  const time = (least: number, most: number) => fc.option(minutes(least, most), { nil: undefined });
  const draw = fc.constantFrom(...heatFamilies).chain((family) =>
    fc.record({
      family: fc.constant(family),
      potLifeMin: fc.constantFrom(...potLives[family]),
      roomC: minutes(5, 34),
      labelC: fc.constantFrom(18, 23, 25),
      tackFree: time(10, 4000),
      recoatFrom: time(5, 3000),
      recoatWide: minutes(1, 3000),
      demould: time(10, 8000),
      fullCure: time(60, 20_000),
      depthMm: minutes(2, 60),
      heightMm: fc.option(minutes(1, 59), { nil: undefined }),
      joint: fc.constantFrom(undefined, 'tacky', 'scuff'),
    }),
  );

  /** What is known of two times is in its order. */
  const inOrder = (...times: readonly (number | undefined)[]): void => {
    const known = times.filter((each) => each !== undefined);
    expect(known).toEqual([...known].sort((one, other) => one - other));
  };

  test('moments come in their order and in their windows, and no plan says two things', () => {
    fc.assert(
      fc.property(draw, (each) => {
        const temperature = `${each.labelC} °C`;
        const told = (min: number | undefined) =>
          min === undefined ? undefined : { time: `${min} min`, temperature };
        const times = {
          tackFree: told(each.tackFree),
          demould: told(each.demould),
          fullCure: told(each.fullCure),
          ...(each.recoatFrom === undefined
            ? {}
            : {
                recoat: {
                  from: `${each.recoatFrom} min`,
                  to: `${each.recoatFrom + each.recoatWide} min`,
                  temperature,
                },
              }),
        };
        const usual = heatConstantsOf(each.family).label;
        const heights =
          each.heightMm === undefined || each.heightMm >= each.depthMm
            ? []
            : [`${each.heightMm} mm`];
        const plan = planOf({
          family: each.family,
          depthMm: each.depthMm,
          roomC: each.roomC,
          layers: {
            ...(heights.length > 0 ? { heights } : { style: 'one-pour' }),
            depthBy: 'label',
            joint: each.joint,
          },
          card: {
            potLife: {
              time: `${each.potLifeMin} min`,
              mass: `${usual.massG} g`,
              temperature: '25 °C',
            },
            times: JSON.parse(JSON.stringify(times)) as object,
          },
        });
        const codes = codesOf(plan);
        plan.layers.forEach(({ cure, joint }, at) => {
          const { gelH, stickyH, tackFreeH, demouldH, keepsShapeH, hardH } = cure!;
          inOrder(gelH, stickyH.from, tackFreeH, stickyH.to);
          inOrder(demouldH, keepsShapeH, hardH);
          if (stickyH.from !== undefined && stickyH.to !== undefined) {
            expect(stickyH.from).toBeLessThan(stickyH.to);
          }
          const hot = cure!.band === 'high' || cure!.band === 'runaway';
          const isEpoxy = !each.family.endsWith('polyurethane');
          expect(codes.includes('layer-runs-hot') || !hot || !isEpoxy).toBe(true);
          const under = plan.layers[at - 1]?.cure;
          if (joint === undefined || under === undefined || joint.plannedMin === undefined) return;
          // Never on what has not gelled; and where it is to be sticky, inside its window, or warned of.
          const plannedH = joint.plannedMin / 60;
          if (under.gelH !== undefined) expect(plannedH).toBeGreaterThanOrEqual(under.gelH);
          if (joint.school === 'tacky' && !codes.includes('no-time-while-sticky')) {
            expect(plannedH).toBeGreaterThanOrEqual(under.stickyH.from! * (1 - 1e-9));
            expect(plannedH).toBeLessThanOrEqual((under.stickyH.to ?? Infinity) * (1 + 1e-9));
            expect(joint.plannedMin).toBeGreaterThanOrEqual(joint.earliestInRoomMin ?? 0);
            expect(joint.plannedMin).toBeLessThanOrEqual(
              (joint.latestInRoomMin ?? Infinity) * (1 + 1e-9),
            );
          }
          if (each.joint === undefined) expect(codes).not.toContain('no-time-while-sticky');
        });
        const { doneMin, gapsMin } = plan.times;
        const last = plan.layers.at(-1)!.cure!;
        if (last.hardH === undefined) expect(doneMin).toBeUndefined();
        if (doneMin !== undefined) {
          expect(doneMin).toBeGreaterThanOrEqual(gapsMin! + last.hardH! * 60 - 1e-6);
        }
      }),
      { numRuns: runs(16, 600) },
    );
  });
});
