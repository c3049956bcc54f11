import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';

const root = join(__dirname, '..');
const example = join(root, 'docs/formats/drawer-tray.job.json');

function plan(argument: string[], input?: string) {
  return spawnSync(process.execPath, ['--import', 'tsx', 'cli/plan.ts', ...argument], {
    cwd: root,
    input,
    encoding: 'utf8',
  });
}

test('plans a file, and the same from standard input', () => {
  const fromFile = plan([example]);
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
