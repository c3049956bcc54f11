// What the commands share: running a program, and saying what is going on.
import { spawn } from 'node:child_process';
import { existsSync, readFileSync, statSync } from 'node:fs';
import { fileURLToPath } from 'node:url';

export const root = fileURLToPath(new URL('..', import.meta.url));

/** Says what is going on; on standard error, so that a command's own output stays clean. */
export const tell = (text) => process.stderr.write(`${text}\n`);

/** Runs a program to its end. With `quiet` its output is only shown when it fails. */
export function run(command, args, { quiet = false, env = {} } = {}) {
  return new Promise((resolve) => {
    const child = spawn(command, args, {
      cwd: root,
      env: { ...process.env, ...env },
      stdio: ['ignore', quiet ? 'pipe' : 'inherit', quiet ? 'pipe' : 'inherit'],
    });
    let output = '';
    child.stdout?.on('data', (chunk) => (output += chunk));
    child.stderr?.on('data', (chunk) => (output += chunk));
    child.on('error', (error) => resolve({ code: 127, output: String(error) }));
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Settings for every Expo command: no network, no telemetry, no questions. */
export const expoEnv = { EXPO_OFFLINE: '1', EXPO_NO_TELEMETRY: '1', CI: '1' };

/** Installs the packages of the lock file where they are missing or older than it. */
export async function installPackages() {
  const installed = `${root}node_modules/.package-lock.json`;
  const lock = `${root}package-lock.json`;
  if (existsSync(installed) && statSync(installed).mtimeMs >= statSync(lock).mtimeMs) return;
  if (existsSync(installed) && sameVersions(installed, lock)) return;
  tell('Installing packages; the first time takes a minute or two.');
  const { code } = await run('npm', ['ci', '--no-audit', '--no-fund']);
  if (code !== 0) {
    tell('The packages could not be installed: `npm ci` failed, see above.');
    process.exit(code);
  }
}

/** Whether what is installed is what the lock file asks for, whatever the files' dates are. */
function sameVersions(installed, lock) {
  const versions = (path) =>
    Object.fromEntries(
      Object.entries(JSON.parse(readFileSync(path, 'utf8')).packages).map(([name, { version }]) => [
        name,
        version,
      ]),
    );
  const have = versions(installed);
  // A package for another kind of machine is in the lock file and not installed: that is right.
  const wanted = JSON.parse(readFileSync(lock, 'utf8')).packages;
  return Object.entries(wanted).every(
    ([name, { version, optional }]) =>
      name === '' || have[name] === version || (optional === true && have[name] === undefined),
  );
}
