import type { HeatAdvice } from '../core/plan/heat/adviseHeat';
import type { CureMarks } from '../core/thermal/cureMarks';
import type { HeatPlan, PlannedHeat } from '../core/plan/heat/heatOfPlan';
import {
  hottestLayer,
  sayAdvice,
  sayAssumed,
  sayBand,
  sayBucket,
  sayCalibration,
  sayClock,
  sayForm,
  sayFormBears,
  sayHard,
  sayHere,
  sayLayerTimes,
  sayNoHeat,
  sayPace,
  sayPeak,
  sayPeakAbout,
  sayMarks,
  sayPeakTime,
} from './heat';

/** Spaces that hold a figure and its unit together, made plain for reading. */
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

const layer: PlannedHeat = {
  peakC: { low: 46.9, mid: 61.7, high: 83.4 },
  peakH: 10.9,
  gelH: 9.96,
  gelAllH: 13.5,
  tackFreeH: 23,
  recoatH: { from: 13.5, to: 44 },
  demouldH: 46,
  keepsShapeH: 130,
  hardH: 258,
  softensNearC: 38.6,
  coldestSurfaceC: 19,
  alphaEnd: 0.927,
  band: 'warm',
  onEdge: true,
  ranges: undefined,
  ceilingC: 173,
  pouredH: 0,
  demouldByLabel: false,
  peakAtMin: 296.9,
  asleep: true,
  formBearsC: undefined,
};

test('a time is told with how far it may be off, or that it may not come', () => {
  const all = (range: { low: number | null; mid: number | null; high: number | null }) =>
    Object.fromEntries(
      [
        'peakH',
        'gelH',
        'stickyFromH',
        'stickyToH',
        'tackFreeH',
        'demouldH',
        'keepsShapeH',
        'hardH',
      ].map((what) => [what, range]),
    ) as NonNullable<PlannedHeat['ranges']>;
  const rowsOf = (change: Partial<PlannedHeat>) =>
    Object.fromEntries(
      sayLayerTimes({ ...layer, ...change }).map(([name, value]) => [name, plain(value)]),
    );
  expect(rowsOf({})['Gels']).toBe('10 h');
  const open = rowsOf({ ranges: all({ low: 60, mid: 72, high: 96 }) });
  expect(open['Gels']).toBe('3 days (60 h to 4 days)');
  expect(rowsOf({ ranges: all({ low: 60, mid: 72, high: null }) })['Gels']).toBe(
    '3 days (60 h or later)',
  );
  expect(rowsOf({ ranges: all({ low: 60, mid: null, high: null }) })['Gels']).toBe(
    'not in this room, at the best after 60 h',
  );
  // Of the sticky window the part that is sure, or that none is.
  const sticky = (fromHigh: number, toLow: number) => {
    const ranges = all({ low: 1, mid: 2, high: 3 });
    return rowsOf({
      ranges: {
        ...ranges,
        stickyFromH: { low: 10, mid: 13.5, high: fromHigh },
        stickyToH: { low: toLow, mid: 44, high: 60 },
      },
    })['Sticky enough to pour on'];
  };
  expect(sticky(20, 30)).toBe('14 to 44 h, surely 20 to 30 h');
  expect(sticky(40, 30)).toContain('touch it');
});

test('a peak is a range in whole degrees', () => {
  expect(plain(sayPeak('deep-pour-epoxy', layer))).toBe('47 to 83 °C');
});

test('a runaway has no exact peak', () => {
  const lost = { ...layer, band: 'runaway', peakC: { low: 120, mid: 154, high: 160 } } as const;
  expect(plain(sayPeak('deep-pour-epoxy', lost))).toBe('runaway, above about 90 °C');
  const maybe = { ...layer, band: 'high', peakC: { low: 60, mid: 80, high: 130 } } as const;
  expect(plain(sayPeak('deep-pour-epoxy', maybe))).toBe('60 to above 90 °C');
  expect(plain(sayPeak('slow-polyurethane', maybe))).toBe('60 to above 115 °C');
});

