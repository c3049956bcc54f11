import { isDate } from './isDate';

test.each([
  ['2026-11-23', true],
  ['2028-02-29', true],
  ['2026-02-29', false],
  ['2100-02-29', false],
  ['2000-02-29', true],
  ['2026-04-31', false],
  ['2026-00-10', false],
  ['2026-13-01', false],
  ['2026-01-00', false],
  ['23.11.2026', false],
  ['2026-11-23T00:00', false],
])('%s: %s', (text, is) => {
  expect(isDate(text)).toBe(is);
});
