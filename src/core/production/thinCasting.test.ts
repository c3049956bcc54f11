import type { JobPour } from '../job/jobPour';
import { readJob } from '../job/readJob';
import { planJob } from '../plan/planJob';
import { thinnessOf } from './thinCasting';

const quick = {
  name: 'Quick',
  family: 'fast-polyurethane',
  ratio: { by: 'weight', a: 1, b: 1 },
  potLife: { time: '5 min', temperature: '23 °C' },
  times: { demould: { time: '20 min', temperature: '23 °C' } },
};

const pourOf = (part: object, more: object = {}) =>
  planJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Thin',
      room: { temperature: '23 °C' },
      measure: { parts: [part] },
      pours: [{ role: 'castings', overage: '0 %', resin: quick, ...more }],
    }),
  ).pours[0]!;

const plate = (depth: string): object => ({
  shape: 'box',
  length: '1 m',
  width: '1 m',
  depth,
  count: 1,
});

test('a plate is as thick as it is, and a thin one takes longer', () => {
  // Twice the volume over the surface of a plate is its thickness, but for its edges.
  const thin = pourOf(plate('2.5 mm')).casting!;
  expect(thin.thin).toMatchObject({ from: 'measured', thicknessMm: expect.closeTo(2.5, 1) });
  expect(thin.thin!.timesSlower).toBeCloseTo(2, 1);
  expect(thin.outMin).toBeCloseTo(20 * thin.thin!.timesSlower, 9);
  const thick = pourOf(plate('60 mm')).casting!;
  expect(thick.thin!.timesSlower).toBe(1);
  expect(thick.outMin).toBeCloseTo(20, 9);
});

test('what is typed stands over what is measured, and everything goes by it', () => {
  const pour = pourOf(plate('60 mm'), {
    casting: { thickness: '2.5 mm' },
    pressure: { gauge: '40 psi', rating: '60 psi' },
  });
  expect(pour.casting).toMatchObject({ outMin: 40, thin: { from: 'typed', timesSlower: 2 } });
  expect(pour.pressure!.holdMin).toBeCloseTo(40, 9);
});

test('half goes in first, and is tilted all round; or all at once', () => {
  const part = { shape: 'box', length: '50 mm', width: '40 mm', depth: '30 mm', count: 4 };
  expect(pourOf(part).casting).toMatchObject({
    fill: 'half',
    eachMl: 60,
    firstMl: 30,
    between: 'powder',
  });
  expect(pourOf(part, { casting: { fill: 'at-once', between: 'release' } }).casting).toMatchObject({
    firstMl: 60,
    between: 'release',
  });
});

test('only polyurethane that is cast is slowed; what has no surface is not guessed', () => {
  const said = (more: object): JobPour => ({ role: 'castings', ...more }) as unknown as JobPour;
  const measure = { parts: [plate('3 mm')] };
  expect(thinnessOf(said({ measure }), 'casting-epoxy')).toBeUndefined();
  expect(thinnessOf(said({ measure, role: 'fill' }), 'fast-polyurethane')).toBeUndefined();
  const amount = { parts: [{ shape: 'amount', amount: '50 ml', count: 1 }] };
  expect(thinnessOf(said({ measure: amount }), 'fast-polyurethane')).toBeUndefined();
  expect(
    thinnessOf(said({ measure: amount, casting: { thickness: '40 mm' } }), 'slow-polyurethane'),
  ).toMatchObject({ timesSlower: 1 });
});
