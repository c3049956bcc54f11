import * as fc from 'fast-check';
import { takeFromLots } from './lots';

const lot = fc.record({
  left: fc.integer({ min: 1, max: 5000 }).map((ml) => `${ml} ml`),
  opened: fc.option(fc.constantFrom('2026-01-10', '2026-05-02', '2026-10-30'), { nil: undefined }),
  bestBefore: fc.option(fc.constantFrom('2026-06-01', '2027-02-01'), { nil: undefined }),
});

test('takes no more than there is or is needed, nothing that is past its day, the oldest opened first', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9000 }),
      fc.array(lot, { maxLength: 6 }),
      (needMl, lots) => {
        const { uses, takenMl, missingMl } = takeFromLots(needMl, lots, 1.1, '2026-11-23');
        expect(takenMl + missingMl).toBeCloseTo(needMl, 9);
        expect(uses.reduce((sum, each) => sum + each.takenMl, 0)).toBeCloseTo(takenMl, 9);
        const good = uses.filter(({ expired }) => !expired);
        for (const use of uses) {
          expect(use.takenMl).toBeLessThanOrEqual(use.leftMl);
          if (use.expired) expect(use.takenMl).toBe(0);
        }
        // A lot is only begun when those before it are empty.
        good.forEach((use, at) => {
          const before = good[at - 1];
          if (before !== undefined && use.takenMl > 0) expect(before.takenMl).toBe(before.leftMl);
          if (before?.opened !== undefined && use.opened !== undefined) {
            expect(before.opened <= use.opened).toBe(true);
          }
          expect(before?.opened === undefined && use.opened !== undefined && at > 0).toBe(false);
        });
      },
    ),
  );
});

test('a lot is good on the day itself; without a day no lot is past anything', () => {
  const lots = [{ left: '1 kg', bestBefore: '2026-11-23' }];
  expect(takeFromLots(500, lots, 1.25, '2026-11-23').uses[0]).toMatchObject({
    leftMl: 800,
    takenMl: 500,
    expired: false,
  });
  expect(takeFromLots(500, lots, 1.25, '2026-11-24').missingMl).toBe(500);
  expect(takeFromLots(500, lots, 1.25, undefined).missingMl).toBe(0);
});
