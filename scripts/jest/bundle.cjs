/**
 * Makes one script of a test file and all that it imports, so that Jest loads one module where there were hundreds.
 * Every test file still has modules of its own: nothing that one leaves behind reaches another.
 */
const { createHash } = require('node:crypto');
const { readdirSync, readFileSync, statSync } = require('node:fs');
const { join, relative } = require('node:path');
const { buildSync, version } = require('esbuild');

const root = join(__dirname, '../..');

/** What a bundle may hold: any change of it makes all bundles again, at a tenth of a second each. */
const sources = ['src', 'server', 'cli', 'docs/formats', 'scripts/jest', 'package-lock.json'];

const filesIn = (path) =>
  statSync(path).isDirectory()
    ? readdirSync(path)
        .sort()
        .flatMap((name) => filesIn(join(path, name)))
    : [path];

let fingerprint;

function fingerprintOfSources() {
  if (fingerprint !== undefined) return fingerprint;
  const hash = createHash('sha256').update(version);
  for (const file of sources.flatMap((source) => filesIn(join(root, source)))) {
    if (/\.([cm]?[jt]sx?|json)$/.test(file)) {
      hash.update(relative(root, file)).update('\0').update(readFileSync(file));
    }
  }
  fingerprint = hash.digest('hex');
  return fingerprint;
}

/** The app has what records are held against after its first screen; tests that read records have it from the start. */
const schemas = join(root, 'src/data/records/wholeSchemas.ts');
const readsRecords = /\/src\/(data|features|reliability|workers|ui)\//;

const entryOf = (file) =>
  [...(readsRecords.test(file) ? [schemas] : []), file]
    .map((path) => `import ${JSON.stringify(path)};\n`)
    .join('');

/** Screens as the web app has them, in a page without a router. */
const screens = {
  platform: 'browser',
  mainFields: ['browser', 'module', 'main'],
  alias: {
    'react-native': 'react-native-web',
    'expo-router': join(root, 'src/testing/router.ts'),
  },
  // The page under test and what looks at it share one React.
  external: [
    'fast-check',
    'react',
    'react-dom',
    'react-dom/*',
    'react/*',
    '@testing-library/*',
    'node:*',
  ],
  jsx: 'automatic',
  loader: { '.png': 'dataurl', '.js': 'jsx' },
};

const plain = {
  platform: 'node',
  // Its seed is set before the tests, so there must be one of it.
  external: ['fast-check'],
};

module.exports = {
  getCacheKey: (text, file) =>
    createHash('sha256')
      .update(fingerprintOfSources())
      .update(relative(root, file))
      .update(text)
      .digest('hex'),

  process(text, file) {
    const { outputFiles } = buildSync({
      absWorkingDir: root,
      stdin: { contents: entryOf(file), resolveDir: root, sourcefile: 'entry.ts', loader: 'ts' },
      outdir: join(root, '.cache/bundles'),
      write: false,
      bundle: true,
      target: 'node20',
      format: 'cjs',
      charset: 'utf8',
      sourcemap: 'external',
      sourcesContent: false,
      // The first of these that is there is taken; the app itself prefers them in this order.
      resolveExtensions: [
        '.web.ts',
        '.web.tsx',
        '.web.js',
        '.ts',
        '.tsx',
        '.mjs',
        '.js',
        '.cjs',
        '.json',
      ],
      define: { 'process.env.NODE_ENV': '"test"', 'process.env.EXPO_OS': '"web"' },
      logLevel: 'error',
      ...(file.endsWith('.tsx') ? screens : plain),
    });
    const [map, code] = ['.map', '.js'].map((ending) =>
      outputFiles.find(({ path }) => path.endsWith(ending)),
    );
    return { code: code.text, map: map.text };
  },
};