test('when it peaks, and whether anybody is awake', () => {
  expect(plain(sayPeakTime('deep-pour-epoxy', layer))).toBe(
    'About 62 °C is likeliest, 11 h after it is poured, at 04:57: you will be asleep.',
  );
  expect(plain(sayPeakTime('deep-pour-epoxy', { ...layer, asleep: false, peakAtMin: 900 }))).toBe(
    'About 62 °C is likeliest, 11 h after it is poured, at 15:00.',
  );
  expect(plain(sayPeakTime('deep-pour-epoxy', { ...layer, peakAtMin: undefined }))).toBe(
    'About 62 °C is likeliest, 11 h after it is poured.',
  );
  expect(sayPeakTime('deep-pour-epoxy', { ...layer, peakH: undefined })).toContain(
    'too flat to say when',
  );
});

test.each([
  [0, '00:00'],
  [299.6, '05:00'],
  [1439.8, '00:00'],
  [1110, '18:30'],
])('%f min after midnight: %s', (minutes, clock) => {
  expect(sayClock(minutes)).toBe(clock);
});

test('a band says what it means, and the edge what moves it', () => {
  expect(sayBand(layer)).toContain('fine for most pieces');
  expect(sayBand(layer)).toContain('is borderline');
  expect(sayBand({ ...layer, onEdge: false, band: 'easy' })).not.toContain('edge');
});

test('no temperature is told above what all of the heat would come to', () => {
  expect(plain(sayHere(172.4, 173))).toBe('172 °C');
  expect(plain(sayHere(190, 173))).toBe('above 173 °C');
});

test('hard, or never in this room', () => {
  expect(plain(sayHard(layer))).toBe(
    'Hard after about 11 days. After 30 days it softens near 39 °C.',
  );
  const cold = { ...layer, hardH: undefined, softensNearC: 18.4 };
  expect(plain(sayHard(cold))).toContain('keeps its shape and does not get hard');
  expect(plain(sayHard({ ...cold, keepsShapeH: undefined }))).toContain(
    'it stays soft: after 30 days it softens near 18 °C',
  );
  const told = plain(sayHard(cold, { roomC: 20.3, warmDay: { softensNearC: 36.2 } }));
  expect(told).toContain('24 h at 40 °C at the end would bring that to 36 °C.');
  expect(told).toContain('A room of 21 °C would make it hard.');
});

test('a form that will not bear it', () => {
  expect(sayFormBears(layer)).toBe('');
  expect(plain(sayFormBears({ ...layer, formBearsC: 75 }))).toContain('stands 75 °C');
});

test.each<[HeatAdvice['code'], HeatAdvice['data'], string]>([
  ['cooler-room', { byK: 4, roomC: 19 }, 'Room 4 °C cooler, 19 °C: 12 °C less, about 50 °C'],
  ['fan', {}, 'A fan until it has peaked: 12 °C less, about 50 °C'],
  ['blocks', {}, 'The form raised on blocks: 12 °C less, about 50 °C'],
  ['one-more-layer', { layers: 3, gapH: 12 }, '3 layers, 12 h apart: 12 °C less, about 50 °C'],
  ['resin', { name: 'Slower' }, 'Slower instead: 12 °C less, about 50 °C'],
  [
    'mould',
    { solid: 'aluminium', thicknessMm: 3, whole: false },
    'A floor of aluminium, 3 mm: 12 °C less, about 50 °C',
  ],
])('advice: %s', (code, data, text) => {
  const advice = { code, data, peakC: 50, lessK: 12 } as HeatAdvice;
  expect(plain(sayAdvice(advice, 'deep-pour-epoxy'))).toBe(text);
});

test('how far a runaway goes is not told, whatever it is told beside', () => {
  const hot = { code: 'fan', data: {}, peakC: 98, lessK: 30 } as const;
  expect(plain(sayAdvice(hot, 'deep-pour-epoxy'))).toBe(
    'A fan until it has peaked: cooler, but still above about 90 °C',
  );
  expect(plain(sayAdvice(hot, 'slow-polyurethane'))).toContain('30 °C less, about 98 °C');
  expect(plain(sayPeakAbout('coating-epoxy', 203))).toBe('above about 90 °C');
});

test('times of the label that the model cannot follow are said', () => {
  const marks = { tackFree: 0.6, recoatFrom: 0.6, recoatTo: 0.8, demould: 0.8 };
  const held = (which: CureMarks['held']): string =>
    sayMarks({ ...marks, demouldOverGlassK: 8, hardMarginK: 10, fromLabel: which, held: which });
  expect(held([])).toBe('');
  expect(held(['tackFree', 'demould'])).toContain('tack-free, demoulding');
});

