import {
  sayC,
  sayFluidOunces,
  sayG,
  sayMl,
  sayMm,
  sayOnScale,
  sayOneDecimal,
  sayPercent,
  sayRatio,
} from './figures';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test('figures stay with their units at the end of a line', () => {
  expect(sayMl(2095.5)).toBe('2095.5\u00a0ml');
  expect(sayRatio({ byVolume: { a: 3 }, byWeight: { b: 28.908 } }).byVolume).not.toContain(' ');
});

test.each([
  [sayMl(1128.659), '1128.7 ml'],
  [sayG(513.3975), '513.4 g'],
  [sayG(0), '0.0 g'],
  [sayMm(31.75), '31.75 mm'],
  [sayMm(40), '40 mm'],
  [sayMm(3.175), '3.18 mm'],
  [sayC(21), '21 °C'],
  [sayC(-5.55), '\u22125.6 °C'],
  [sayPercent(0.1), '10 %'],
  [sayPercent(0.125), '12.5 %'],
  [sayOneDecimal(333.333), '333.3'],
  [sayFluidOunces(38.164, 39.724), '38.16 US fl oz · 39.72 imp fl oz'],
])('%s', (said, expected) => {
  expect(plain(said)).toBe(expected);
});

test.each([
  [592, 1, '592'],
  [592, 0.1, '592.0'],
  [592.25, 0.25, '592.25'],
  [595, 5, '595'],
])('%d g on a scale of %d g reads %s', (g, stepG, reading) => {
  expect(sayOnScale(g, stepG)).toBe(reading);
});

test.each([
  [3, 28.908, '3 : 1', '100 : 28.91'],
  [1.7454, 50, '1.745 : 1', '100 : 50'],
])('a ratio reads both ways', (a, b, byVolume, byWeight) => {
  const said = sayRatio({ byVolume: { a }, byWeight: { b } });
  expect([plain(said.byVolume), plain(said.byWeight)]).toEqual([byVolume, byWeight]);
});
