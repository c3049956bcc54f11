import type { EvidenceCodes, Notable } from '../core/codes/evidenceCodes';
import type { Coded } from '../core/codes/coded';
import { causeCodes } from '../core/diagnose/causeCodes';
import { causeWords, faultNames, faultPlaceNames, notableNames, sayEvidence } from './diagnosis';

const plain = (text: string): string => text.replace(/\u00a0/g, ' ');

test.each<[Coded<EvidenceCodes>, string]>([
  [{ code: 'batch-off-ratio', data: { batch: 2, percent: 4.2 } }, 'Batch 2 was 4.2 % over in B'],
  [{ code: 'batch-off-ratio', data: { batch: 2, percent: -4.2 } }, 'Batch 2 was 4.2 % short of B'],
  [
    { code: 'ratios-fine', data: { worstPercent: 0.01 } },
    'Every batch was weighed within 0.1 % of its ratio',
  ],
  [
    { code: 'stirred-short', data: { batch: 1, min: 1.5, wantedMin: 4 } },
    'Batch 1 was stirred for 1.5 min, and wants 4 min',
  ],
  [
    { code: 'room-cold', data: { roomC: 15.4, wantedC: 20 } },
    'The room was at 15 °C; from 20 °C on it cures as its label says',
  ],
  [
    { code: 'lot-old', data: { lot: 'TC 118', months: 13.6 } },
    'The lot TC 118 had been open for 14 months',
  ],
  [{ code: 'lots-fresh', data: { months: 0.4 } }, 'Lots were new'],
  [{ code: 'lots-fresh', data: { months: 3.1 } }, 'No lot had been open for more than 4 months'],
  [
    { code: 'pigment-over', data: { percent: 7, limitPercent: 5 } },
    '7 % of pigment, and it bears 5 %',
  ],
  [
    { code: 'peak-read', data: { c: 96, mostC: 70 } },
    'A thermometer read 96 °C; past 70 °C it is rubber at its peak',
  ],
  [
    { code: 'deeper-than-bears', data: { layer: 1, depthMm: 62, greatestMm: 50 } },
    'Layer 1 was 62 mm deep, and its label allows 50 mm',
  ],
  [
    { code: 'passes-missed', data: { layer: 2, count: 1 } },
    'A bubble pass over layer 2 was missed',
  ],
  [
    { code: 'passes-missed', data: { layer: 2, count: 3 } },
    '3 bubble passes over layer 2 were missed',
  ],
  [
    {
      code: 'layer-in-bad-zone',
      data: { layer: 2, afterMin: 900, toMin: 600, scuffFromMin: 1440 },
    },
    'Layer 2 was poured 15 h after the one under it: too firm to bond, and too soft to scuff before 24 h',
  ],
  [
    { code: 'pressed-otherwise', data: { pressureKPa: 280, mouldPressureKPa: 0 } },
    'Cast at 2.8 bar (41 psi) in a mould made in the open',
  ],
  [
    { code: 'rubber-thin', data: { wallMm: 7.44, leastMm: 10 } },
    'Rubber was 7.4 mm thin, under 10 mm',
  ],
  [{ code: 'filler-little', data: { percent: 0 } }, 'No filler was in it'],
  [{ code: 'mould-worn', data: { castings: 41 } }, 'The mould had made 41 castings'],
])('%j', (says, words) => {
  expect(plain(sayEvidence(says))).toBe(words);
});

test('every cause has its own words, in whole sentences of no figure that is none', () => {
  expect(Object.keys(causeWords).toSorted()).toEqual([...causeCodes].toSorted());
  const names = causeCodes.map((code) => causeWords[code].name);
  expect(new Set(names).size).toBe(names.length);
  for (const { name, settle, rescue, nextTime } of Object.values(causeWords)) {
    expect(name).toMatch(/^[A-Z].*[^.]$/);
    for (const sentence of [settle, rescue, nextTime]) expect(sentence).toMatch(/^[A-Z].*\.$/);
  }
});

test.each<[string, Readonly<Record<string, string>>]>([
  ['faults', faultNames],
  ['places', faultPlaceNames],
  ['what to note', notableNames satisfies Readonly<Record<Notable, string>>],
])('%s are called by names of their own', (_, names) => {
  const said = Object.values(names);
  expect(new Set(said).size).toBe(said.length);
  for (const name of said) expect(name).toMatch(/^\S.*[a-z]$/);
});
