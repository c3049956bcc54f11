// Which licences may ship without a word, and the words for those that may not.

/** Licences that ask for no more than their notice. */
const plain = new Set([
  '0BSD',
  'Apache-2.0',
  'BlueOak-1.0.0',
  'BSD-2-Clause',
  'BSD-3-Clause',
  'CC0-1.0',
  'ISC',
  'MIT',
  'OFL-1.1',
  'Python-2.0',
  'Unlicense',
  'Zlib',
]);

/** Packages under other terms, each with why it is all right; a new one fails the build until somebody has said so here. */
export const explained = {
  'caniuse-lite':
    'CC-BY-4.0: a table of what browsers can, used while the app is built; nothing of it ships.',
  lightningcss: 'MPL-2.0: used unchanged while the app is built; nothing of it ships.',
};

/** The parts of an expression such as `(MIT OR GPL-2.0)`: one of the alternatives is enough, all of a sum are needed. */
function isPlain(expression) {
  const alternatives = expression.replace(/[()]/g, '').split(/ OR /i);
  return alternatives.some((each) => each.split(/ AND /i).every((one) => plain.has(one.trim())));
}

/** What is wrong with shipping a package under these terms; undefined where nothing is. */
export function licenceProblem(name, licence) {
  const own = Object.keys(explained).find((each) => name === each || name.startsWith(`${each}-`));
  if (own !== undefined || isPlain(licence)) return undefined;
  return `${name} is under “${licence}”: say in scripts/licenceRules.mjs why it may be used, or use another.`;
}

/** What is wrong with any package that is installed to run or to build the app, by the lock file. */
export function problemsOfLock(lock) {
  return Object.entries(lock.packages).flatMap(([path, { dev, license = 'unknown' }]) => {
    if (path === '' || dev === true) return [];
    const name = path.slice(path.lastIndexOf('node_modules/') + 'node_modules/'.length);
    return licenceProblem(name, license) ?? [];
  });
}
