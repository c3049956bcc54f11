import { sayRoughG, sayRoughly } from './rough';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

test.each([
  [0.66, '40 s'],
  [1.6, '1½ min'],
  [2.4, '2½ min'],
  [9.15, '9 min'],
  [33, '35 min'],
  [61, '1 h'],
  [95, '1½ h'],
  [5.6 * 60, '5½ h'],
  [21.3 * 60, '21 h'],
  [41 * 60, '40 h'],
  [3.9 * 1440, '4 days'],
  [22.1 * 1440, '22 days'],
])('%d min is about %s', (minutes, told) => {
  expect(plain(sayRoughly(minutes))).toBe(told);
});

test.each([
  [4.4, '4 g'],
  [243, '240 g'],
  [3612, '3.6 kg'],
  [29_370.2, '29 kg'],
])('%d g in a bucket are %s', (g, told) => {
  expect(plain(sayRoughG(g))).toBe(told);
});
