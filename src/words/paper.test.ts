import { sayMissingLetters } from './paper';

test.each<[readonly string[], string | undefined]>([
  [[], undefined],
  [
    ['漆'],
    'The PDF’s letters have no 漆: boxes stand there. Save as SVG, or print from the browser.',
  ],
  [
    ['漆', '木'],
    'The PDF’s letters have no 漆 and 木: boxes stand there. Save as SVG, or print from the browser.',
  ],
  [
    [...'абвгдежзик'],
    'The PDF’s letters have no а, б, в, г, д, е and 4 more: boxes stand there. Save as SVG, or print from the browser.',
  ],
])('without %j', (missing, said) => {
  expect(sayMissingLetters(missing)).toBe(said);
});
