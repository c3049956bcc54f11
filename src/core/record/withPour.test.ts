import { goodPour, noon, recordOf } from '../diagnose/testRecord';
import type { PourRecord } from './recordSchema';
import { withPour } from './withPour';

const [pour] = recordOf(goodPour).pours as [PourRecord];
const fill: PourRecord = { ...pour, live: 'live-1' };
const coat: PourRecord = { ...pour, live: 'live-2', name: 'Coat' };
const of = { name: 'Tray', job: 'job-1', startedAt: noon };

test('the first pour makes the record, the next one joins it, and the same one is renewed', () => {
  const first = withPour(undefined, fill, of);
  expect(first).toMatchObject({ name: 'Tray', job: 'job-1', madeAt: noon, faults: [], notes: '' });
  const both = withPour(first, coat, of);
  expect(both.pours.map(({ live }) => live)).toEqual(['live-1', 'live-2']);
  const warmer = withPour(both, { ...fill, roomC: 25 }, of);
  expect(warmer.pours.map(({ roomC }) => roomC)).toEqual([25, 22]);
  expect(withPour(warmer, { ...fill, roomC: 25 }, of)).toEqual(warmer);
});

test('what a person said of it stays; what was read comes to it once, in the order of its times', () => {
  const said: PourRecord = {
    ...fill,
    humidityPercent: 71,
    lots: [{ name: 'June', part: 'b' }],
    seen: [{ at: noon + 5, layer: 0, test: 'glove', state: 'tacky' }],
  };
  const before = withPour(undefined, said, of);
  const reading = { at: noon + 1, c: 24, place: 'core' } as const;
  const { humidityPercent: _, ...bench } = fill;
  const now: PourRecord = {
    ...bench,
    lots: [],
    seen: [],
    looks: [],
    drops: [],
    said: [],
    readings: [...fill.readings, reading],
  };
  const [after] = withPour(before, now, of).pours;
  expect(after).toMatchObject({ humidityPercent: 71, lots: said.lots, seen: said.seen });
  expect(after!.readings).toEqual([reading, ...fill.readings]);
});

test('what a person said was not done stays so, whatever the list of preparations says', () => {
  const before = withPour(undefined, { ...fill, timberSealed: false, said: ['timberSealed'] }, of);
  const [after] = withPour(before, { ...fill, timberSealed: true, covered: true }, of).pours;
  expect(after).toMatchObject({ timberSealed: false, covered: true, said: ['timberSealed'] });
});

test('a pour that was put right by hand keeps its figures', () => {
  const before = withPour(undefined, { ...fill, roomC: 17, byHand: true }, of);
  const reading = { at: noon + 1, c: 24, place: 'core' } as const;
  const [after] = withPour(before, { ...fill, readings: [reading] }, of).pours;
  expect(after!.roomC).toBe(17);
  expect(after!.readings).toHaveLength(2);
});
