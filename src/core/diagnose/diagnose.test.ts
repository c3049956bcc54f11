import * as fc from 'fast-check';
import { causeWords, faultNames, sayEvidence } from '../../words/diagnosis';
import { faultKinds, type FaultKind } from '../record/faults';
import { factsOf } from '../record/recordFacts';
import { causeCodes, type CauseCode } from './causeCodes';
import { ruleOf } from './causes';
import { diagnose } from './diagnose';
import { after, goodPour, pourWith, recordOf, secondLayer } from './testRecord';
import { runs } from '../../testing/campaign';

const weightOf = (
  code: CauseCode,
  pour: object | undefined,
  ...faults: readonly FaultKind[]
): number =>
  diagnose(recordOf(pour, ...faults)).causes.find((cause) => cause.code === code)?.weight ?? 0;

/** A bare pour: nobody noted anything. */
const bare = { resin: 'Deep clear', family: 'deep-pour-epoxy' };

/** Each cause with a fault that it brings, a record that speaks for it, the code by which it does, and one that speaks against it. */
const bothWays: readonly (readonly [CauseCode, FaultKind, object, string, object])[] = [
  ['ratio-off', 'tacky', pourWith({}, {}, { bG: 148.4 }), 'batch-off-ratio', goodPour],
  [
    'badly-mixed',
    'soft-spots',
    pourWith({}, {}, { stirredMin: 70 / 60 }),
    'stirred-short',
    goodPour,
  ],
  [
    'badly-mixed',
    'soft-spots',
    pourWith({}, {}, { secondCup: false, stirredMin: undefined }),
    'one-cup',
    goodPour,
  ],
  ['too-cold', 'bendable', pourWith({ roomC: 14 }), 'room-cold', goodPour],
  [
    'out-of-date',
    'tacky',
    pourWith({ lots: [{ name: 'Old', part: 'b', opened: '2025-03-01' }] }),
    'lot-old',
    goodPour,
  ],
  [
    'out-of-date',
    'tacky',
    pourWith({ lots: [{ name: 'Old', part: 'b', bestBefore: '2026-01-01' }] }),
    'lot-past-date',
    goodPour,
  ],
  ['too-much-pigment', 'tacky', pourWith({ pigmentPercent: 7 }), 'pigment-over', goodPour],
  ['too-thin', 'bendable', pourWith({ roomC: undefined }, { depthMm: 3 }), 'layer-thin', goodPour],
  [
    'too-hot',
    'cracks',
    pourWith({ readings: [{ at: after(300), c: 96, place: 'core' }] }),
    'peak-read',
    goodPour,
  ],
  ['too-hot', 'yellowed', pourWith({ readings: [] }, { peakC: 90 }), 'peak-planned', goodPour],
  ['too-hot', 'cracks', pourWith({}, { depthMm: 70 }), 'deeper-than-bears', goodPour],
  ['too-hot', 'smoked', pourWith({}, {}, { heatedAt: after(15) }), 'heating-noted', goodPour],
  [
    'poured-late',
    'bubbles-throughout',
    pourWith({}, {}, { pouredAt: after(54) }),
    'poured-late',
    goodPour,
  ],
  [
    'whipped',
    'bubbles-throughout',
    pourWith({}, {}, { restSkipped: true }),
    'rest-left-out',
    goodPour,
  ],
  [
    'too-much-filler',
    'bubbles-throughout',
    pourWith({ fillerShare: 0.55 }),
    'filler-much',
    goodPour,
  ],
  [
    'timber-unsealed',
    'bubbles-at-timber',
    pourWith({ timberSealed: false }),
    'timber-bare',
    goodPour,
  ],
  [
    'timber-damp',
    'bubbles-at-timber',
    pourWith({ timberMoisturePercent: 16 }),
    'timber-damp',
    goodPour,
  ],
  [
    'edges-not-worked',
    'bubbles-at-edges',
    pourWith({}, { bubblePasses: [{ dueAt: after(35) }] }),
    'passes-missed',
    goodPour,
  ],
  [
    'edges-not-worked',
    'bubbles-at-edges',
    pourWith({}, { bubblePasses: [{ dueAt: after(35), doneAt: after(65) }] }),
    'passes-late',
    goodPour,
  ],
  [
    'layer-too-late',
    'line-between-layers',
    secondLayer(40 * 60),
    'layer-late',
    secondLayer(8 * 60),
  ],
  ['bad-zone', 'delaminated', secondLayer(40 * 60), 'layer-in-bad-zone', secondLayer(8 * 60)],
  [
    'bad-zone',
    'delaminated',
    secondLayer(40 * 60, { joint: 'scuff', window: { fromMin: 60 * 60 } }),
    'layer-in-bad-zone',
    secondLayer(70 * 60, { joint: 'scuff', window: { fromMin: 60 * 60 } }),
  ],
  ['layer-too-early', 'wrinkles', secondLayer(3 * 60), 'layer-early', secondLayer(8 * 60)],
  ['dust-between', 'line-between-layers', pourWith({ covered: false }), 'uncovered', goodPour],
  [
    'worked-too-early',
    'gummy-planing',
    pourWith({ machinedAt: after(2 * 24 * 60) }),
    'machined-early',
    goodPour,
  ],
  [
    'oil-or-silicone',
    'craters',
    pourWith({ surfaceCleaned: false }),
    'surface-not-cleaned',
    goodPour,
  ],
  [
    'oil-or-silicone',
    'craters',
    pourWith({ looks: [{ at: 0, layer: 0, surface: 'craters' }] }),
    'coat-cratered',
    goodPour,
  ],
  ['form-leaked', 'leaked', pourWith({ formSealed: false }), 'form-not-sealed', goodPour],
  ['not-held', 'floated', pourWith({ heldDown: false }), 'not-held-down', goodPour],
  ...(
    [
      [
        'cure-poisoned',
        'tacky',
        'silicone-platinum',
        { curedOn: 'latex' },
        'cured-on-poison',
        { curedOn: 'metal' },
      ],
      [
        'mould-pressed-otherwise',
        'warts',
        'fast-polyurethane',
        { pressureKPa: 276, mouldPressureKPa: 0 },
        'pressed-otherwise',
        { pressureKPa: 276, mouldPressureKPa: 276 },
      ],
      [
        'pot-opened-early',
        'bubbles-throughout',
        'fast-polyurethane',
        { potHeldMin: 5, potNeededMin: 20 },
        'pot-opened-early',
        { potHeldMin: 30, potNeededMin: 20 },
      ],
      [
        'light-stopped',
        'soft-below',
        'uv',
        { lightBlocked: true },
        'light-blocked',
        { lightBlocked: false },
      ],
      [
        'light-stopped',
        'tacky',
        'uv',
        { lampLeftOut: true },
        'lamp-left-out',
        { lightBlocked: false },
      ],
      ['wall-thin', 'torn', 'silicone-tin', { wallMm: 6 }, 'rubber-thin', { wallMm: 14 }],
    ] as const
  ).map(([cause, fault, family, against, code, well]): (typeof bothWays)[number] => [
    cause,
    fault,
    { ...bare, family, special: against },
    code,
    { ...bare, family, special: well },
  ]),
  ['no-release', 'stuck', pourWith({ released: false }), 'no-release', goodPour],
  [
    'mould-worn',
    'stuck',
    pourWith({ mould: { name: 'Old', castingsBefore: 60 } }),
    'mould-worn',
    goodPour,
  ],
  ['damp-air', 'haze', pourWith({ humidityPercent: 82 }), 'damp', goodPour],
  ['tint-by-depth', 'colour-muddy', pourWith({ tintTriedMm: 5 }), 'tint-tried-otherwise', goodPour],
];

