// Puts the faces of the app into dist/: as WOFF2 for the screen, as TrueType for what is printed into a PDF.
import { createHash } from 'node:crypto';
import { mkdirSync, readFileSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { join } from 'node:path';

const require = createRequire(import.meta.url);

const nameWith = (name, bytes, ending) =>
  `${name}.${createHash('sha256').update(bytes).digest('hex').slice(0, 16)}.${ending}`;

/**
 * @param dist the folder of the built app
 * @param style the style sheet of the page; it names each face by `url(/fonts/<weight>.woff2)`
 * @returns the style sheet with the addresses that the faces have
 */
export async function writeFonts(dist, style) {
  // On a fresh clone its package is installed only after this file was read.
  const { default: woff2 } = await import('wawoff2');
  mkdirSync(join(dist, 'assets/fonts'), { recursive: true });
  let written = style;
  for (const [asked, weight] of style.matchAll(/\/fonts\/(\w+)\.woff2/g)) {
    const file = `${weight}/AtkinsonHyperlegibleNext_${weight}.ttf`;
    const truetype = readFileSync(
      require.resolve(`@expo-google-fonts/atkinson-hyperlegible-next/${file}`),
    );
    const packed = await woff2.compress(truetype);
    const address = `/assets/fonts/${nameWith(weight, truetype, 'woff2')}`;
    writeFileSync(join(dist, address), packed);
    // `ownFonts` finds it by the address of the other.
    writeFileSync(join(dist, address.replace(/woff2$/, 'ttf')), truetype);
    written = written.replace(asked, address);
  }
  if (written === style) throw new Error('public/page.css names no face');
  return written;
}
