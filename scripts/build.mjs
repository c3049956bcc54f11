// Builds the web app into dist/ when its sources have changed since the last time.
import { createHash } from 'node:crypto';
import { existsSync, readdirSync, readFileSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { writeFonts } from './fonts.mjs';
import { writeLicences } from './licences.mjs';
import { packFiles } from './packed.mjs';
import { expoEnv, root, run, tell } from './steps.mjs';

const sources = [
  'scripts/build.mjs',
  'scripts/fonts.mjs',
  'scripts/packed.mjs',
  'scripts/licenceRules.mjs',
  'scripts/licences.mjs',
  'scripts/minify.cjs',
  'scripts/not-rendered.cjs',
  'scripts/offline.mjs',
  'scripts/stand-ins.js',
  'src',
  'public',
  'app.config.ts',
  'babel.config.js',
  'metro.config.js',
  'package-lock.json',
];
const stamp = join(root, 'dist', '.built-from');

function filesIn(path) {
  if (!statSync(path).isDirectory()) return [path];
  return readdirSync(path)
    .sort()
    .flatMap((name) => filesIn(join(path, name)));
}

function fingerprint() {
  const hash = createHash('sha256');
  for (const source of sources) {
    for (const file of filesIn(join(root, source))) {
      if (/\.test\.tsx?$/.test(file)) continue;
      hash.update(file.slice(root.length)).update('\0').update(readFileSync(file)).update('\0');
    }
  }
  return hash.digest('hex');
}

/** A page that waits for a style sheet runs none of its scripts: the little that there is stands in the page itself. */
async function putStyleIntoPage(dist) {
  const page = join(dist, 'index.html');
  const link = '<link rel="stylesheet" href="/page.css" />';
  const html = readFileSync(page, 'utf8');
  if (!html.includes(link)) throw new Error(`public/index.html has no ${link}`);
  const sheet = join(dist, 'page.css');
  const style = await writeFonts(dist, readFileSync(sheet, 'utf8'));
  writeFileSync(sheet, style);
  writeFileSync(
    page,
    html.replace(link, () => `<style>\n${style}</style>`),
  );
}

/** Gives whether dist/ now holds the app of these sources. */
export async function build() {
  const wanted = fingerprint();
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === wanted) return true;
  tell('Building the app; the first time takes two or three minutes.');
  rmSync(stamp, { force: true });
  const { code, output } = await run(
    'npx',
    ['expo', 'export', '--platform', 'web', '--output-dir', 'dist', '--source-maps', 'external'],
    { quiet: true, env: expoEnv },
  );
  if (code !== 0) {
    tell(output);
    tell('The app could not be built, see above.');
    return false;
  }
  await putStyleIntoPage(join(root, 'dist'));
  writeLicences(join(root, 'dist'));
  // On a fresh clone its package is installed only after this file was read.
  const { writeServiceWorker } = await import('./offline.mjs');
  await writeServiceWorker(join(root, 'dist'));
  await packFiles(join(root, 'dist'));
  writeFileSync(stamp, wanted);
  return true;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) process.exit((await build()) ? 0 : 1);
