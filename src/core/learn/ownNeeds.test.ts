import { pourWith, recordOf } from '../diagnose/testRecord';
import { ownNeeds } from './ownNeeds';

const measured = { ml: 500, gPerMl: 1.1, kind: 'porous', by: 'dry-fill' } as const;
/** One batch of 420 g and 140 g, a cavity of 550 g. */
const left = (leftG: number | undefined, pour: object = {}) =>
  recordOf(pourWith({ measured, ...pour }, {}, { aG: 420, bG: 180, leftG, pouringMin: 5 }));

test('600 g were mixed for a cavity of 550 g, and 39 g left: it took 2 % more', () => {
  const { overagePercent, grainPercent, pourMlPerMin } = ownNeeds([left(39), left(6), left(72)]);
  expect(overagePercent.porous!.median).toBeCloseTo(2, 6);
  expect(overagePercent.porous!.count).toBe(3);
  expect(overagePercent.general).toBeUndefined();
  expect(grainPercent).toEqual(overagePercent.porous);
  // (600 − 39) g at 1.1 g/ml in 5 min.
  expect(pourMlPerMin.epoxy!.median).toBeCloseTo(102, 6);
});

test('where nobody said what was left, nothing is known of what it took', () => {
  expect(ownNeeds([left(undefined)]).overagePercent).toEqual({});
  const half = recordOf(pourWith({ measured }, { pouredAt: undefined }, { leftG: 20 }));
  expect(ownNeeds([half]).overagePercent).toEqual({});
  expect(ownNeeds([left(39, { measured: undefined })])).toEqual({
    overagePercent: {},
    grainPercent: undefined,
    pourMlPerMin: {},
    twentyDropsG: [],
  });
});

test('drops of a pigment, the middle of several pours', () => {
  const of = (dropG: number) => recordOf(pourWith({ drops: [{ pigment: 'Sea green', dropG }] }));
  const [green, ...others] = ownNeeds([of(0.03), of(0.04), of(0.05)]).twentyDropsG;
  expect(green!.median).toBeCloseTo(0.8, 9);
  expect(green).toMatchObject({ pigment: 'Sea green', count: 3 });
  expect(others).toEqual([]);
});
