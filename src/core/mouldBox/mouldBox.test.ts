import * as fc from 'fast-check';
import { readJob } from '../job/readJob';
import { cube, icosphere } from '../measure/testShapes/meshes';
import type { IndexedMesh } from '../measure/mesh/indexedMesh';
import { checkMesh, measureMesh } from '../measure/mesh/measureMesh';
import { asInFile, stood } from '../measure/mesh/orientation';
import { planJob } from '../plan/planJob';
import type { Plan } from '../plan/planTypes';
import { runSection } from '../production/runSection';
import { resolveJob } from '../job/resolveJob';
import { masterMaterialNames, masterMaterialOf } from './masterMaterials';
import { tubeDiameters } from './tubes';
import { runs } from '../../testing/campaign';

const tin = {
  name: 'Rubber',
  family: 'silicone-tin',
  ratio: { by: 'weight', a: 10, b: 1 },
  densityMixed: '1.18 g/ml',
  times: { demould: { time: '16 h', temperature: '23 °C' }, fullCure: { time: '72 h' } },
  kits: [{ supplier: 'Shop', size: '1 kg', price: 27 }],
};
const platinum = { ...tin, family: 'silicone-platinum' };
const quick = {
  name: 'Quick',
  family: 'fast-polyurethane',
  ratio: { by: 'weight', a: 1, b: 1 },
  potLife: { time: '5 min', temperature: '23 °C' },
  times: { demould: { time: '30 min', temperature: '23 °C' } },
};

interface Asked {
  readonly part?: object;
  readonly box?: object;
  readonly rubber?: object;
  readonly castings?: object;
  readonly room?: string;
}

const ball = { shape: 'sphere', diameter: '50 mm', count: 1 };
const known = { shape: 'displaced', before: '300 ml', after: '418 ml', count: 1 };

const jobOf = ({ part = ball, box = {}, rubber = tin, castings, room = '23 °C' }: Asked) =>
  readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Mould',
    room: { temperature: room },
    measure: { parts: [part] },
    pours: [
      { role: 'mould', overage: '0 %', resin: rubber, mouldBox: box },
      ...(castings === undefined
        ? []
        : [{ role: 'castings', overage: '0 %', resin: quick, ...castings }]),
    ],
  });
const planOf = (asked: Asked): Plan => planJob(jobOf(asked));
const mouldOf = (asked: Asked) => planOf(asked).pours[0]!.mould!;
const codesOf = (asked: Asked): readonly string[] => planOf(asked).warnings.map(({ code }) => code);
const meshOf = (mesh: IndexedMesh, more: object = {}) => ({
  shape: 'mesh',
  as: 'part',
  unit: 'mm',
  path: 'piece.stl',
  count: 1,
  measured: measureMesh(checkMesh(mesh), 1, asInFile),
  ...more,
});
const refused = (asked: Asked, code: string, field: string, data: object = {}): void =>
  expect(() => planOf(asked)).toThrow(
    expect.objectContaining({ code, field, data: expect.objectContaining(data) }),
  );