test.each(bothWays)(
  '%s of %s: what speaks for it, and what against',
  (code, fault, pour, says, other) => {
    const found = diagnose(recordOf(pour, fault)).causes.find((cause) => cause.code === code);
    expect(found?.for.map((each) => each.code)).toContain(says);
    found!.for.forEach((each) => expect(sayEvidence(each)).not.toMatch(/undefined|NaN/));
    const unknown = ruleOf(code).faults[fault]!;
    expect(found!.weight).toBeGreaterThan(unknown);
    const against = diagnose(recordOf(other, fault)).causes.find((cause) => cause.code === code);
    expect(against?.weight ?? 0).toBeLessThan(unknown);
    against?.against.forEach((each) => expect(sayEvidence(each)).not.toMatch(/undefined|NaN/));
    expect(against?.for ?? []).toEqual([]);
  },
);

test('every cause that looks at something is tried both ways, and every fault has a cause', () => {
  const tried = new Set(bothWays.map(([code]) => code));
  // These have nothing that would speak for them: only without pigment there are no clumps of it.
  const silent = new Set<CauseCode>(['pigment-clumps', 'stirred-in-too-early']);
  expect(causeCodes.filter((code) => !tried.has(code) && !silent.has(code))).toEqual([]);
  for (const fault of faultKinds) {
    expect(causeCodes.some((code) => ruleOf(code).faults[fault] !== undefined)).toBe(true);
    expect(faultNames[fault]).not.toBe('');
  }
  expect(Object.keys(causeWords)).toEqual(causeCodes);
  expect(weightOf('pigment-clumps', pourWith({ pigmentPercent: 0 }), 'soft-spots')).toBeLessThan(
    0.02,
  );
});

