// Puts the test files of the pure rooms together into a few, for a whole run: they share their modules, which are then loaded and
// made fast once and not once a file. What is pure leaves nothing behind that another test could find.
import { mkdirSync, readdirSync, rmSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { root } from './steps.mjs';

const rooms = ['src/core', 'src/words'];
/** These measure the memory of their process, and must have it for themselves. */
const apart = new Set(['src/core/measure/files/fuzz.test.ts']);
/** Two for each worker: the last of them are not waited for long. */
const packs = 6;

const filesIn = (room) =>
  readdirSync(join(root, room), { recursive: true })
    .map((name) => join(room, name))
    .filter((file) => file.endsWith('.test.ts') && !apart.has(file));

/** @param folder that is emptied first; gives what Jest is to leave out because it stands in a pack */
export function writePacks(folder) {
  rmSync(folder, { recursive: true, force: true });
  mkdirSync(folder, { recursive: true });
  const files = rooms.flatMap(filesIn);
  // The larger ones first, so that each pack gets as many of them.
  const sized = files
    .map((file) => ({ file, bytes: statSync(join(root, file)).size }))
    .sort((one, other) => other.bytes - one.bytes || (one.file < other.file ? -1 : 1));
  for (let pack = 0; pack < packs; pack += 1) {
    const text = sized
      .filter((_, at) => at % packs === pack)
      .map(({ file }) => {
        const name = JSON.stringify(file);
        return `describe(${name}, () => {\n  require(${JSON.stringify(join(root, file))});\n});\n`;
      });
    writeFileSync(join(folder, `pack${pack + 1}.test.ts`), text.join(''));
  }
  return files;
}
