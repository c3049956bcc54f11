import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { circle, dxf, lightPolyline } from '../src/core/measure/testShapes/drawings';
import {
  binaryStl,
  cube,
  icosphere,
  modelXml,
  packed,
} from '../src/core/measure/testShapes/meshes';
import { root, runCommand } from './testCommand';

const example = join(root, 'docs/formats/drawer-tray.job.json');

const plan = (argument: string[], input?: string) => runCommand('plan', argument, input);

test('plans a file as `npm run plan` does, and the same from standard input', () => {
  const { scripts } = JSON.parse(readFileSync(join(root, 'package.json'), 'utf8'));
  const fromFile = spawnSync('npx', [...scripts.plan.split(' '), example], {
    cwd: root,
    encoding: 'utf8',
  });
  expect(fromFile.status).toBe(0);
  const { cavityMl, totalMl, totalG, a, b, batches, warnings } = JSON.parse(fromFile.stdout);
  expect([cavityMl, totalMl, totalG].map((figure) => Number(figure.toFixed(1)))).toEqual([
    1905, 2095.5, 2289.3,
  ]);
  expect([a.ml, a.g, b.ml, b.g].map((figure) => Number(figure.toFixed(1)))).toEqual([
    1571.6, 1775.9, 523.9, 513.4,
  ]);
  expect(batches).toHaveLength(3);
  expect(warnings).toEqual([]);
  expect(plan(['-'], readFileSync(example, 'utf8')).stdout).toBe(fromFile.stdout);
});

/** The example with other parts or another resin, planned by the command. */
function planOf(change: object) {
  const file = { ...JSON.parse(readFileSync(example, 'utf8')), ...change };
  const { status, stdout } = plan(['-'], JSON.stringify(file));
  expect(status).toBe(0);
  return JSON.parse(stdout);
}

test('the bowl and its halves', () => {
  const bowl = {
    shape: 'frustum',
    bottomDiameter: '120 mm',
    topDiameter: '200 mm',
    depth: '80 mm',
    count: 1,
  };
  const { cavityMl, layers } = planOf({
    measure: { parts: [bowl] },
    layers: { heights: ['40 mm'] },
  });
  expect(cavityMl).toBeCloseTo(1642.0, 1);
  expect(layers[0].cavityMl).toBeCloseTo(619.9, 1);
  expect(layers[1].cavityMl).toBeCloseTo(1022.1, 1);
});

test('the coat in both ounces, and the ratios the other way', () => {
  const coat = {
    shape: 'coat',
    length: '38 in',
    width: '14-1/2 in',
    thickness: '1/8 in',
    count: 1,
  };
  const resin = {
    name: 'Table coat',
    family: 'coating-epoxy',
    ratio: { by: 'weight', a: 2, b: 1 },
    densityA: '1.10 g/ml',
    densityB: '0.96 g/ml',
  };
  const planned = planOf({ measure: { parts: [coat] }, resin });
  expect(planned.cavityMl).toBeCloseTo(1128.7, 1);
  expect(planned.cavityUsFlOz).toBeCloseTo(38.16, 2);
  expect(planned.cavityImperialFlOz).toBeCloseTo(39.72, 2);
  expect(planned.resin.ratio.byVolume.a).toBeCloseTo(1.745, 3);
  expect(planOf({}).resin.ratio.byWeight.b).toBeCloseTo(28.91, 2);
  expect(planOf({}).batches[0].onScale).toMatchObject({ aG: 592, bG: 171 });
});

test('the galley inlay by its stations: 4475.25 ml, with doubt, warnings and V(h)', () => {
  const widths = [82, 64, 97, 71, 88];
  const stations = [0, 250, 600, 900, 1250].map((at, index) => ({
    at: `${at} mm`,
    width: `${widths[index]} mm`,
  }));
  const { cavityMl, parts, heightCurve } = planOf({
    measure: { parts: [{ shape: 'channel', stations, depth: '45 mm' }] },
  });
  expect(cavityMl).toBeCloseTo(4475.25, 9);
  expect(parts[0]).toMatchObject({ ml: cavityMl, count: 1, warnings: [] });
  expect(parts[0].plusMinusMl).toBeGreaterThan(0);
  expect(parts[0].detail.channel.meanWidthMm).toBeCloseTo(79.56, 9);
  expect(heightCurve[0]).toEqual({ heightMm: 0, ml: 0 });
  expect(heightCurve.at(-1)).toEqual({ heightMm: 45, ml: cavityMl });
});

