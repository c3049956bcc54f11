import { givenBack } from '../../core/coats/givenBack';
import { coatsToCome } from '../../core/coats/coatsToCome';
import { demoJobs } from '../demo/demoJobs';
import { demoMoulds } from '../demo/demoMoulds';
import { demoResins } from '../demo/demoResins';
import type { JobDraft, PourDraft } from './jobDraft';
import { planDraft } from './planDraft';
import { withoutCoats } from './withoutCoats';

const shelf = { resins: demoResins, moulds: demoMoulds };
const planOf = (draft: JobDraft) => planDraft(draft, shelf).plan!;
const demo = (id: string): JobDraft => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  return JSON.parse(JSON.stringify(job)) as JobDraft;
};
const coating = demoResins.find(({ id }) => id === 'demo-table-coat')!;

/** A board of 400 × 300 mm under one coat of so many layers. */
const board = (thickness: string, heights: string[]): JobDraft => ({
  ...demo('demo-chart-table'),
  measure: {
    parts: [{ shape: 'coat', count: '1', length: '400 mm', width: '300 mm', thickness }],
  },
  pours: [{ resin: coating, overage: '0 %', layers: { heights } } as PourDraft],
});

test('a flood coat on a seal coat may be left out: its resin and its days come back', () => {
  const draft = demo('demo-chart-table');
  const plan = planOf(draft);
  const coats = coatsToCome(plan, 0, 0)!;
  expect(coats).toEqual({ layers: [], pours: [1], topMm: plan.pours[0]!.between!.toMm });
  const after = planOf(withoutCoats(draft, plan, 0, coats));
  expect(after.pours.map(({ name }) => name)).toEqual([plan.pours[0]!.name]);
  expect(after.pours[0]!.totalG).toBeCloseTo(plan.pours[0]!.totalG, 6);
  const { resins, min } = givenBack(plan, after);
  expect(resins).toEqual([
    { name: plan.pours[1]!.resin.name, g: expect.closeTo(plan.pours[1]!.totalG, 6) as number },
  ]);
  expect(min).toBeCloseTo(plan.times.doneMin! - after.times.doneMin!, 6);
  expect(min).toBeGreaterThan(0);
  // Nothing is warned of that was not before.
  const codes = new Set(plan.warnings.map(({ code }) => code));
  expect(after.warnings.filter(({ code }) => !codes.has(code))).toEqual([]);
});

test('of one coat in three layers the upper two are left out: it ends where it is poured', () => {
  const draft = board('4.5 mm', ['1.5 mm', '3 mm']);
  const plan = planOf(draft);
  expect(plan.pours[0]!.layers).toHaveLength(3);
  const after = planOf(withoutCoats(draft, plan, 0, coatsToCome(plan, 0, 0)!));
  expect(after.pours[0]!.layers).toHaveLength(1);
  // 400 × 300 × 1.5 mm.
  expect(after.pours[0]!.cavityMl).toBeCloseTo(180, 6);
  const two = planOf(withoutCoats(draft, plan, 0, coatsToCome(plan, 0, 1)!));
  expect(two.pours[0]!.layers.map(({ toMm }) => toMm)).toEqual([1.5, 3]);
  expect(two.pours[0]!.cavityMl).toBeCloseTo(360, 6);
  // A third of it, at the density of the mix.
  const gPerMl = plan.pours[0]!.resin.mixedDensityGPerMl;
  expect(givenBack(plan, two).resins[0]!.g).toBeCloseTo(180 * gPerMl, 6);
});

test('a coat of a face ends at the thickness that is poured', () => {
  const draft = demo('demo-galley-inlay');
  const cut = (pour: PourDraft): PourDraft => ({ ...pour, layers: { heights: ['1.5 mm'] } });
  const inlay = { ...draft, pours: draft.pours.map((pour, at) => (at === 2 ? cut(pour) : pour)) };
  const plan = planOf(inlay);
  const coats = coatsToCome(plan, 2, 0)!;
  const after = planOf(withoutCoats(inlay, plan, 2, coats));
  expect(after.pours[2]!.face!.thicknessMm).toBeCloseTo(1.5, 6);
  expect(after.form!.cavityMl).toBeCloseTo(plan.form!.cavityMl, 9);
});

test('nothing is left out of what is no coat on a coat', () => {
  const inlay = planOf(demo('demo-galley-inlay'));
  expect(coatsToCome(inlay, 0, 0)).toBeUndefined();
  expect(coatsToCome(inlay, 1, 1)).toBeUndefined();
  const lid = planOf(demo('demo-chart-table'));
  expect(coatsToCome(lid, 1, lid.pours[1]!.layers.length - 1)).toBeUndefined();
  expect(coatsToCome(lid, 7, 0)).toBeUndefined();
});
