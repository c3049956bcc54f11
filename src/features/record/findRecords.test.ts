import type { PieceEntry } from '../../data/records/pieceEntry';
import { findRecords, namesIn, type Sought } from './findRecords';

const entry = (id: string, more: Partial<PieceEntry> = {}): PieceEntry => ({
  id,
  revision: 1,
  name: id,
  madeAt: 1000,
  job: undefined,
  resins: ['Slow clear'],
  lots: [],
  moulds: [],
  faults: [],
  rating: undefined,
  photos: [],
  mixedG: undefined,
  lostCost: undefined,
  cost: undefined,
  ...more,
});

const all = [
  entry('Tray', { rating: 5, madeAt: 3000 }),
  entry('Shelf', { faults: ['tacky', 'soft-spots'], rating: 2, lots: ['Clear 3'], madeAt: 2000 }),
  entry('Knobs', {
    resins: ['Knob casting', 'Slow clear'],
    moulds: ['Knobs, six'],
    faults: ['stuck'],
  }),
];
const found = (sought: Partial<Sought>): readonly string[] =>
  findRecords(all, { words: '', ...sought }).map(({ id }) => id);

test.each<[Partial<Sought>, readonly string[]]>([
  [{}, ['Tray', 'Shelf', 'Knobs']],
  [{ words: ' CLEAR 3 ' }, ['Shelf']],
  [{ words: 'clear shelf' }, ['Shelf']],
  [{ words: 'tacky' }, ['Shelf']],
  [{ words: 'six' }, ['Knobs']],
  [{ words: 'nothing like it' }, []],
  [{ resin: 'Knob casting' }, ['Knobs']],
  [{ fault: 'any' }, ['Shelf', 'Knobs']],
  [{ fault: 'none' }, ['Tray']],
  [{ fault: 'stuck' }, ['Knobs']],
  [{ lot: 'Clear 3' }, ['Shelf']],
  [{ mould: 'Knobs, six', resin: 'Slow clear' }, ['Knobs']],
  [{ mould: 'Other' }, []],
  [{ rating: 2 }, ['Tray', 'Shelf']],
  [{ from: 2000, to: 3000 }, ['Tray', 'Shelf']],
  [{ from: 2000, fault: 'any' }, ['Shelf']],
])('%j', (sought, expected) => {
  expect(found(sought)).toEqual(expected);
});

test('resins are offered by how many records they are in, lots and moulds alike', () => {
  expect(namesIn(all, 'lots')).toEqual(['Clear 3']);
  expect(namesIn(all, 'moulds')).toEqual(['Knobs, six']);
  expect(namesIn(all, 'resins')).toEqual(['Slow clear', 'Knob casting']);
});
