import { mixRatio } from '../core/resin/ratio';
import {
  sayC,
  sayFluidOunces,
  sayG,
  sayMl,
  sayMm,
  sayOnScale,
  sayOneDecimal,
  sayPercent,
  sayDose,
  sayMoney,
  sayRatios,
  sayTime,
} from './figures';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test('figures stay with their units at the end of a line', () => {
  expect(sayMl(2095.5)).toBe('2096\u00a0ml');
  expect(sayMoney(9.5, '£')).not.toContain(' ');
});

test.each([
  [sayMl(1128.659), '1129 ml'],
  [sayG(513.3975), '513 g'],
  [sayG(0), '0.0 g'],
  [sayMm(31.75), '31.75 mm'],
  [sayMm(40), '40 mm'],
  [sayMm(3.175), '3.18 mm'],
  [sayC(21), '21 °C'],
  [sayC(-5.55), '\u22125.6 °C'],
  [sayPercent(0.1), '10 %'],
  [sayPercent(0.125), '12.5 %'],
  [sayTime(0.5), '30 s'],
  [sayTime(4.5), '4.5 min'],
  [sayTime(45), '45 min'],
  [sayTime(150), '2.5 h'],
  [sayTime(1440), '24 h'],
  [sayTime(10080), '7 days'],
  [sayDose(0.00025), '0.025 %'],
  [sayDose(0.002), '0.2 %'],
  [sayDose(0.02), '2 %'],
  [sayMoney(177.5, '£'), '£ 177.50'],
  [sayMoney(24, ''), '24.00'],
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
  const ratio = mixRatio({ by: 'volume', a, b: 1 }, 1, (b / 100) * a);
  const said = [`${byVolume} by volume`, `${byWeight} by weight`];
  expect(sayRatios(ratio).map(plain)).toEqual(said);
  expect(sayRatios(ratio, 'weight').map(plain)).toEqual(said.toReversed());
});

test('a resin in one bottle has no ratio', () => {
  expect(sayRatios(undefined)).toEqual(['one part, nothing to mix']);
});
