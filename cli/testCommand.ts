import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Runs commands as a person does, on files in a folder that is gone after the tests. */
export function commandsOn(name: string) {
  const folder = mkdtempSync(join(tmpdir(), `nipperkin-${name}-`));
  afterAll(() => rmSync(folder, { recursive: true }));
  return function run(script: string, value: unknown, ...options: string[]) {
    const path = join(folder, 'case.json');
    writeFileSync(path, JSON.stringify(value));
    const { stdout, stderr, status } = spawnSync(
      process.execPath,
      ['--import', 'tsx', join(__dirname, script), ...options, path],
      { encoding: 'utf8' },
    );
    return { status, said: JSON.parse(status === 0 ? stdout : stderr) as Record<string, unknown> };
  };
}
