import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

export const root = join(__dirname, '..');

/** A command as `scripts/jest/commands.cjs` has made one script of it, run as a person runs it. */
export function runCommand(name: string, options: readonly string[], input?: string) {
  return spawnSync(process.execPath, [join(root, `.cache/commands/${name}.cjs`), ...options], {
    cwd: root,
    input,
    encoding: 'utf8',
  });
}

/** Runs commands on files in a folder that is gone after the tests. */
export function commandsOn(folderName: string) {
  const folder = mkdtempSync(join(tmpdir(), `nipperkin-${folderName}-`));
  afterAll(() => rmSync(folder, { recursive: true }));
  return function run(name: string, value: unknown, ...options: string[]) {
    const path = join(folder, 'case.json');
    writeFileSync(path, JSON.stringify(value));
    const { stdout, stderr, status } = runCommand(name, [...options, path]);
    return { status, said: JSON.parse(status === 0 ? stdout : stderr) as Record<string, unknown> };
  };
}
