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
