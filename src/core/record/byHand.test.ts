import harbour from '../../../docs/formats/harbour-shelf.record.json';
import { check } from '../schema/check';
import { emptyBatch, handOf, handSchema, newHand, pieceByHand, type Hand } from './byHand';
import { factsOf } from './recordFacts';
import { readRecord } from './recordFile';

const zone = 'Europe/London';
const given = { zone, cards: [], now: Date.UTC(2026, 4, 4) };
const piece = readRecord(harbour);
const problemsOf = (hand: Hand) =>
  check(handSchema, hand, { strip: false }).problems.map(
    ({ code, field }) => `${code} at ${field}`,
  );

test('what is opened and saved without a change is as it was, to the last digit', () => {
  const same = pieceByHand(handOf(piece, 0, zone), piece, given);
  const [{ byHand, ...pour }] = same.pours as [(typeof same.pours)[number]];
  expect(byHand).toBe(true);
  expect(JSON.parse(JSON.stringify(pour))).toEqual(JSON.parse(JSON.stringify(piece.pours[0])));
  expect({ ...same, pours: [] }).toEqual({ ...piece, pours: [] });
});

test('a lower layer that never was is taken out: the upper one keeps all that is known of it', () => {
  const [pour] = piece.pours;
  const [lower] = pour!.layers;
  const top = { ...lower!, joint: 'tacky' as const, peakC: 41, begunAt: lower!.begunAt! + 1 };
  const two = { ...piece, pours: [{ ...pour!, layers: [lower!, top] }] };
  const hand = handOf(two, 0, zone);
  const [kept] = pieceByHand({ ...hand, layers: [hand.layers[1]!] }, two, given).pours;
  expect(kept!.layers).toEqual([top]);
  expect(kept!.stood).toBeUndefined();
});

test('what was nothing may be saved as nothing', () => {
  const [pour] = piece.pours;
  const [layer, ...others] = pour!.layers;
  const [batch, ...more] = layer!.batches;
  const nothing = { ...batch!, leftG: 0, stirredMin: 0.003, pouredAt: batch!.metAt };
  const scraped = {
    ...piece,
    pours: [{ ...pour!, layers: [{ ...layer!, batches: [nothing, ...more] }, ...others] }],
  };
  const same = pieceByHand(handOf(scraped, 0, zone), scraped, given);
  expect(same.pours[0]!.layers[0]!.batches[0]).toEqual(nothing);
});

test('a piece that was made without the bench: 412 g of A and a quarter of a kilogram of B, nine in the morning', () => {
  const made = pieceByHand(
    {
      ...newHand(undefined),
      name: 'Shelf of before',
      made: '2026-03-02T09:00',
      resin: 'Old stock',
      room: '61 F',
      layers: [
        {
          depth: '3/4 in',
          begun: '2026-03-02T09:00',
          batches: [{ ...emptyBatch, a: '412 g', b: '1/4 kg', stirred: '4 min', inCup: '25 min' }],
        },
      ],
    },
    undefined,
    given,
  );
  const [{ record, offPercent }] = factsOf(made).batches as [
    ReturnType<typeof factsOf>['batches'][number],
  ];
  expect(record.id).toBe('layer-1/1');
  expect(record.aG).toBe(412);
  expect(record.bG).toBe(250);
  expect((record.pouredAt! - record.metAt!) / 60_000).toBe(25);
  // Without a card nothing tells its ratio.
  expect(offPercent).toBeUndefined();
  expect(made.madeAt).toBe(Date.UTC(2026, 2, 2, 9));
  expect(made.pours[0]!.roomC).toBeCloseTo(16.11, 2);
  expect(made.pours[0]!.layers[0]!.depthMm).toBeCloseTo(19.05, 6);
  expect(made.pours[0]!.layers[0]!.begunAt).toBe(made.madeAt);
});

test('a batch that is taken out is gone, one that is added has an id of its own', () => {
  const hand = handOf(piece, 0, zone);
  const [layer, ...others] = hand.layers;
  const changed = pieceByHand(
    {
      ...hand,
      layers: [
        { ...layer!, batches: [layer!.batches[1]!, { ...emptyBatch, a: '100 g' }] },
        ...others,
      ],
    },
    piece,
    given,
  );
  const ids = changed.pours[0]!.layers[0]!.batches.map(({ id }) => id);
  expect(ids).toEqual(['layer-1/2', 'layer-1/1']);
  expect(changed.pours[0]!.layers[0]!.batches[1]!.stirredMin).toBeUndefined();
});

test.each<[string, Partial<Hand>, string]>([
  ['no name', { name: ' ' }, 'no-name at name'],
  ['no resin', { resin: '' }, 'no-name at resin'],
  ['words for degrees', { room: 'warm' }, 'unreadable at room'],
  ['no such day', { made: '2026-02-31T09:00' }, 'not-a-moment at made'],
  ['a day before moments are counted', { made: '1912-04-14T09:00' }, 'not-a-moment at made'],
  ['out before it was poured', { out: '2026-01-01T09:00' }, 'done-before-pour at out'],
  [
    'an upper layer before the lower one',
    {
      layers: [
        { depth: '', begun: '2026-03-02T09:00', batches: [] },
        { depth: '', begun: '2026-03-01T09:00', batches: [] },
      ],
    },
    'layer-too-early at layers[1].begun',
  ],
])('%s is told at its field', (_, change, problem) => {
  const hand = {
    ...newHand({ name: 'Old stock', family: 'casting-epoxy' }),
    name: 'Shelf',
    layers: [{ depth: '20 mm', begun: '2026-03-02T09:00', batches: [emptyBatch] }],
  };
  expect(problemsOf(hand)).toEqual([]);
  expect(problemsOf({ ...hand, ...change })).toEqual([problem]);
});
