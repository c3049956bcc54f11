import type { PrepareLine } from '../core/prepare/prepareOf';
import { sayLine, sayLineReason, sayMoisture, sayWait } from './prepare';

const plain = (text: string): string => text.replace(/\u00a0/g, ' ');

/** A line with what its words need of it. */
const line = (code: PrepareLine['code'], data: object): PrepareLine =>
  ({ code, data }) as unknown as PrepareLine;

test.each<[PrepareLine, string]>([
  [line('dry-stock', {}), 'Read the timber with a moisture meter'],
  [line('dry-stock', { moisture: { reading: 0.117 } }), 'Timber at 11.7 %'],
  [line('clean-mould', { moulds: [] }), 'Clean the mould'],
  [line('clean-mould', { moulds: ['Knob row', 'Cleat'] }), 'Clean Knob row, Cleat'],
  [line('paint-dry', { paint: 'oil', days: 42 }), 'Let the oil paint dry, 42 days'],
  [
    line('seal-edges', { school: 'same-resin', faces: 'edges' }),
    'Seal the edges with the same resin',
  ],
  [
    line('seal-edges', { school: 'quick-epoxy', faces: 'faces' }),
    'Seal edges and faces with a quick epoxy',
  ],
  [line('spout-vents', { spoutMm: undefined, vents: 0 }), 'Set keys, spout and vents'],
  [line('spout-vents', { spoutMm: 12, vents: 1 }), 'Set the spout, 12 mm and one vent'],
  [line('spout-vents', { spoutMm: undefined, vents: 3 }), 'Set 3 vents'],
  [line('tools', { cups: 1, sticks: 0 }), 'Lay out one cup'],
  [line('tools', { cups: 6, sticks: 3 }), 'Lay out 6 cups and 3 sticks'],
  [line('drips', { gelMin: undefined }), 'Wipe drips under the edge at gel'],
])('%j', (said, words) => {
  expect(plain(sayLine(said))).toBe(words);
});

test.each<[PrepareLine, RegExp]>([
  [line('dry-stock', { stockMm: 40 }), /^Under 10 % it stays as it is; 40 mm thick is wetter/],
  [line('build-form', { braceEveryMm: undefined }), /^Straight and stiff/],
  [line('build-form', { braceEveryMm: 180 }), /^Brace its walls every 180 mm/],
  [line('hold-down', { bodies: 1 }), /^It floats once resin gets beneath/],
  [line('hold-down', { bodies: 4 }), /^4 of them float once/],
  [line('tools', { batches: 1 }), /^Counted from one batch\./],
  [line('tools', { batches: 7 }), /^Counted from 7 batches\./],
  [line('cover', { fanSaid: true }), /The fan you planned blows dust on it/],
  [line('level', { weightKg: 61, twoPeople: true }), /weighs 61 kg, and moving that takes two/],
])('%j, and why', (said, words) => {
  expect(plain(sayLineReason(said))).toMatch(words);
  expect(sayLineReason(said)).toMatch(/\.$/);
});

test.each([
  [{ verdict: 'dry', reading: 0.08, core: 0.081, waitWeeks: undefined }, 'Dry enough.'],
  [
    { verdict: 'damp', reading: 0.14, core: 0.183, waitWeeks: 9 },
    'Too damp: it will shrink away from the resin. Its middle is about 18.3 %. In the open air it takes about 9 more weeks.',
  ],
] as const)('%j', (judged, words) => {
  expect(plain(sayMoisture(judged as Parameters<typeof sayMoisture>[0]))).toBe(words);
});

test('a wait says how long at least, and how long at the most where there is such a thing', () => {
  expect(plain(sayWait({ fromMin: 180 } as Parameters<typeof sayWait>[0]))).toBe('then 3 h');
  expect(plain(sayWait({ fromMin: 180, toMin: 300 }))).toMatch(/^then .*3.*5 h, no longer$/);
});
