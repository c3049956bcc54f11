import * as fc from 'fast-check';
import type { Job } from '../job/jobSchema';
import { planJob } from '../plan/planJob';
import {
  gelDepthMm,
  gelDoseMJPerCm2,
  layerDepthMm,
  layerDoseMJPerCm2,
  usualLightCure,
} from './cureDepth';

type Pour = Job['pours'][number];

const lens = (pour: Partial<Pour>, measure: Partial<NonNullable<Job['measure']>> = {}): Job => ({
  format: 'nipperkin-job',
  version: 2,
  name: 'Lens',
  room: { temperature: '20 °C' },
  measure: {
    parts: [{ shape: 'cylinder', diameter: '50 mm', depth: '3 mm', count: 1 }],
    ...measure,
  },
  pours: [
    {
      resin: {
        name: 'Lens light',
        family: 'uv',
        densityA: '1.12 g/ml',
        depth: { greatest: '3 mm' },
        lamp: { time: '60 s' },
      },
      layers: { style: 'equal' },
      ...pour,
    },
  ],
});

it.each([
  [60, 2.08],
  [150, 3.45],
  [300, 4.49],
  [600, 5.53],
])('gels %d mJ/cm² to %f mm', (dose, depthMm) => {
  expect(gelDepthMm(dose, usualLightCure)).toBeCloseTo(depthMm, 2);
});

it('sets nothing below what the surface takes', () => {
  expect(gelDepthMm(15, usualLightCure)).toBe(0);
  expect(gelDepthMm(3, usualLightCure)).toBe(0);
});

it('is the same both ways, gelled and hard', () => {
  fc.assert(
    fc.property(fc.double({ min: 0.01, max: 12, noNaN: true }), (mm) => {
      expect(gelDepthMm(gelDoseMJPerCm2(mm, usualLightCure), usualLightCure)).toBeCloseTo(mm, 9);
      expect(layerDepthMm(layerDoseMJPerCm2(mm, usualLightCure), usualLightCure)).toBeCloseTo(
        mm,
        9,
      );
    }),
  );
});

it('gels 3 mm with 110.8 mJ/cm², 22.2 s at 5 mW/cm², and hardens it in a minute', () => {
  const { lamp } = planJob(lens({ uv: { intensity: '5 mW/cm2' } })).pours[0]!;
  expect(lamp!.layers).toHaveLength(1);
  const [layer] = lamp!.layers;
  expect(layer!.gelDoseMJPerCm2).toBeCloseTo(110.8, 1);
  expect(layer!.gelS).toBeCloseTo(22.2, 1);
  expect(layer!.doseMJPerCm2).toBeCloseTo(15 * Math.exp(3), 6);
  expect(layer!.timeS).toBeCloseTo(60.3, 1);
  expect(layer).toMatchObject({ firstS: 60, steps: 1 });
});

it('takes the lamp of the card, or a time for a known depth, where nobody measured it', () => {
  const byCard = planJob(lens({})).pours[0]!.lamp!;
  expect(byCard.lamp.by).toBe('card');
  expect(byCard.layers[0]!.timeS).toBeCloseTo(60, 6);
  const known = planJob(lens({ uv: { knownTime: '90 s', knownDepth: '2 mm' } })).pours[0]!.lamp!;
  expect(known.lamp.by).toBe('known-time');
  expect(known.lamp.intensityMWPerCm2).toBeCloseTo((15 * Math.exp(2)) / 90, 9);
});

it('cuts a coloured pour into thinner layers than a clear one, as deep as the lamp gets', () => {
  const measure = { parts: [{ shape: 'cylinder', diameter: '50 mm', depth: '6 mm', count: 1 }] };
  const clear = planJob(lens({}, measure as Job['measure'])).pours[0]!;
  expect(clear.cut).toMatchObject({ from: 'label', takesMm: 3 });
  expect(clear.layers).toHaveLength(2);
  const dye = { tint: { kind: 'dye', share: '0.1 %' }, uv: {} } as const;
  const tinted = planJob(lens(dye, measure as Job['measure'])).pours[0]!;
  // Dp 1.05 mm: ln(5.02 × 180 / 15) × 1.05 / 1.5
  expect(tinted.cut.from).toBe('lamp');
  expect(tinted.cut.takesMm).toBeCloseTo(2.87, 2);
  expect(tinted.layers).toHaveLength(3);
  expect(tinted.warnings.map(({ code }) => code)).not.toContain('deeper-than-light');
  const one = planJob(lens({ ...dye, layers: { style: 'one-pour' } }, measure as Job['measure']));
  expect(one.warnings.map(({ code }) => code)).toContain('deeper-than-light');
});

it('tells what light does not get past, and what to use instead', () => {
  const blocked = (pour: Partial<Pour>, measure?: Partial<NonNullable<Job['measure']>>) =>
    planJob(lens({ uv: {}, ...pour }, measure)).warnings.flatMap((warning) =>
      warning.code === 'light-blocked' ? [warning.data] : [],
    );
  expect(blocked({})).toEqual([]);
  const white = { kind: 'powder', share: '1 %', opaque: true } as const;
  expect(blocked({ tint: white })).toEqual([{ name: 'Lens light', by: 'colour', names: [] }]);
  expect(planJob(lens({ tint: white })).pours[0]!.lamp).toMatchObject({
    layers: [],
    deepestMm: undefined,
  });
  expect(blocked({ fillers: [{ kind: 'sand', mass: '1 g' }] })).toEqual([
    { name: 'Lens light', by: 'fillers', names: ['sand'] },
  ]);
  const gear = (height: string) => ({
    inserts: [
      {
        shape: 'cylinder' as const,
        name: 'Gear',
        diameter: '10 mm',
        depth: '1 mm',
        height,
        count: 1,
      },
    ],
  });
  expect(blocked({}, gear('1 mm'))).toEqual([
    { name: 'Lens light', by: 'inserts', names: ['Gear'] },
  ]);
  expect(blocked({}, gear('0 mm'))).toEqual([]);
});

it('has no lamp for what sets by itself, and refuses one that is said twice', () => {
  const epoxy = lens({});
  const job: Job = {
    ...epoxy,
    pours: [
      {
        resin: { name: 'Clear', family: 'casting-epoxy', ratio: { by: 'weight', a: 2, b: 1 } },
      },
    ],
  };
  expect(planJob(job).pours[0]!.lamp).toBeUndefined();
});