describe('files beside the job', () => {
  const folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  afterAll(() => rmSync(folder, { recursive: true }));
  writeFileSync(join(folder, 'ball.stl'), binaryStl(icosphere(40, 4)));
  writeFileSync(join(folder, 'inch.3mf'), packed(modelXml(cube(30), 'inch')));
  writeFileSync(join(folder, 'broken.stl'), binaryStl(cube(30)).subarray(0, 300));
  writeFileSync(
    join(folder, 'p.dxf'),
    dxf(
      lightPolyline([
        [0, 0],
        [60, 0, 1],
        [60, 40],
        [0, 40, 1],
      ]) + circle(30, 20, 8),
      0,
    ),
  );

  /** A job file in the folder with these measures, planned by the command. */
  function planIn(measure: object) {
    const path = join(folder, 'a.job.json');
    writeFileSync(path, JSON.stringify({ ...JSON.parse(readFileSync(example, 'utf8')), measure }));
    return plan([path]);
  }

  test('a drawing, a mesh as an insert, and a piece on the scale', () => {
    const { status, stdout } = planIn({
      parts: [
        { shape: 'drawing', path: 'p.dxf', unit: 'mm', depth: '100 mm' },
        { shape: 'mesh', path: 'ball.stl', unit: 'mm', as: 'part' },
        { shape: 'weighed', mass: '412 g', density: '1.13 g/ml', depth: '30 mm' },
      ],
      inserts: [{ shape: 'cylinder', diameter: '10 mm', depth: '10 mm', height: '20 mm', into: 2 }],
    });
    expect(status).toBe(0);
    const { parts, inserts, cavityMl } = JSON.parse(stdout);
    expect(parts[0].ml).toBeCloseTo((2400 + Math.PI * 400 - Math.PI * 64) / 10, 1);
    expect(parts[1].ml).toBeGreaterThan(266);
    expect(parts[1].ml).toBeLessThan(268.1);
    expect(parts[2].ml).toBeCloseTo(412 / 1.13, 9);
    expect(inserts[0].ml).toBeCloseTo(Math.PI / 4, 9);
    const sum = parts.reduce((total: number, { ml }: { ml: number }) => total + ml, 0);
    expect(cavityMl).toBeCloseTo(sum - inserts[0].ml, 9);
  });

  test.each([
    [
      'a drawing without its unit',
      { shape: 'drawing', path: 'p.dxf', depth: '9 mm' },
      'unit-unknown',
      'unit',
    ],
    ['inches by mistake', { shape: 'mesh', path: 'inch.3mf', as: 'part' }, 'unit-doubtful', 'unit'],
    [
      'a truncated mesh',
      { shape: 'mesh', path: 'broken.stl', unit: 'mm', as: 'part' },
      'stl-truncated',
      'path',
    ],
    [
      'no such file',
      { shape: 'mesh', path: 'none.stl', unit: 'mm', as: 'part' },
      'no-file',
      'path',
    ],
    ['a folder’s name', { shape: 'mesh', path: '.', unit: 'mm', as: 'part' }, 'no-file', 'path'],
    ['no file at all', { shape: 'mesh', unit: 'mm', as: 'part' }, 'file-not-read', 'path'],
  ])('%s is told at its field', (_, part, code, field) => {
    const { status, stderr } = planIn({ parts: [part] });
    expect(status).toBe(1);
    expect(JSON.parse(stderr).error).toMatchObject({ code, field: `measure.parts[0].${field}` });
  });

  test('the same cube in millimetres is 27 ml', () => {
    const { stdout } = planIn({
      parts: [{ shape: 'mesh', path: 'inch.3mf', unit: 'mm', as: 'part' }],
    });
    expect(JSON.parse(stdout).cavityMl).toBeCloseTo(27, 9);
  });
});

test.each([
  ['no file', ['no-such-file.json'], undefined, 'no-file', ''],
  ['no argument', [], undefined, 'no-argument', ''],
  ['not JSON', ['-'], 'oops', 'not-json', ''],
  [
    'a bare oz',
    ['-'],
    readFileSync(example, 'utf8').replace('"1 l"', '"32 oz"'),
    'ambiguous-unit',
    'container.capacity',
  ],
  [
    'a thimble',
    ['-'],
    readFileSync(example, 'utf8').replace('"1 l"', '"2 ml"'),
    'container-too-small',
    'container.capacity',
  ],
])('%s: one line of JSON on standard error, and exit 1', (_, argument, input, code, field) => {
  const { status, stdout, stderr } = plan(argument, input);
  expect(status).toBe(1);
  expect(stdout).toBe('');
  const { error } = JSON.parse(stderr);
  expect(error).toMatchObject({ code, field });
  expect(error.message).toMatch(/^.+\.$/);
});
