// Writes dist/licences.txt: the notices of every package of which something is in the built app, as its source maps tell.
import { existsSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './steps.mjs';

/** Copied into the app as single paths by `npm run icons`. */
const copied = ['@mdi/js'];

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

function noticeOf(folder) {
  const path = join(root, folder);
  const {
    name,
    version,
    license = 'see below',
  } = JSON.parse(readFileSync(join(path, 'package.json'), 'utf8'));
  const file = readdirSync(path).find((each) => /^(licen[cs]e|copying|notice)/i.test(each));
  const text = file === undefined ? '' : `\n${readFileSync(join(path, file), 'utf8').trim()}\n`;
  return `${name} ${version}, ${typeof license === 'string' ? license : license.type}\n${text}`;
}

/** Reads the source maps of the built app, writes the notices, and takes the maps away again. */
export function writeLicences(dist) {
  const maps = filesUnder(dist).filter((file) => file.endsWith('.js.map'));
  const folders = new Set([
    ...maps.flatMap(packagesOf),
    ...copied.map((name) => `node_modules/${name}`),
  ]);
  const notices = [...folders]
    .filter((folder) => existsSync(join(root, folder, 'package.json')))
    .sort()
    .map(noticeOf);
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
