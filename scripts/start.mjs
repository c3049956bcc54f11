// `npm start`: installs and builds what is missing, then serves the app until it is stopped.
import { spawn } from 'node:child_process';
import { build } from './build.mjs';
import { installPackages, root } from './steps.mjs';

await installPackages();
if (!(await build())) process.exit(1);
const server = spawn(
  process.execPath,
  ['--import', 'tsx', 'server/main.ts', ...process.argv.slice(2)],
  {
    cwd: root,
    stdio: 'inherit',
  },
);
for (const signal of ['SIGINT', 'SIGTERM']) process.on(signal, () => server.kill(signal));
server.on('exit', (code) => process.exit(code ?? 0));
