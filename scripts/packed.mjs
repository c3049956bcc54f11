// Packs the files of the built app that are text, once when it is built, so that the server need not do it for each person.
import { readdirSync, statSync } from 'node:fs';
import { readFile, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { promisify } from 'node:util';
import { brotliCompress, constants } from 'node:zlib';

const compress = promisify(brotliCompress);

/** Text that is named by its contents: of anything else an old packing could be served beside what is new. */
const isText = /^(_expo|assets)[\\/].*\.(js|css|svg|ttf)$/;

/** What a person waits for at a start is packed as small as it goes; the threads come later, and their packing is quick. */
const isOfStart = /(^|\/)(__expo-metro-runtime|__common|entry|rest|beginDemo)-/;

const slowest = constants.BROTLI_MAX_QUALITY;
const quick = 9;

/** @param folder of the built app */
export async function packFiles(folder) {
  const files = readdirSync(folder, { recursive: true })
    .filter((name) => isText.test(name))
    .map((name) => join(folder, name))
    .filter((path) => statSync(path).size > 1000);
  await Promise.all(
    files.map(async (path) => {
      const bytes = await readFile(path);
      const packed = await compress(bytes, {
        params: {
          [constants.BROTLI_PARAM_QUALITY]: isOfStart.test(path) ? slowest : quick,
          [constants.BROTLI_PARAM_SIZE_HINT]: bytes.length,
        },
      });
      await writeFile(`${path}.br`, packed);
    }),
  );
}
