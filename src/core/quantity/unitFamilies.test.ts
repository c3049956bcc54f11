import { ownUnit, unitTyped, withOwnUnit } from './unitFamilies';

test.each([
  ['2-1/2 in', 'in'],
  ['41 3/8"', 'in'],
  ['300 mm', 'mm'],
  ['70 °F', '°F'],
  ['70F', '°F'],
  ['-5 °C', '°C'],
  ['3 US fl oz', 'US fl oz'],
  ['4\' 7"', undefined],
  ['300', undefined],
  ['5 l', undefined],
  ['3 days', undefined],
  ['3 oz', undefined],
  ['what', undefined],
])('%s is typed in %s', (typed, unit) => expect(unitTyped(typed)).toBe(unit));

test('a bare figure is in what was used last for its kind, and no other kind hears of it', () => {
  const own = withOwnUnit(withOwnUnit([], 'in'), '°F');
  expect(ownUnit('mm', own)).toBe('in');
  expect(ownUnit('°C', own)).toBe('°F');
  expect(ownUnit('ml', own)).toBe('ml');
  expect(ownUnit('min', own)).toBe('min');
  expect(ownUnit('mm', withOwnUnit(own, 'cm'))).toBe('cm');
  expect(withOwnUnit(own, 'cm')).toEqual(['cm', '°F']);
});