describe('the amount', () => {
  it('is the box less the piece: 90 × 70 × 55 mm round 118 ml', () => {
    const { mould, totalMl, totalG, a, b } = planOf({
      part: known,
      box: { sizes: { length: '90 mm', width: '70 mm', height: '55 mm' }, lasts: 40 },
    }).pours[0]!;
    expect(mould!.rubberMl).toBeCloseTo(228.5, 9);
    expect(totalMl).toBeCloseTo(228.5, 9);
    expect(totalG).toBeCloseTo(269.6, 1);
    expect(a.g).toBeCloseTo(245.1, 1);
    expect(b.g).toBeCloseTo(24.5, 1);
    // 27 for a kilogram, 269.63 g of it, over forty castings.
    expect(mould!.cost).toBeCloseTo(27 * 0.26963, 3);
    expect(mould!.perCasting).toBeCloseTo((27 * 0.26963) / 40, 4);
  });

  it('takes the tube for a ball and says what boards and bricks would take more', () => {
    const mould = mouldOf({ box: { tubes: '63, 75, 110 mm', brick: '8 mm', top: '12 mm' } });
    // On the board it only touches it: it is raised by the usual wall, and needs a way in.
    expect(mould).toMatchObject({ baseMm: 12, heightMm: 74, isOpen: false });
    const ballMl = ((4 / 3) * Math.PI * 25 ** 3) / 1000;
    const boxMl = (area: number): number => (area * 74) / 1000 - ballMl;
    expect(mould.options.map(({ kind, rubberMl }) => [kind, rubberMl])).toEqual([
      ['tube', expect.closeTo(boxMl((Math.PI * 75 ** 2) / 4), 6)],
      ['boards', expect.closeTo(boxMl(74 ** 2), 6)],
      ['bricks', expect.closeTo(boxMl(80 ** 2), 6)],
    ]);
    expect(mould.made.kind).toBe('tube');
    const [tube, boards] = mould.options;
    expect(boards!.cost! - tube!.cost!).toBeCloseTo(
      (27 / 1000) * 1.18 * (boards!.rubberMl - tube!.rubberMl),
      6,
    );
    expect(mouldOf({ box: { tubes: '75 mm', made: 'boards' } }).made.kind).toBe('boards');
  });

  it('holds a box that is there against the others only where it keeps the wall', () => {
    const kindsWith = (side: string): readonly string[] => {
      const sizes = { length: side, width: side, height: '90 mm' };
      return mouldOf({ box: { sizes, made: 'boards', spout: '8 mm' } }).options.map(
        ({ kind }) => kind,
      );
    };
    expect(kindsWith('80 mm')).toEqual(['boards', 'sizes']);
    // 40 mm do not even take the ball, and 60 mm leave it 5 mm of wall.
    expect(kindsWith('40 mm')).toEqual(['boards']);
    expect(kindsWith('60 mm')).toEqual(['boards']);
  });

  it('is less what spout and vents leave, and those are cast with every piece', () => {
    const without = mouldOf({ box: {} });
    const plan = planOf({ box: { spout: '10 mm', vents: 2, vent: '4 mm' }, castings: {} });
    const { spout, vents, rubberMl } = plan.pours[0]!.mould!;
    expect(spout!.ml).toBeCloseTo((Math.PI * 25 * 12) / 1000, 9);
    expect(vents).toMatchObject({ count: 2, diameterMm: 4 });
    expect(rubberMl).toBeCloseTo(without.rubberMl - spout!.ml - vents!.ml, 9);
    const cast = plan.pours[1]!;
    expect(cast.totalMl).toBeCloseTo(without.pieceMl + spout!.ml + vents!.ml, 9);
    expect(cast.allowances.find(({ code }) => code === 'spout')!.ml).toBeCloseTo(
      spout!.ml + vents!.ml,
      9,
    );
  });

  it('is of as many moulds as the castings go round with', () => {
    const asked = { box: { spout: '10 mm' }, castings: { run: { pieces: 8, moulds: 3 } } };
    const { mould, totalMl } = planOf(asked).pours[0]!;
    expect(mould!.count).toBe(3);
    expect(totalMl).toBeCloseTo(3 * mould!.rubberMl, 9);
    expect(mouldOf({ ...asked, box: { count: 2 } }).count).toBe(2);
  });

  it('of known volume and typed sides stands in a box of the usual walls', () => {
    const piece = { length: '60 mm', width: '50 mm', height: '45 mm' };
    const mould = mouldOf({ part: known, box: { piece } });
    expect(mould).toMatchObject({ wallMm: 12, baseMm: 0, heightMm: 57 });
    expect(mould.rubberMl).toBeCloseTo((84 * 74 * 57) / 1000 - 118, 9);
    refused(
      { part: known, box: { piece: { ...piece, height: '30 mm' } } },
      'larger-than-its-size',
      'pours[0].mouldBox.piece.length',
      { pieceMl: 118, boxMl: 90 },
    );
  });
});

