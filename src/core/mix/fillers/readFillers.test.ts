import type { MixProblems } from '../../codes/problems/mixProblems';
import * as fc from 'fast-check';
import { InputError } from '../../problem';
import { checkedOrThrow } from '../../schema/check';
import { fillerKindNames, fillerKindOf } from './fillerKinds';
import { fillersSchema, type Filler } from './fillersSchema';
import { readFillers, refuseOverHeap, resinShareOf } from './readFillers';

const read = (fillers: readonly object[], mixedMl: number) =>
  readFillers(checkedOrThrow(fillersSchema, fillers) as Filler[], mixedMl, 'fillers');

function refused(work: () => unknown): InputError {
  try {
    work();
  } catch (error) {
    if (!(error instanceof InputError)) throw error;
    return error;
  }
  throw new Error('it was read');
}

const sand = { kind: 'sand' };

describe('worked figures of sand, 2.65 g/ml in the grain and 1.60 in the heap', () => {
  test('120 g in a layer of 200 ml', () => {
    const [filler] = read([{ ...sand, mass: '120 g' }], 200);
    expect(filler!.share * 200).toBeCloseTo(45.28, 2);
    expect(resinShareOf([filler!]) * 200).toBeCloseTo(154.72, 2);
  });

  test('sand and resin at equal loose volumes for 200 ml', () => {
    const [filler] = read([{ ...sand, perResin: 1 }], 200);
    expect(resinShareOf([filler!]) * 200).toBeCloseTo(124.71, 2);
    expect(filler!.share * 200 * filler!.grainGPerMl).toBeCloseTo(199.53, 1);
  });

  test('no more than its loose heap packs: 60.4 % goes, a hair more does not, and the most is told', () => {
    const most = 1.6 / 2.65;
    expect(most).toBeCloseTo(0.604, 3);
    const [filler] = read([{ ...sand, share: '60.3 %' }], 200);
    expect(filler!.mostShare).toBeCloseTo(most, 12);
    const { code, field, data } = refused(() => read([{ ...sand, share: '60.5 %' }], 200));
    expect({ code, field }).toEqual({ code: 'filler-over-heap', field: 'fillers[0]' });
    const told = data as MixProblems['filler-over-heap'];
    expect(told.mostShare).toBeCloseTo(most, 12);
    // A heap of 200 ml weighs its bulk density times that.
    expect(told.mostG).toBeCloseTo(320, 9);
  });
});

describe('the ways in which an amount is said', () => {
  test.each([
    [{ mass: '160 g' }],
    [{ volume: '100 ml' }],
    [{ potBefore: '500 g', potAfter: '340 g' }],
    [{ share: `${(16000 / 2.65 / 400).toFixed(9)} %` }],
  ])('%j is 160 g in 400 ml', (amount) => {
    const [filler] = read([{ ...sand, ...amount }], 400);
    expect(filler!.share * 400 * filler!.grainGPerMl).toBeCloseTo(160, 5);
  });

  test('what is said against the resin shares what the others leave', () => {
    const [grains, beads] = read(
      [
        { ...sand, perResin: 0.5 },
        { kind: 'glass-beads', share: '10 %' },
      ],
      300,
    );
    const resinMl = resinShareOf([grains!, beads!]) * 300;
    expect(beads!.share).toBeCloseTo(0.1, 12);
    // Half a loose volume of sand to one of resin.
    expect((grains!.share * 300 * 2.65) / 1.6).toBeCloseTo(resinMl / 2, 9);
  });

  test.each([
    [{ ...sand }, 'no-filler-amount', 'fillers[0].mass'],
    [{ ...sand, mass: '10 g', share: '5 %' }, 'filler-said-twice', 'fillers[0].share'],
    [{ ...sand, potBefore: '100 g' }, 'missing', 'fillers[0].potAfter'],
    [{ ...sand, potBefore: '100 g', potAfter: '120 g' }, 'pot-not-lighter', 'fillers[0].potAfter'],
    [
      { ...sand, mass: '10 g', bulkDensity: '3 g/ml' },
      'heap-denser-than-grain',
      'fillers[0].bulkDensity',
    ],
    [{ kind: 'gravel', mass: '10 g' }, 'not-a-choice', 'fillers[0].kind'],
    [{ ...sand, mass: 'a handful' }, 'unreadable', 'fillers[0].mass'],
  ] as const)('%j is refused', (filler, code, field) => {
    const told = refused(() => {
      try {
        return read([filler], 200);
      } catch (error) {
        // The schema tells a place within the list, the reading a place within the job.
        if (error instanceof InputError && error.field.startsWith('['))
          throw error.at(`fillers${error.field}`);
        throw error;
      }
    });
    expect(told).toMatchObject({ code, field });
  });
});

