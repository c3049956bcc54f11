import * as fc from 'fast-check';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import { readJob } from '../job/readJob';
import { resolveJob } from '../job/resolveJob';
import { planResolved } from '../plan/planJob';
import { pressurePa, bowMm, forceNPerM, spanForBowMm } from './formWall';
import { holdDownOf } from './holdDownOf';
import { timberGPerMl, timberGroups } from './timber';
import { displacedG, floatsAtMm, upliftOf } from './uplift';

const { resin } = readJob(exampleFile).pours[0]!;

/** A box of a resin of 1.10 g/ml, with what stands in it. */
function held(change: object, pour: object = {}, measure: object = {}) {
  const { densityA: _, densityB: __, ...card } = resin;
  const job = readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Slab',
    room: { temperature: '20 °C' },
    measure: {
      parts: [{ shape: 'box', length: '900 mm', width: '400 mm', depth: '60 mm', count: 1 }],
      ...measure,
    },
    pours: [{ resin: { ...card, densityA: '1.1 g/ml', densityB: '1.1 g/ml' }, ...pour }],
    ...change,
  });
  const resolved = resolveJob(job, undefined);
  return holdDownOf(resolved, planResolved(resolved));
}

const slab = {
  shape: 'box',
  name: 'Slab',
  length: '600 mm',
  width: '180 mm',
  depth: '45 mm',
  count: 1,
};

describe('uplift', () => {
  test('a slab that is fully under, as an insert and as a slab beside the cavity', () => {
    const insert = held({}, {}, { inserts: [{ ...slab, density: '0.62 g/ml' }] });
    const { depth: thickness, shape: _, ...dimensions } = slab;
    const beside = held({ form: { slabs: [{ ...dimensions, thickness, density: '0.62 g/ml' }] } });
    for (const {
      bodies: [body],
      holdKg,
    } of [insert, beside]) {
      expect(body).toMatchObject({ name: 'Slab', eachMl: 4860, stays: undefined });
      expect(body?.massG).toBeCloseTo(3013.2, 6);
      expect(body?.netG).toBeCloseTo(2332.8, 6);
      expect(body?.netN).toBeCloseTo(22.88, 2);
      expect(body?.holdKg).toBeCloseTo(4.666, 3);
      expect(holdKg).toBeCloseTo(4.666, 3);
    }
  });

  test('half under it does not lift', () => {
    expect(upliftOf(2430 * 1.1, 3013.2)).toMatchObject({ holdKg: 0 });
    expect(upliftOf(2430 * 1.1, 3013.2).netG).toBeCloseTo(-340.2, 6);
  });

  test('layer by layer, and where it begins to float', () => {
    const { bodies } = held(
      {},
      { layers: { heights: ['20 mm', '30 mm', '40 mm', '50 mm'] } },
      {
        inserts: [
          {
            ...slab,
            length: '800 mm',
            width: '300 mm',
            depth: '50 mm',
            density: '0.65 g/ml',
          },
        ],
      },
    );
    const [body] = bodies;
    expect(body?.floatsAtMm).toBeCloseTo(29.55, 2);
    const nets = body?.levels.map(({ levelMm, netG }) => [levelMm, Number(netG.toFixed(1))]);
    expect(nets?.slice(0, 4)).toEqual([
      [20, -2520],
      [30, 120],
      [40, 2760],
      [50, 5400],
    ]);
    expect(body?.netG).toBeCloseTo(5400, 6);
  });

  test('what is bedded or heavy stays, and what nobody weighed is told', () => {
    const inserts = [
      { ...slab, width: '100 mm', density: '0.62 g/ml', seat: 'bedded' },
      { ...slab, width: '50 mm', name: 'Bar', density: '7.85 g/ml' },
      { ...slab, width: '50 mm', name: 'Shell' },
    ];
    const { bodies, holdKg, unknown, fasteners } = held({}, {}, { inserts });
    expect(bodies.map(({ stays }) => stays)).toEqual(['bedded', 'heavy', undefined]);
    expect([holdKg, unknown]).toEqual([0, 1]);
    expect(fasteners).toEqual([undefined, undefined, undefined]);
  });

  test('bedding holds nothing that stands over the floor', () => {
    const inserts = [{ ...slab, density: '0.62 g/ml', seat: 'bedded', height: '5 mm' }];
    expect(held({}, {}, { inserts }).bodies[0]?.stays).toBeUndefined();
  });

  test('weighed counts as said, and weights in hand hold half of their own', () => {
    const inserts = [{ ...slab, weighs: '3013.2 g' }];
    const { bodies, inHand } = held({ form: { weights: '4 kg' } }, {}, { inserts });
    expect(bodies[0]).toMatchObject({ densityBy: 'weighed' });
    expect(bodies[0]?.netG).toBeCloseTo(2332.8, 6);
    expect(inHand).toMatchObject({ kg: 4, holdsKg: 2, enough: false });
    expect(held({ form: { weights: '5 kg' } }, {}, { inserts }).inHand?.enough).toBe(true);
  });

  test('timber by its group: heavier when it is wetter, and lighter than water by the table', () => {
    for (const group of timberGroups) {
      expect(timberGPerMl(group, 0.2)).toBeGreaterThan(timberGPerMl(group, 0.08));
      expect(timberGPerMl(group)).toBeLessThan(1);
      // Over fibre saturation every gram of water counts, and there is no step.
      expect(timberGPerMl(group, 0.2801) - timberGPerMl(group, 0.28)).toBeLessThan(1e-3);
    }
    expect(timberGPerMl('cherry-walnut')).toBeCloseTo(0.62, 9);
    const inserts = [{ ...slab, timber: 'cherry-walnut' }];
    const { bodies } = held({}, {}, { inserts });
    expect(bodies[0]).toMatchObject({ densityBy: 'timber' });
    expect(bodies[0]?.netG).toBeCloseTo(2332.8, 6);
  });

  test('it floats exactly where displaced and own mass meet', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 100, max: 1e6, noNaN: true }),
        fc.double({ min: 10, max: 200, noNaN: true }),
        fc.double({ min: 0.05, max: 1, noNaN: true }),
        fc.double({ min: 1.01, max: 2, noNaN: true }),
        (areaMm2, thickMm, bodyGPerMl, resinGPerMl) => {
          const below = (mm: number): number => (areaMm2 * Math.min(thickMm, mm)) / 1000;
          const stretches = [{ fromMm: 0, toMm: 300, densityGPerMl: resinGPerMl }];
          const at = floatsAtMm(
            (level) => displacedG(below, stretches, level),
            below(thickMm) * bodyGPerMl,
            300,
          );
          expect(at).toBeCloseTo((thickMm * bodyGPerMl) / resinGPerMl, 3);
        },
      ),
    );
  });
});

