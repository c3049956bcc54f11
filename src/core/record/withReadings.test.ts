import { mostReadings } from './recordSchema';
import { withReadings } from './withReadings';

const at = (...moments: readonly number[]) =>
  moments.map((moment) => ({ at: moment, c: 20, place: 'core' as const }));

test('readings come together in the order of time, each moment once', () => {
  expect(withReadings(at(10, 30), at(20, 30, 40)).map((each) => each.at)).toEqual([10, 20, 30, 40]);
});

test('more than a record keeps are refused, and nothing is left out', () => {
  const many = at(...Array.from({ length: mostReadings }, (_, moment) => moment));
  expect(withReadings([], many)).toHaveLength(mostReadings);
  expect(() => withReadings(at(-1), many)).toThrow(
    expect.objectContaining({ code: 'too-many-readings' }) as Error,
  );
});
