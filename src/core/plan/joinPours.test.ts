import * as fc from 'fast-check';
import { demoResins } from '../../data/demo/demoResins';
import { pourRoles, type PourRole } from '../job/pourChoices';
import { readJob } from '../job/readJob';
import { resolveJob, type ResolvedPour } from '../job/resolveJob';
import { jobTimes, joinOf } from './joinPours';

const slow = demoResins.find(({ id }) => id === 'demo-slow-clear')!;
const coating = demoResins.find(({ id }) => id === 'demo-table-coat')!;
const silicone = demoResins.find(({ id }) => id === 'demo-mould-silicone')!;

const own = { parts: [{ shape: 'box', length: '100 mm', width: '50 mm', depth: '20 mm' }] };
const resolved = (...pours: readonly object[]): readonly ResolvedPour[] =>
  resolveJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Piece',
      room: { temperature: '23 °C' },
      pours: pours.map((pour) => ({ measure: own, resin: coating, ...pour })),
    }),
    undefined,
  ).pours;
const at = (roomC: number, pours: readonly ResolvedPour[]) =>
  pours.map(() => ({ roomTemperatureC: roomC, layers: [] }));
const joins = (roomC: number, ...pours: readonly object[]) => {
  const found = resolved(...pours);
  const plans = at(roomC, found);
  return found.map((pour, index) =>
    index === 0 ? undefined : joinOf(found[index - 1]!, pour, plans[index - 1]!),
  );
};

test.each<[PourRole, PourRole, 'tacky' | 'scuff']>([
  ['seal', 'fill', 'tacky'],
  ['seal', 'coat', 'tacky'],
  ['fill', 'fill', 'tacky'],
  ['fill', 'coat', 'scuff'],
  ['castings', 'coat', 'scuff'],
  ['coat', 'coat', 'tacky'],
  ['fill', 'seal', 'scuff'],
  ['mould', 'castings', 'scuff'],
  ['mould', 'fill', 'scuff'],
  ['fill', 'mould', 'scuff'],
])('%s, then %s: %s', (before, role, school) => {
  expect(joins(23, { role: before }, { role })[1]?.school).toBe(school);
});

test('the first joins nothing', () => {
  expect(joins(23, {}, {})[0]).toBeUndefined();
});

describe('how long it waits', () => {
  const { recoatFrom, fullCure } = resolved({})[0]!.resin.times;

  test('by the card of the one before, in the room that one is poured in', () => {
    const warm = joins(23, { role: 'seal' }, { role: 'fill' })[1]!;
    const cold = joins(13, { role: 'seal' }, { role: 'fill' })[1]!;
    expect(warm).toMatchObject({ typed: false, waitMin: recoatFrom!.timeMin });
    // Ten degrees colder take twice as long.
    expect(cold.waitMin).toBeCloseTo(2 * recoatFrom!.timeMin, 6);
  });

  test('until it is hard where it is scuffed, as a person may ask for', () => {
    const asked = joins(23, { role: 'seal' }, { role: 'fill', joint: 'scuff' })[1]!;
    expect(asked).toEqual({ school: 'scuff', typed: false, waitMin: fullCure!.timeMin });
  });

  test('what a person waits stands over the card', () => {
    expect(joins(23, {}, { wait: '90 min' })[1]).toMatchObject({ waitMin: 90, typed: true });
  });

  test('a mould gives its castings back as soon as it may be opened', () => {
    const { demould, fullCure: cured } = resolved({ resin: silicone })[0]!.resin.times;
    const [, castings] = joins(23, { role: 'mould', resin: silicone }, { role: 'castings' });
    expect(castings!.waitMin).toBeCloseTo((demould ?? cured)!.timeMin, 6);
  });

  test('nothing where the card does not say', () => {
    const { times: _, ...silent } = slow;
    expect(joins(23, { resin: { ...silent, id: undefined } }, {})[1]!.waitMin).toBeUndefined();
  });
});

describe('when everything is done', () => {
  const times = (gapsMin: number | undefined, cureMin: number | undefined) => ({
    times: {
      gapsMin,
      cureMin,
      doneMin: gapsMin === undefined || cureMin === undefined ? undefined : gapsMin + cureMin,
    },
  });
  const wait = (waitMin: number | undefined) =>
    ({ school: 'tacky', waitMin, typed: false }) as const;

  test('each waits for the last layer of the one before it', () => {
    const { startsMin, doneMin } = jobTimes(
      [times(60, 1000), times(0, 500), times(0, 200)],
      [undefined, wait(240), wait(30)],
    );
    expect(startsMin).toEqual([0, 300, 330]);
    // The first takes longest to cure, and is what one waits for.
    expect(doneMin).toBe(1060);
  });

  test('from where a card does not say nothing is told, and before it everything is', () => {
    const { startsMin, doneMin } = jobTimes(
      [times(60, 1000), times(0, 500), times(0, 200)],
      [undefined, wait(undefined), wait(30)],
    );
    expect(startsMin).toEqual([0, undefined, undefined]);
    expect(doneMin).toBeUndefined();
    expect(jobTimes([times(0, undefined)], [undefined]).doneMin).toBeUndefined();
    expect(jobTimes([times(undefined, 10), times(0, 5)], [undefined, wait(3)]).startsMin).toEqual([
      0,
      undefined,
    ]);
  });

  test('starts never go back, whatever the pours', () => {
    const pour = fc.record({
      role: fc.constantFrom(...pourRoles),
      wait: fc.constantFrom(undefined, '1 min', '3 h', '2 days'),
    });
    fc.assert(
      fc.property(fc.array(pour, { minLength: 1, maxLength: 6 }), (pours) => {
        const found = joins(18, ...pours);
        const { startsMin, doneMin } = jobTimes(
          pours.map(() => times(0, 600)),
          found,
        );
        startsMin.forEach((startMin, index) => {
          if (index > 0) expect(startMin!).toBeGreaterThanOrEqual(startsMin[index - 1]!);
        });
        expect(doneMin).toBeCloseTo(startsMin.at(-1)! + 600, 6);
      }),
    );
  });
});