describe('walls of the form', () => {
  test('pressure, force and bow', () => {
    const pressure = pressurePa(60, 1.1);
    expect(pressure).toBeCloseTo(647.2, 1);
    expect(forceNPerM(60, 1.1)).toBeCloseTo(19.42, 2);
    const bows = [300, 600, 900].map((spanMm) => bowMm(pressure, spanMm, 3, 18));
    expect(bows[0]).toBeCloseTo(0.047, 3);
    expect(bows[1]).toBeCloseTo(0.749, 3);
    expect(bows[2]).toBeCloseTo(3.79, 2);
    expect(bowMm(pressure, 600, 10, 18) / bows[1]!).toBeCloseTo(0.3, 9);
  });

  test('a span by its bow is the bow by its span', () => {
    const pressure = pressurePa(60, 1.1);
    expect(bowMm(pressure, spanForBowMm(pressure, 3, 18, 0.5), 3, 18)).toBeCloseTo(0.5, 9);
  });

  test('of a job: its own board, its braces, and how close they should be', () => {
    const mdf = { side: { material: 'mdf', thickness: '18 mm' } };
    const whole = held({ heat: mdf }).walls[0]!;
    expect(whole).toMatchObject({ board: 'mdf', boardAssumed: false, spanMm: 900, lengthMm: 900 });
    expect(whole.bowMm).toBeCloseTo(3.79, 2);
    expect(whole.bowOvernightMm).toBeCloseTo(7.58, 2);
    expect(whole.braceEveryMm).toBe(450);
    expect(whole.braces).toBe(1);
    const braced = held({ heat: mdf, form: { braces: '300 mm' } }).walls[0]!;
    expect(braced.bowMm).toBeCloseTo(0.047, 3);
    expect(braced.braceEveryMm).toBeUndefined();
    const ply = { board: { material: 'birch-ply', thickness: '18 mm' }, braces: '600 mm' };
    const { walls } = held({ heat: mdf, form: ply });
    expect(walls[0]).toMatchObject({ board: 'birch-ply', braceEveryMm: undefined });
    expect(walls[0]?.bowOvernightMm).toBeCloseTo(0.2247, 3);
  });

  test('what has set below does not push', () => {
    const { walls } = held({}, { layers: { heights: ['40 mm'] } });
    expect(walls[0]).toMatchObject({ depthMm: 40, boardAssumed: true });
  });
});

test('weight of piece and form, and two people from 25 kg', () => {
  const inserts = [{ ...slab, density: '0.62 g/ml' }];
  const { pieceKg, boardsKg, weightKg, twoPeople } = held({}, {}, { inserts });
  expect(pieceKg).toBeCloseTo((21.6 - 4.86) * 1.1 + 3.0132, 6);
  // Floor 0.36 m² and walls 2.6 m × 70 mm, of 18 mm chipboard.
  expect(boardsKg).toBeCloseTo((0.36 + 2.6 * 0.07) * 18 * 0.68, 6);
  expect(weightKg).toBeCloseTo(pieceKg + boardsKg, 9);
  expect(twoPeople).toBe(true);
});