test('a density of its own stands over the usual one, and is no longer assumed', () => {
  const [usual] = read([{ ...sand, mass: '10 g' }], 100);
  const [own] = read([{ ...sand, mass: '10 g', grainDensity: '2.5 g/ml' }], 100);
  expect([usual!.assumed, own!.assumed]).toEqual([true, false]);
  expect(own!.share).toBeCloseTo(10 / 2.5 / 100, 12);
});

test('a heap fills the mix once: two fillers share the room of their heaps', () => {
  const half = (kind: string, part: number) => {
    const { grainGPerMl, bulkGPerMl } = fillerKindOf(kind as 'sand');
    return { kind, share: `${((100 * part * bulkGPerMl) / grainGPerMl).toFixed(9)} %` };
  };
  expect(read([half('sand', 0.5), half('glass-beads', 0.49)], 100)).toHaveLength(2);
  expect(refused(() => read([half('sand', 0.5), half('glass-beads', 0.51)], 100))).toMatchObject({
    code: 'filler-over-heap',
    field: 'fillers[1]',
    data: { others: 1 },
  });
});

test.each(fillerKindNames)('%s: its heap is lighter than its grain, and holds voids', (kind) => {
  const { grainGPerMl, bulkGPerMl, heatCapacityJPerKgK, conductivityWPerMK } = fillerKindOf(kind);
  expect(bulkGPerMl).toBeLessThan(grainGPerMl * 0.75);
  expect(heatCapacityJPerKgK).toBeGreaterThan(0);
  expect(conductivityWPerMK).toBeGreaterThan(0);
});

describe('properties', () => {
  const anyFiller = fc.record({
    kind: fc.constantFrom(...fillerKindNames),
    part: fc.double({ min: 0.001, max: 0.2, noNaN: true }),
    way: fc.constantFrom('mass', 'share', 'volume', 'perResin'),
  });
  const said = ({ kind, part, way }: { kind: string; part: number; way: string }, ml: number) => {
    const { grainGPerMl, bulkGPerMl } = fillerKindOf(kind as 'sand');
    const share = (part * bulkGPerMl) / grainGPerMl;
    switch (way) {
      case 'mass':
        return { kind, mass: `${(share * ml * grainGPerMl).toFixed(6)} g` };
      case 'share':
        return { kind, share: `${(share * 100).toFixed(8)} %` };
      case 'volume':
        return { kind, volume: `${((share * ml * grainGPerMl) / bulkGPerMl).toFixed(6)} ml` };
      default:
        return { kind, perResin: Number(part.toFixed(6)) };
    }
  };

  test('resin and grains fill the mix, whatever is said and in which way', () => {
    fc.assert(
      fc.property(
        fc.array(anyFiller, { minLength: 1, maxLength: 4 }),
        fc.integer({ min: 50, max: 5000 }),
        (fillers, ml) => {
          const mixed = read(
            fillers.map((each) => said(each, ml)),
            ml,
          );
          const grains = mixed.reduce((sum, { share }) => sum + share, 0);
          expect(grains + resinShareOf(mixed)).toBeCloseTo(1, 12);
          const heaps = mixed.reduce((sum, { share, mostShare }) => sum + share / mostShare, 0);
          expect(heaps).toBeLessThanOrEqual(1 + 1e-9);
        },
      ),
    );
  });

  test('what is refused is more than what is told to be the most, and that goes', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...fillerKindNames),
        fc.double({ min: 1.001, max: 3, noNaN: true }),
        (kind, times) => {
          const [filler] = read([{ kind, share: '0.1 %' }], 100);
          const over = { ...filler!, share: filler!.mostShare * times };
          const { data } = refused(() => refuseOverHeap([over], 100, 'fillers'));
          const { mostShare } = data as MixProblems['filler-over-heap'];
          expect(mostShare).toBeLessThan(over.share);
          const most = { ...filler!, share: mostShare };
          expect(() => refuseOverHeap([most], 100, 'fillers')).not.toThrow();
        },
      ),
    );
  });
});
