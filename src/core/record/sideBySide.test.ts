import { goodBatch, goodLayer, goodPour, recordOf } from '../diagnose/testRecord';
import { pieceFactsOf } from './sideBySide';

test('of its batches the furthest off, the shortest stirred and the latest poured are told', () => {
  const off = { ...goodBatch, id: 'layer-1/2', bG: 133, stirredMin: 2 };
  const facts = pieceFactsOf(
    recordOf({ ...goodPour, layers: [{ ...goodLayer, batches: [goodBatch, off] }] }),
  );
  expect(facts.offPercent).toBeCloseTo(-5, 9);
  expect(facts).toMatchObject({ stirredMin: 2, batches: 2, layers: 1, deepestMm: 20 });
  expect(facts.potShare).toBeCloseTo(20 / 60, 9);
});

test('what nobody noted is not there', () => {
  const facts = pieceFactsOf(
    recordOf({ ...goodPour, layers: [{ batches: [{ id: 'layer-1/1' }] }], readings: [] }),
  );
  expect(facts).toMatchObject({
    offPercent: undefined,
    stirredMin: undefined,
    potShare: undefined,
    peakC: undefined,
    mixedG: undefined,
  });
});