describe('a mesh', () => {
  it('is kept from its box by the wall at every height of its true cut', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: -180, max: 180 }),
        fc.integer({ min: -90, max: 90 }),
        fc.integer({ min: 10, max: 20 }),
        (z, x, wall) => {
          const mesh = checkMesh(icosphere(20, 1)).mesh;
          const scaled = {
            ...mesh,
            positions: mesh.positions.map((mm, at) => mm * [1.9, 0.8, 1.2][at % 3]!),
          };
          const turn = { up: '+z', turnDeg: [x, 0, z] } as const;
          const part = {
            ...meshOf(scaled),
            measured: measureMesh(checkMesh(scaled), 1, turn),
          };
          const mould = mouldOf({ part, box: { wall: `${wall} mm`, spout: '8 mm' } });
          const { positions } = stood(scaled, turn, 1);
          // As it stands in its box, turned as it is told: no corner at any height is nearer to a side than the wall.
          const angle = (mould.made.turnDeg * Math.PI) / 180;
          const along: number[] = [];
          const across: number[] = [];
          for (let at = 0; at < positions.length; at += 3) {
            const [px, py] = [positions[at]!, positions[at + 1]!];
            along.push(px * Math.cos(angle) - py * Math.sin(angle));
            across.push(px * Math.sin(angle) + py * Math.cos(angle));
          }
          const span = (all: readonly number[]): number => Math.max(...all) - Math.min(...all);
          // Told to a thousandth of a millimetre.
          expect(span(along) + 2 * wall).toBeLessThanOrEqual(mould.made.lengthMm + 0.01);
          expect(span(across) + 2 * wall).toBeLessThanOrEqual(mould.made.widthMm + 0.01);
          expect(mould.made.thinnestMm).toBeGreaterThanOrEqual(wall - 0.01);
        },
      ),
      { numRuns: runs(15, 300) },
    );
  });

  it('of a cube lies on the board by its face, and comes out as it is', () => {
    const mould = mouldOf({ part: meshOf(cube(30)), box: {} });
    expect(mould).toMatchObject({ isOpen: true, baseMm: 0, castTurned: true, holdingMm2: 0 });
    expect(mould.zigzag).toBeUndefined();
    expect(mould.tops).toEqual([]);
    expect(mould.rubberMl).toBeCloseTo((54 * 54 * 42) / 1000 - 27, 6);
  });

  it('is cast the other way up where its mould is turned over, and the same way up in two halves', () => {
    const cone = { shape: 'cone', diameter: '60 mm', depth: '50 mm', count: 1 };
    const castOf = (box: object) => planOf({ part: cone, box, castings: {} }).pours[1]!;
    const below = (plan: Plan): number =>
      plan.form!.heightCurve.find(({ heightMm }) => heightMm >= 25)!.ml;
    const turned = planOf({ part: cone, box: { spout: '8 mm' }, castings: {} });
    const standing = planOf({ part: cone, box: { spout: '8 mm', halves: 'two' }, castings: {} });
    // A cone that is measured point down holds an eighth of itself in its lower half, and seven once it is turned.
    const whole = castOf({}).cavityMl;
    expect(below(standing)).toBeCloseTo(whole / 8, 6);
    expect(below(turned)).toBeCloseTo((whole * 7) / 8, 6);
  });

  it('of a master in a box of its own is refused another', () => {
    refused(
      {
        part: meshOf(cube(30), {
          as: 'master',
          box: { length: '60 mm', width: '60 mm', height: '50 mm' },
        }),
      },
      'master-in-two-boxes',
      'pours[0].mouldBox',
    );
  });
});

