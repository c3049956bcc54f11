import { mkdirSync, mkdtempSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { packFiles } from '../scripts/packed.mjs';
import { countOf, readReport, slowestFiles } from '../scripts/reports.mjs';

const root = join(__dirname, '..');

const unit = {
  numPassedTests: 5,
  numFailedTests: 1,
  numRuntimeErrorTestSuites: 1,
  testResults: [
    {
      name: join(root, 'cli/plan.test.ts'),
      startTime: 1_000,
      endTime: 13_500,
      assertionResults: [{ ancestorTitles: [], duration: 12_000 }],
    },
    {
      name: join(root, '.cache/packs/pack1.test.ts'),
      startTime: 1_000,
      endTime: 41_000,
      assertionResults: [
        { ancestorTitles: ['src/core/mix/onScale.test.ts'], duration: 9_000 },
        { ancestorTitles: ['src/core/mix/onScale.test.ts', 'steps'], duration: 11_000 },
        { ancestorTitles: ['src/core/stock/kits.test.ts'], duration: 300 },
      ],
    },
  ],
};

const result = (duration: number) => ({ tests: [{ results: [{ duration }] }] });

const browser = {
  stats: { expected: 7, unexpected: 1, flaky: 1, skipped: 2 },
  errors: ['no server'],
  suites: [
    {
      file: 'heat.spec.ts',
      specs: [result(2_000)],
      suites: [{ file: 'heat.spec.ts', specs: [result(1_500), result(500)] }],
    },
  ],
};

test('a file that cannot be loaded counts as failed, and so does what was skipped, flaky, or broke the runner', () => {
  expect(countOf(unit)).toEqual({ passed: 5, failed: 2 });
  expect(countOf(browser)).toEqual({ passed: 7, failed: 5 });
});

test('a file in a pack has the time of its own tests, one by itself that of all it took', () => {
  expect(slowestFiles([unit, browser], 9, root)).toEqual([
    ['src/core/mix/onScale.test.ts', 20],
    ['cli/plan.test.ts', 12.5],
    ['e2e/heat.spec.ts', 4],
    ['src/core/stock/kits.test.ts', 0.3],
  ]);
  expect(slowestFiles([unit, browser], 1, root)).toEqual([['src/core/mix/onScale.test.ts', 20]]);
});

describe('in a folder', () => {
  let folder: string;
  beforeEach(() => {
    folder = mkdtempSync(join(tmpdir(), 'nipperkin-'));
  });
  afterEach(() => rmSync(folder, { recursive: true }));

  test('a report that no runner left is none', () => {
    expect(readReport(join(folder, 'unit.json'))).toBeUndefined();
    writeFileSync(join(folder, 'unit.json'), JSON.stringify(unit));
    expect(countOf(readReport(join(folder, 'unit.json'))!)).toEqual({ passed: 5, failed: 2 });
  });

  test('only text that is named by its contents is packed: of anything else an old packing could be served', async () => {
    for (const name of ['_expo', 'assets']) mkdirSync(join(folder, name));
    const text = 'a '.repeat(2_000);
    const files = [
      '_expo/entry-1.js',
      'assets/face.ttf',
      'assets/face.woff2',
      'sw.js',
      'index.html',
    ];
    for (const file of files) writeFileSync(join(folder, file), text);
    writeFileSync(join(folder, '_expo/short-1.js'), 'a');
    await packFiles(folder);
    const packed = readdirSync(folder, { recursive: true })
      .map(String)
      .filter((name) => name.endsWith('.br'));
    expect(packed.sort()).toEqual(['_expo/entry-1.js.br', 'assets/face.ttf.br']);
  });
});