test('a label that contradicts itself is explained, with what is planned', () => {
  const verdict = { code: 'depth-too-large', labelMm: 50, peakC: 90, plannedMm: 38.4 } as const;
  const assumed = { massG: 150 };
  const text = plain(
    sayCalibration({ rateScale: 1, kappa: 0.6, heatJPerKg: 270_000, verdict, assumed }),
  );
  expect(text).toContain('should overheat at 50 mm');
  expect(text).toContain('Planning with 38 mm');
  expect(text).toContain('150 g in the cup assumed');
});

test.each(['no-pot-life', 'no-depth', 'agrees'] as const)('a label: %s', (code) => {
  const text = sayCalibration({
    rateScale: 1,
    kappa: 0.25,
    heatJPerKg: 270_000,
    verdict: { code },
    assumed: {},
  });
  expect(text).toMatch(/\.$/);
  expect(text.includes('assumed')).toBe(code === 'no-pot-life');
});

test.each([
  [1.05, 'As quick as is usual'],
  [2.19, '2.2 times as quick'],
  [0.5, '2 times as long'],
])('the pace of a card: %d', (rateScale, text) => {
  const verdict = { code: 'agrees' } as const;
  expect(sayPace({ rateScale, kappa: 0.25, heatJPerKg: 270_000, verdict, assumed: {} })).toContain(
    text,
  );
});

test('the bucket against its label', () => {
  const bucket = {
    massG: 1200,
    resinC: 23,
    pourableMin: 24.3,
    by: 'bucket',
    warmMin: 18.2,
    hotMin: 27.1,
    needsMin: 9.2,
    labelMin: 35,
    keptBack: 1 / 3,
    largestG: 2345,
  } as const;
  expect(sayBucket(bucket).map(plain)).toEqual([
    '1.2 kg stays pourable for about 25 min in the cup (label 35 min). Mixing and pouring take 9 min.',
    'At 40 °C after about 18 min: pour now. At 60 °C after about 25 min: take it outdoors.',
    'Batches up to 2.3 kg leave time to pour. A third of the time is held in reserve.',
  ]);
  const cool = { ...bucket, pourableMin: null, hotMin: null, keptBack: 0 };
  expect(sayBucket({ ...cool, largestG: Infinity }).map(plain)).toEqual([
    '1.2 kg stays pourable for 48 h in the cup. Mixing and pouring take 9 min.',
    'It never gets hot in the cup.',
    'Any batch leaves time to pour.',
  ]);
  const halved = sayBucket({ ...bucket, by: 'halving', hotMin: null }).map(plain);
  expect(halved[1]).toContain('no model of this resin in a bucket');
  expect(sayBucket({ ...bucket, by: 'family', labelMin: undefined })[1]).toContain('no pot life');
  expect(sayBucket({ ...bucket, by: 'nothing' })[1]).toContain('no pot life');
  expect(sayBucket({ ...bucket, largestG: undefined })[2]).toContain('No batch');
});

test('what does not apply says so', () => {
  expect(sayNoHeat({ told: false, code: 'no-depth', data: {} })).toContain('Measure the cavity');
  expect(sayNoHeat({ told: false, code: 'family-without-heat', data: { family: 'uv' } })).toContain(
    'a thick pour burns',
  );
  const polyester = { family: 'polyester' } as const;
  expect(plain(sayNoHeat({ told: false, code: 'family-without-heat', data: polyester }))).toContain(
    '120 to 180 °C',
  );
});

test('forms and assumptions are said', () => {
  expect(sayForm({ kind: 'cup', widthMm: 90, depthMm: 60, why: 'thickest-cylinder' })).toContain(
    'thickest place',
  );
  const plan = { assumed: ['resin-as-room', 'timber-sides'] } as unknown as HeatPlan;
  expect(plain(sayAssumed(plan))).toBe(
    'Assumed: resin as warm as the room, 40 mm timber at the sides.',
  );
  expect(sayAssumed({ ...plan, assumed: [] })).toBe('');
});

test('of several layers the hottest is told where there is room for one', () => {
  const cool = { ...layer, peakC: { low: 20, mid: 25, high: 30 } };
  expect(hottestLayer({ layers: [cool, layer, cool] } as unknown as HeatPlan)).toBe(layer);
});