describe('two halves', () => {
  it('part where least holds, each with its own millilitres, the keys between them', () => {
    const { mould, layers } = planOf({
      part: meshOf(icosphere(25, 4)),
      box: { halves: 'two', spout: '10 mm', clay: 'clean-clay' },
    }).pours[0]!;
    const { parting, keys } = mould!;
    expect(parting!.heightMm).toBeCloseTo(25, 0);
    expect(parting!.undercut!.mm2).toBeCloseTo(0, 0);
    expect(layers.map(({ cavityMl }) => cavityMl)).toEqual([
      expect.closeTo(parting!.lowerMl, 6),
      expect.closeTo(parting!.upperMl, 6),
    ]);
    expect(parting!.lowerMl + parting!.upperMl).toBeCloseTo(mould!.rubberMl, 9);
    // Four hemispheres of 8 mm stand on the first half and are missing in the second.
    expect(keys!.ml).toBeCloseTo((4 * (2 / 3) * Math.PI * 4 ** 3) / 1000, 9);
    const noKeys = mouldOf({
      part: meshOf(icosphere(25, 4)),
      box: { halves: 'two', spout: '10 mm', keys: 0 },
    });
    expect(parting!.lowerMl - noKeys.parting!.lowerMl).toBeCloseTo(keys!.ml, 6);
    // The second goes on once the first may be opened, not once it has cured through.
    expect(layers[1]!.joint).toMatchObject({
      ofHalves: true,
      plannedMin: expect.closeTo(16 * 60, 3),
    });
  });

  it('move along the piece with what holds them', () => {
    const at = (parting: string) =>
      planOf({ part: meshOf(icosphere(25, 4)), box: { halves: 'two', parting, spout: '8 mm' } });
    const low = at('10 mm');
    const { parting } = low.pours[0]!.mould!;
    expect(parting).toMatchObject({ isTyped: true, heightMm: 10 });
    // Between 10 and 25 mm up, the ball looks down and away: a zone of 2πr·15, less what leans by under a degree.
    expect(parting!.undercut!.upperMm2 / (2 * Math.PI * 25 * 15)).toBeCloseTo(1, 1);
    expect(low.warnings.map(({ code }) => code)).toContain('parting-holds');
    // Drawn where it holds: from the parting up to the middle of the ball, on its foot of 12 mm.
    const [stretch, ...none] = low.pours[0]!.parts[0]!.held!;
    expect(none).toEqual([]);
    expect(stretch!.fromMm).toBeCloseTo(12 + 10, 0);
    expect(stretch!.toMm).toBeCloseTo(12 + 25, 0);
    expect(at('20 mm').pours[0]!.mould!.parting!.lowerMl).toBeGreaterThan(parting!.lowerMl);
    refused(
      { part: meshOf(icosphere(25, 3)), box: { halves: 'two', parting: '60 mm' } },
      'parting-outside-piece',
      'pours[0].mouldBox.parting',
    );
  });

  it('are layers: other heights are refused', () => {
    const job = jobOf({ box: { halves: 'two' } });
    const [pour] = job.pours;
    const layered = { ...job, pours: [{ ...pour!, layers: { heights: ['20 mm'] } }] };
    const equal = { ...job, pours: [{ ...pour!, layers: { style: 'equal' } }] };
    expect(() => planJob(readJob(equal))).toThrow(
      expect.objectContaining({ code: 'halves-are-layers', field: 'pours[0].layers.style' }),
    );
    expect(() => planJob(readJob(layered))).toThrow(
      expect.objectContaining({ code: 'halves-are-layers', field: 'pours[0].layers.heights' }),
    );
  });
});

