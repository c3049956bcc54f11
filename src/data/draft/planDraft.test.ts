import { demoMoulds } from '../demo/demoMoulds';
import { demoResins } from '../demo/demoResins';
import { newJobDraft } from './jobDraft';
import { emptyPart } from './partDraft';
import { planDraft } from './planDraft';
import { quickDraft } from './quickDraft';

const shelf = { resins: demoResins, moulds: demoMoulds };
const [slowClear, tableCoat] = demoResins;
if (slowClear === undefined || tableCoat === undefined) throw new Error('the demo has no resins');

test('a new job is not a plan yet, and says what is missing', () => {
  const { plan, problems } = planDraft(newJobDraft(slowClear), shelf);
  expect(plan).toBeUndefined();
  expect(problems.map(({ code, field }) => [field, code]).sort()).toEqual([
    ['measure.parts[0].depth', 'missing'],
    ['measure.parts[0].length', 'missing'],
    ['measure.parts[0].width', 'missing'],
  ]);
});

test('a problem that only the plan can see is told at its field', () => {
  const draft = {
    ...newJobDraft(slowClear),
    name: 'Cup',
    measure: { parts: [{ ...emptyPart('cylinder'), diameter: '60 mm', depth: '40 mm' }] },
    pours: [{ resin: slowClear, layers: { heights: ['50 mm'] } }],
  };
  expect(planDraft(draft, shelf).problems).toEqual([
    expect.objectContaining({ code: 'height-above-top', field: 'pours[0].layers.heights[0]' }),
  ]);
});

test.each([
  ['500 g', '1', 333.3, 166.7, 1],
  ['500 g', '3', 333.3, 166.7, 3],
  ['1 l', '1', 699.3, 349.7, 1],
])('quick mix: %s × %s', (amount, batches, aG, bG, count) => {
  const { plan: whole } = planDraft(quickDraft({ amount, batches, resinId: '' }, tableCoat), shelf);
  const plan = whole?.pours[0];
  expect(plan?.batches[0]?.count).toBe(count);
  expect(plan?.batches[0]?.a.g).toBeCloseTo(aG, 1);
  expect(plan?.batches[0]?.b.g).toBeCloseTo(bG, 1);
  expect(plan?.a.g).toBeCloseTo(aG * count, 0);
});
