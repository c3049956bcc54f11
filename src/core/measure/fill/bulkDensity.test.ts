import { foundBulkDensity } from './bulkDensity';

test('grain over the volume it fills, to three figures', () => {
  expect(foundBulkDensity('412 g', '500 ml')).toBe('0.824 g/ml');
  expect(foundBulkDensity('1.2 kg', '0.8 l')).toBe('1.5 g/ml');
});

test.each([
  ['heavy', '500 ml', 'mass', 'unreadable'],
  ['412 g', '500 g', 'volume', 'wrong-kind'],
  ['412 g', '500 l', 'mass', 'not-a-bulk-density'],
  ['', '500 ml', 'mass', 'empty'],
])('%s in %s is told at %s', (mass, volume, field, code) => {
  expect(() => foundBulkDensity(mass, volume)).toThrow(expect.objectContaining({ field, code }));
});
