import { measurePart } from '../core/measure/parts/measurePart';
import type { Part } from '../core/measure/parts/partSchema';
import { sayDoubt, sayPlusMinus } from './doubts';
import { sayIgnored } from './ignored';

const reading = { tapeStepMm: 1, scaleStepG: 1, mixedDensityGPerMl: 1.1 };
const doubtOf = (part: Part) => measurePart(part, reading).doubt;
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test.each<[string, Part, string, RegExp]>([
  [
    'a box',
    { shape: 'box', length: '300 mm', width: '200 mm', depth: '30 mm', count: 1 },
    '± 30.5 ml',
    /^The tape is read to 1 mm.* Most of it comes from the depth\.$/,
  ],
  [
    'grain',
    { shape: 'dry-fill', volume: '400 ml', count: 1 },
    'may be 14.4 ml low',
    /bridges corners/,
  ],
  [
    'rectangles',
    {
      shape: 'rectangles',
      rectangles: [{ length: '100 mm', width: '50 mm' }],
      depth: '40 mm',
      count: 1,
    },
    'may be 43.0 ml high',
    /oval inside them would fill 79 %/,
  ],
  [
    'a trace on a grid',
    {
      shape: 'traced',
      outlines: [{ points: [0, 0, 9, 0, 9, 9] }],
      scale: { by: 'grid', square: '10 mm' },
      depth: '20 mm',
      count: 1,
    },
    '± 3.7 ml',
    /from setting points \(a twentieth of a square\)/,
  ],
  [
    'water',
    { shape: 'wet-fill', mass: '400 g', water: '20 °C', count: 1 },
    '± 2.1 ml',
    /0\.9982 g\/ml/,
  ],
])('%s', (_, part, plusMinus, why) => {
  const doubt = doubtOf(part);
  expect(plain(sayPlusMinus(doubt))).toBe(plusMinus);
  expect(plain(sayDoubt(doubt))).toMatch(why);
});

test('what was passed over in a drawing', () => {
  expect(sayIgnored(0, [])).toBe('');
  expect(sayIgnored(1, ['script', 'text', 'mtext'])).toBe(
    'Ignored: an open line that closes no outline, a script, which is not run, text.',
  );
  expect(sayIgnored(3, ['hatch'])).toBe('Ignored: 3 open lines that close no outline, hatch.');
});
