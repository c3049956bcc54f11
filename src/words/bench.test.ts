import { benchState } from '../core/bench/benchState';
import { isBatchLane } from '../core/bench/lanes';
import { pourResult } from '../core/bench/pourResult';
import { batchDone, copyOf, done } from '../core/bench/testBench';
import type { FillerAmount } from '../core/plan/planTypes';
import {
  sayClock,
  sayColouring,
  sayCup,
  sayDifference,
  sayHowPoured,
  sayLane,
  sayReadyLines,
  sayStirPrompt,
  sayWhere,
} from './bench';
import { sayBatchResult, sayResultHead } from './benchResult';
import { sayPhase, sayTrouble, sayWeighingNotice } from './instruments';

const plain = (text: string): string => text.replaceAll('\u00a0', ' ');
const copy = copyOf();
const pour = copy.plan.pours[0]!;
const [first, second] = benchState(copy, []).lanes.filter(isBatchLane);

test.each([
  [0, '0:00'],
  [1.6, '1:36'],
  [61, '1:01:00'],
  [-3, '0:00'],
])('%d min on a clock: %s', (min, text) => {
  expect(sayClock(min)).toBe(text);
});

test('which batch, which cup, where to and how', () => {
  expect(sayLane(first!, pour)).toBe('layer 1 · batch 1 of 2');
  expect(sayCup(pour.batches[0]!, 'one', false).map(plain)).toEqual([
    'Mixing cup, 625 ml. 500 ml go into it.',
    'Wipe out dust and hair first.',
  ]);
  expect(sayCup(pour.batches[0]!, 'own', false)[1]).toContain('a cup each for A and for B');
  expect(sayWhere(pour, first!).map(plain)).toEqual([
    'Up to about 10 mm; the layer ends at 20 mm.',
  ]);
  expect(sayWhere(pour, second!).map(plain)).toEqual(['Up to 20 mm.']);
  expect(sayHowPoured({ ...pour, role: 'castings' })[0]).toContain('Half full');
  expect(sayHowPoured({ ...pour, kind: 'covers' })[0]).toContain('From the middle');
});

test('what goes in last, and in which order', () => {
  const sand = { name: 'Sand', g: 120 } as FillerAmount;
  expect(sayColouring(pour, { ...pour.batches[0]!, fillers: [sand] }).map(plain)).toEqual([
    'Sand 120 g, last, a little at a time',
  ]);
});

test('prompts while it is stirred come in their order', () => {
  const prompts = [0, 0.4, 0.6, 0.8, 0.9, 2].map(sayStirPrompt);
  expect(new Set(prompts).size).toBe(5);
  expect(prompts[4]).toContain('dark ground');
});

test('before anything is mixed: what the list does not name, and a fire', () => {
  const nothing = { hasGear: true, hasLevel: true, hasCups: true };
  const none = { ...nothing, joint: undefined, torchAndAlcohol: false, onCoat: false };
  expect(sayReadyLines(none)).toEqual([]);
  expect(sayReadyLines({ ...none, onCoat: true }).map(({ id }) => id)).toEqual(['look']);
  const all = sayReadyLines({
    hasGear: false,
    hasLevel: false,
    hasCups: false,
    joint: 'scuff',
    torchAndAlcohol: true,
    onCoat: false,
  });
  expect(all.map(({ id }) => id)).toEqual(['scuffed', 'gloves', 'levelled', 'cups', 'fire']);
});

test('how it went, batch by batch', () => {
  const events = [
    done(0, 'layer-1/1:cup'),
    done(1, 'layer-1/1:part-a', { g: 438 }),
    done(2, 'layer-1/1:part-b', { g: 150.5 }),
    {
      at: 1_791_277_400_000,
      did: 'skipped' as const,
      step: 'layer-1/1:more-a',
      text: 'No time left',
    },
    done(4, 'layer-1/1:stir'),
    ...batchDone(10, 'layer-1/2'),
  ];
  const result = pourResult(copy, benchState(copy, events));
  expect(sayResultHead(result)).toEqual(['1 batch was over-poured.', 'Nothing was late.']);
  const words = sayBatchResult(result.batches[0]!, true);
  expect(words.title).toBe('Layer 1, batch 1 of 2');
  expect(plain(`${words.weights.a} ${words.weights.b} ${words.weights.planned}`)).toBe(
    '438.0 g 150.5 g 420.0 g + 140.0 g',
  );
  expect(words.lines.map(({ text }) => plain(text))).toEqual([
    'A was 18.0 g over 420.0 g.',
    'B was 4.5 g over 146.0 g.',
    'In the end B was 3.1 % over.',
    'Stirred 40 s of 3 min.',
    'Skipped: more a (no time left).',
  ]);
});

test('what a newer plan says otherwise', () => {
  expect(
    plain(
      sayDifference({
        code: 'batch',
        layer: 1,
        from: { count: 2, onScale: pour.batches[0]!.onScale },
        to: { count: 3, onScale: { ...pour.batches[0]!.onScale, aG: 421, bG: 140.3 } },
      }),
    ),
  ).toBe('Layer 2: 3 × 421.0 + 140.3 g, no longer 2 × 420.0 + 140.0 g.');
});

test('what the scale makes one do', () => {
  expect(sayPhase('bare', 0, 1)?.text).toContain('tare it');
  expect(sayPhase('cup', 31, 1)?.text).toBe('A cup of 31 g: tare the scale.');
  expect(sayPhase('lifted', 200, 0.1)).toEqual({
    text: 'The cup is off the scale. Put it back: it holds 200.0 g.',
    stop: true,
  });
  expect(sayPhase('pouring', 0, 1)).toBeUndefined();
  expect(sayWeighingNotice({ code: 'back', differenceG: 0.5 }, 0.1)).toBeUndefined();
  expect(sayWeighingNotice({ code: 'back', differenceG: -12 }, 0.1)).toContain('12.0 g less');
  expect(sayTrouble('scale', 'trouble', 'lost')).toContain('Go on by hand');
  expect(sayTrouble('thermometer', 'opening', undefined)).toBe('Waiting for the thermometer.');
});
