// Writes dist/licences.txt: the notices of every package of which something is in the built app, as its source maps tell.
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { licenceProblem, problemsOfLock } from './licenceRules.mjs';
import { root } from './steps.mjs';

/** Copied into the app past the bundler: single paths by `npm run icons`, the faces by `fonts.mjs`. */
const copied = ['@mdi/js', '@expo-google-fonts/atkinson-hyperlegible-next'];

const filesUnder = (folder) =>
  readdirSync(folder, { recursive: true, withFileTypes: true })
    .filter((entry) => entry.isFile())
    .map((entry) => join(entry.parentPath, entry.name));

/** Folders of the packages that a source map names. */
function packagesOf(map) {
  const { sources } = JSON.parse(readFileSync(map, 'utf8'));
  return sources.flatMap((source) => {
    const found = /^(.*node_modules\/(?:@[^/]+\/)?[^/]+)\//.exec(source);
    return found === null ? [] : [found[1].replace(/^.*?\/node_modules\//, 'node_modules/')];
  });
}

const licenceOf = ({ license = 'see below' }) =>
  typeof license === 'string' ? license : license.type;

const packageOf = (folder) => JSON.parse(readFileSync(join(root, folder, 'package.json'), 'utf8'));

/** Fails where something is built in, or is used to build and run it, under terms that nobody has looked at. */
function checkLicences(folders) {
  const lock = JSON.parse(readFileSync(join(root, 'package-lock.json'), 'utf8'));
  const shipped = folders.flatMap((folder) => {
    const found = packageOf(folder);
    return licenceProblem(found.name, licenceOf(found)) ?? [];
  });
  const problems = [...new Set([...shipped, ...problemsOfLock(lock)])];
  if (problems.length > 0) throw new Error(problems.join('\n'));
}

function noticeOf(folder) {
  const path = join(root, folder);
  const found = packageOf(folder);
  // The faces have two: one for the package, one for the letters.
  const text = readdirSync(path, { withFileTypes: true })
    .filter((each) => each.isFile() && /^(licen[cs]e|copying|notice)/i.test(each.name))
    .map(({ name }) => `\n${readFileSync(join(path, name), 'utf8').trim()}\n`)
    .join('');
  return `${found.name} ${found.version}, ${licenceOf(found)}\n${text}`;
}

/** Reads the source maps of the built app, checks and writes the notices, and takes the maps away again. */
export function writeLicences(dist) {
  const maps = filesUnder(dist).filter((file) => file.endsWith('.js.map'));
  const folders = new Set([
    ...maps.flatMap(packagesOf),
    ...copied.map((name) => `node_modules/${name}`),
  ]);
  const there = [...folders]
    .filter((folder) => existsSync(join(root, folder, 'package.json')))
    .sort();
  checkLicences(there);
  const notices = there.map(noticeOf);
  const rule = `\n${'-'.repeat(72)}\n\n`;
  writeFileSync(
    join(dist, 'licences.txt'),
    ['Nipperkin is built with these packages. Their authors\u2019 notices:\n', ...notices].join(
      rule,
    ),
  );
  for (const map of maps) {
    rmSync(map);
    const script = map.slice(0, -'.map'.length);
    const text = readFileSync(script, 'utf8');
    writeFileSync(script, text.replace(/^\/\/# sourceMappingURL=.*$/m, ''));
  }
  return notices.length;
}