test('the words of the workshop: 6 % over in B, stirred for 70 s, a room at 14 °C, open for 14 months', () => {
  const pour = {
    ...pourWith(
      { roomC: 14, lots: [{ name: 'Clear 3', part: 'b', opened: '2025-03-01' }] },
      {},
      { stirredMin: 70 / 60 },
    ),
  };
  const { layers } = goodPour;
  const second = { ...layers[0]!.batches[0]!, id: 'layer-1/2', bG: 148.4 };
  const record = recordOf(
    {
      ...pour,
      layers: [
        { ...layers[0]!, batches: [{ ...layers[0]!.batches[0]!, stirredMin: 70 / 60 }, second] },
      ],
    },
    'tacky',
  );
  const { causes } = diagnose(record);
  const said = causes
    .flatMap((cause) => cause.for.map(sayEvidence))
    .map((text) => text.replaceAll('\u00a0', ' '));
  expect(said).toContain('Batch 2 was 6 % over in B');
  expect(said).toContain('Batch 1 was stirred for 70 s, and wants 5 min');
  expect(said).toContain('The room was at 14 °C; from 21 °C on it cures as its label says');
  expect(said).toContain('The lot Clear 3 had been open for 14 months');
  expect(causes[0]!.code).toBe('ratio-off');
});

test('two faults together point at one cause, where it brings both', () => {
  const timber = (...faults: readonly FaultKind[]) =>
    diagnose(recordOf(goodPour, ...faults)).causes;
  expect(
    weightOf(
      'timber-unsealed',
      { ...bare, roomC: 22, timberSealed: false },
      'bubbles-at-timber',
      'colour-bled',
    ),
  ).toBeGreaterThan(
    weightOf('timber-unsealed', { ...bare, roomC: 22, timberSealed: false }, 'bubbles-at-timber'),
  );
  expect(timber('tacky').map(({ code }) => code)).not.toContain('timber-unsealed');
  // Each alone has a likelier cause; both together come of the cold.
  const cool = { ...bare, roomC: 17 };
  expect(diagnose(recordOf(cool, 'tacky', 'bubbles-throughout')).causes[0]!.code).toBe('too-cold');
  expect(diagnose(recordOf(cool, 'tacky', 'bubbles-throughout')).causes[0]!.faults).toEqual([
    'tacky',
    'bubbles-throughout',
  ]);
});

test('a record with nothing in it: not enough, and three things to note', () => {
  for (const pour of [undefined, bare]) {
    const { causes, isEnough, noteNextTime } = diagnose(recordOf(pour, 'tacky', 'soft-spots'));
    expect([causes, isEnough]).toEqual([[], false]);
    expect(noteNextTime).toEqual(['stirring', 'pigment', 'weights']);
  }
  expect(diagnose(recordOf(undefined)).noteNextTime).toEqual(['weights', 'room', 'layer-times']);
  expect(diagnose(recordOf(goodPour)).causes).toEqual([]);
});

test('a ratio that nobody planned is held against the card', () => {
  const [batch] = factsOf(
    recordOf(pourWith({}, {}, { plannedAG: undefined, plannedBG: undefined, bG: 147 }), 'tacky'),
  ).batches;
  expect(batch!.offPercent).toBeCloseTo(5, 6);
  const unreadable = { ...goodPour.card, potLife: { time: '0 min' } };
  const pour = pourWith({ card: unreadable }, {}, { plannedAG: undefined, plannedBG: undefined });
  expect(() => recordOf(pour, 'tacky')).toThrow('not-positive');
});

test('a worse fault of the same kind counts once, at its worst', () => {
  const one = diagnose(recordOf(goodPour, { kind: 'tacky', severity: 3 }));
  const twice = diagnose(
    recordOf(goodPour, { kind: 'tacky', severity: 1 }, { kind: 'tacky', severity: 3 }),
  );
  expect(twice).toEqual(one);
});

test('weights are chances, in their order, whatever the faults', () => {
  fc.assert(
    fc.property(
      fc.uniqueArray(fc.constantFrom(...faultKinds)),
      fc.integer({ min: -5, max: 40 }),
      (faults, roomC) => {
        const { causes } = diagnose(recordOf(pourWith({ roomC }), ...faults));
        causes.forEach(({ weight }, at) => {
          expect(weight).toBeGreaterThan(0);
          expect(weight).toBeLessThan(1);
          expect(weight).toBeLessThanOrEqual(causes[at - 1]?.weight ?? 1);
        });
      },
    ),
    { numRuns: runs(200, 2000) },
  );
});
