import { cutForResin, isCutByHand } from './cutForResin';

test('what holds for any resin stays; what was typed for the one before goes', () => {
  const typed = { style: 'lock-in', lockIn: '4 mm', maxDepth: '20 mm', joint: 'scuff' } as const;
  expect(cutForResin(typed)).toEqual({ style: 'lock-in', joint: 'scuff' });
  expect(cutForResin({ heights: ['20 mm'] })).toEqual({ style: 'equal' });
  expect(cutForResin(undefined)).toEqual({ style: 'equal' });
});

test('one pour that was chosen is given up aloud, one that nobody chose is not', () => {
  expect(isCutByHand({ style: 'one-pour' })).toBe(true);
  expect(isCutByHand({ maxDepth: '20 mm' })).toBe(true);
  expect(isCutByHand({ maxDepth: '' })).toBe(false);
  expect(isCutByHand({ style: 'equal' })).toBe(false);
  expect(isCutByHand(undefined)).toBe(false);
});