describe('what spoils a mould', () => {
  it('is asked of platinum alone, and told with what to do', () => {
    expect(codesOf({ rubber: platinum, box: { spout: '8 mm' } })).toContain('platinum-asks');
    expect(codesOf({ rubber: tin, box: { spout: '8 mm' } })).not.toContain('platinum-asks');
    const of = (material: string) =>
      planOf({ rubber: platinum, box: { spout: '8 mm', material } }).warnings.find(
        ({ code }) => code === 'platinum-spoiled',
      );
    expect(of('latex')).toMatchObject({
      severity: 'warn',
      data: { remedy: 'lacquer', isSure: true },
    });
    expect(of('resin-print')).toMatchObject({ data: { remedy: 'bake' } });
    expect(of('epoxy')).toMatchObject({ severity: 'tell' });
    expect(of('metal')).toBeUndefined();
    expect(
      codesOf({ rubber: platinum, box: { halves: 'two', spout: '8 mm', material: 'metal' } }),
    ).toContain('platinum-asks');
  });

  it.each(masterMaterialNames)('%s: what poisons or may poison has a remedy', (name) => {
    const { platinum: verdict, porous, sticks, remedy } = masterMaterialOf(name);
    expect(remedy === undefined).toBe(verdict === 'fine' && !porous && !sticks);
  });

  it('is a wall that tears, a box that is too small, a piece that nothing leads to', () => {
    refused({ box: { wall: '6 mm' } }, 'wall-under-least', 'pours[0].mouldBox.wall', {
      leastMm: 10,
    });
    const sizes = { length: '60 mm', width: '55 mm', height: '90 mm' };
    expect(codesOf({ box: { sizes, spout: '8 mm' } })).toContain('box-wall-thin');
    refused(
      { box: { sizes: { ...sizes, length: '45 mm' } } },
      'piece-outside-box',
      'pours[0].mouldBox.sizes.length',
      { leastLengthMm: 50, leastWidthMm: 50 },
    );
    refused(
      { box: { sizes: { ...sizes, height: '55 mm' } } },
      'piece-outside-box',
      'pours[0].mouldBox.sizes.height',
    );
    refused({ part: known, box: {} }, 'box-needs-size', 'pours[0].mouldBox.piece');
    refused(
      { box: { made: 'tube', tubes: '50, 63 mm' } },
      'no-tube-wide-enough',
      'pours[0].mouldBox.tubes',
      {
        neededMm: 74,
        widestMm: 63,
      },
    );
    refused({ box: { made: 'bricks' } }, 'box-not-at-hand', 'pours[0].mouldBox.brick');
    expect(codesOf({ box: {} })).toContain('mould-closed');
  });

  it('is a rod that the rubber has no room for, or more of them than there is rubber', () => {
    refused({ box: { spout: '90 mm' } }, 'rod-too-wide', 'pours[0].mouldBox.spout', { mostMm: 64 });
    refused(
      { box: { spout: '8 mm', vent: '1 m', vents: 1 } },
      'rod-too-wide',
      'pours[0].mouldBox.vent',
    );
    refused(
      { box: { halves: 'two', spout: '8 mm', key: '40 mm' } },
      'rod-too-wide',
      'pours[0].mouldBox.key',
      { what: 'key', mostMm: 12 },
    );
    refused(
      { box: { spout: '8 mm', vent: '20 mm', vents: 60 } },
      'rods-fill-box',
      'pours[0].mouldBox.vents',
    );
  });

  it('is more than one kind of piece in a box', () => {
    const job = jobOf({});
    const two = { ...job, measure: { parts: [ball, known] } };
    expect(() => planJob(readJob(two))).toThrow(
      expect.objectContaining({ code: 'box-needs-one-part', field: 'pours[0].mouldBox' }),
    );
  });
});

describe('tubes', () => {
  it.each([
    ['40, 50, 63 mm', [40, 50, 63]],
    ['2 in; 75 mm', [50.8, 75]],
    ['75 mm, 40 mm, 75 mm', [40, 75]],
    ['', []],
  ])('%s', (typed, mm) => {
    expect(tubeDiameters(typed)).toEqual(mm);
  });

  it('that are none are told with all that was typed', () => {
    expect(() => tubeDiameters('40, wide, 63 mm')).toThrow(
      expect.objectContaining({ value: '40, wide, 63 mm' }),
    );
  });
});

test('what is mixed besides is paid too, and a run reckons with the same price of a mould', () => {
  const job = jobOf({
    box: { spout: '10 mm', lasts: 10 },
    castings: { run: { pieces: 20, moulds: 2, demould: '30 min' } },
  });
  const mixed = { ...job, pours: [{ ...job.pours[0]!, overage: '25 %' }, job.pours[1]!] };
  const plan = planJob(mixed);
  const { mould, totalG } = plan.pours[0]!;
  expect(mould!.cost).toBeCloseTo((27 / 1000) * (totalG / 2), 6);
  const { cost } = runSection(resolveJob(mixed, undefined), plan, 1)!;
  // Twenty fillings of moulds that last ten each.
  expect(cost.rubber).toBeCloseTo((mould!.cost! * 20) / 10 / 20, 9);
  expect(cost.rubber).toBeCloseTo(mould!.perCasting!, 9);
});

test('a run out of it counts its pieces, its rubber, and its scrap', () => {
  const job = jobOf({
    part: { ...ball, count: 2 },
    box: { spout: '10 mm', lasts: 20 },
    castings: { run: { pieces: 12, moulds: 2, demould: '30 min' } },
  });
  const resolved = resolveJob(job, undefined);
  const plan = planJob(job);
  const run = runSection(resolved, plan, 1)!;
  expect(run).toMatchObject({ cavities: 2, cast: 12, cycles: 3 });
  const { mould } = plan.pours[0]!;
  expect(plan.pours[1]!.cavityMl).toBeCloseTo(12 * mould!.pieceMl, 6);
  // Six fillings of moulds that last twenty each.
  expect(run.cost.rubber).toBeCloseTo((mould!.cost! * 6) / 20 / 12, 6);
});
