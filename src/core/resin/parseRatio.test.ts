import { assert, constantFrom, integer, pre, property } from 'fast-check';
import { parseRatio } from './parseRatio';

test.each([
  ['2:1', 2, 1],
  [' 100 : 33.33 ', 100, 33.33],
  ['100/45', 100, 45],
  ['10 to 1', 10, 1],
  ['1TO1', 1, 1],
  ['100:33,3', 100, 33.3],
  ['100:0,1', 100, 0.1],
])('%s', (text, a, b) => expect(parseRatio(text)).toEqual({ a, b }));

test.each([
  ['', 'not-a-ratio'],
  ['2', 'not-a-ratio'],
  ['2:', 'not-a-ratio'],
  ['2:0', 'not-a-ratio'],
  ['2:1:1', 'not-a-ratio'],
  ['-2:1', 'not-a-ratio'],
  ['2 g : 1 g', 'not-a-ratio'],
  // Thousands or decimals: nobody can tell.
  ['1,000:1', 'not-a-ratio'],
  ['1001:1', 'ratio-out-of-range'],
  ['1:1001', 'ratio-out-of-range'],
])('%s is refused', (text, code) =>
  expect(() => parseRatio(text)).toThrow(expect.objectContaining({ code })),
);

test('whatever is written as two figures is read as those, however it is spaced', () => {
  const figure = integer({ min: 1, max: 90_000 }).map((n) => n / 100);
  const sign = constantFrom(':', ' : ', '/', ' to ');
  assert(
    property(figure, figure, sign, (a, b, between) => {
      pre(Math.max(a / b, b / a) <= 1000);
      expect(parseRatio(`${a}${between}${b}`)).toEqual({ a, b });
    }),
  );
});
