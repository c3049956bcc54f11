import { planOne, readOne } from '../testing/planOne';
import exampleFile from '../../docs/formats/drawer-tray.job.json';
import {
  densityRule,
  lengthRule,
  overageRule,
  roomTemperatureRule,
  volumeRule,
} from '../core/quantity/rules';
import { sayProblem } from './problems';
import { sayReadBack } from './readBack';
import { sayReason } from './reasons';
import { sheetText } from './sheet';
import { sayWarning } from './warnings';

const job = readOne(exampleFile);
const plan = planOne(job);

test('a refusal says what is wrong and what would be right', () => {
  const data = { expected: ['length'], found: 'area', example: '300 mm' } as const;
  expect(sayProblem({ code: 'wrong-kind', value: '3 m2', data })).toBe(
    'That is an area; this wants a length. Write it like 300 mm.',
  );
});

test.each([
  ['1-1/4 in', lengthRule, '= 31.75\u00a0mm'],
  ['300 mm', lengthRule, undefined],
  ['1.10 g/ml', densityRule, undefined],
  ['1.1 kg/l', densityRule, '= 1.1\u00a0g/ml'],
  ['3*120 mm', lengthRule, '= 360\u00a0mm'],
  ['70 °F', roomTemperatureRule, '= 21.1\u00a0°C'],
  ['wide', lengthRule, undefined],
  ['1 l', volumeRule, '= 1000\u00a0ml'],
  ['10 %', overageRule, undefined],
] as const)('%s reads back', (typed, rule, expected) => {
  expect(sayReadBack(typed, rule as typeof lengthRule)).toBe(expected);
});

test('the sheet as text has every figure that is poured', () => {
  const text = sheetText(plan.whole).replaceAll('\u00a0', ' ');
  expect(text).toContain('Drawer tray');
  expect(text).toContain('To mix 2096 ml, 2289 g');
  expect(text).toContain('A 1572 ml, 1776 g');
  expect(text).toContain('B 524 ml, 513 g');
  expect(text).toContain('3 equal batches of 699 ml');
  expect(text).toContain('A 592 g (524 ml)');
  expect(text).toContain('B 171 g (175 ml)');
  expect(text).toContain('One cup: A to 592 g, then B until the scale reads 763 g.');
  expect(text).toContain('3 : 1 by volume, 100 : 28.91 by weight');
});

test('every reason and warning of a plan has words of its own', () => {
  const busy = planOne(
    {
      ...job,
      resin: { ...job.resin, id: 'gone', depth: { greatest: '20 mm' } },
      batches: 1,
      scaleStep: '100 g',
    },
    { resins: [], moulds: [] },
  );
  expect(busy.warnings.map(({ code }) => code).sort()).toEqual([
    'deeper-than-label',
    'over-container',
    'resin-not-on-shelf',
    'scale-over-need',
  ]);
  for (const warning of busy.warnings) expect(sayWarning(warning)).toMatch(/^[A-Z].*\.$/);
  for (const reason of [...plan.why, ...busy.why])
    expect(sayReason(reason)).toMatch(/^[A-Z0-9].*\.$/);
});
