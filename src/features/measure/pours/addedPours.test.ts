import { demoMoulds } from '../../../data/demo/demoMoulds';
import { demoResins } from '../../../data/demo/demoResins';
import { demoJobs } from '../../../data/demo/demoJobs';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { planDraft } from '../../../data/draft/planDraft';
import { addedPours, addPour } from './addedPours';

const shelf = { resins: demoResins, moulds: demoMoulds };
const planOf = (draft: unknown) => planDraft(draft, shelf);
const draftOf = (id: string): JobDraft => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  return JSON.parse(JSON.stringify(job)) as JobDraft;
};

/** What has no walls is not sealed at its sides, and what has no form is not filled in two. */
const toBeTold: Readonly<Record<string, readonly string[]>> = {
  'demo-wheelhouse seal': ['no-faces'],
  'demo-wheelhouse coat': ['no-faces'],
  // What was turned has no level face.
  'demo-cleats coat': ['covers-nothing'],
};
/** Parts of one's own are measured next. */
const stillToMeasure = new Set(['mould-and-castings', 'fill-on-top', 'other-resin']);

test.each(demoJobs.flatMap(({ id }) => addedPours.map((what) => [id, what] as const)))(
  '%s: %s',
  (id, what) => {
    const draft = draftOf(id);
    const { plan } = planOf(draft);
    const { pours, index } = addPour(what, draft, plan!, demoResins, 'new');
    expect(pours.length).toBeGreaterThan(draft.pours.length);
    expect(pours[index]).toMatchObject({ id: 'new', overage: '10 %' });
    const { problems, plan: after } = planOf({ ...draft, pours });
    const codes = problems.map(({ code }) => code);
    const isOwn = pours.at(index)?.measure !== undefined;
    if (stillToMeasure.has(what) && isOwn && codes.includes('missing')) return;
    expect([id, what, ...codes]).toEqual([id, what, ...(toBeTold[`${id} ${what}`] ?? [])]);
    if (after === undefined) return;
    expect(after.warnings.filter(({ code }) => code === 'fills-gap')).toEqual([]);
    // What was planned before is not more and not less: a fill gives way to the one on top of it.
    const fillsMl = (of: typeof after): number =>
      of.pours
        .filter(({ kind }) => kind === 'fills')
        .reduce((sum, { cavityMl }) => sum + cavityMl, 0);
    expect(fillsMl(after)).toBeCloseTo(fillsMl(plan!), 6);
  },
);

test('a seal on a board is the lowest of its coat; on a channel it is on its edges', () => {
  const board = draftOf('demo-compass-rose');
  const lid = {
    ...board,
    measure: {
      parts: [
        {
          shape: 'coat' as const,
          count: '1',
          length: '400 mm',
          width: '300 mm',
          thickness: '4 mm',
        },
      ],
    },
  };
  const sealed = addPour('seal', lid, planOf(lid).plan!, demoResins, 'new');
  expect(sealed.pours.map(({ fills }) => fills)).toEqual([{ to: '1.5 mm' }, { from: '1.5 mm' }]);
  const { pours } = addPour(
    'seal',
    draftOf('demo-galley-inlay'),
    planOf(draftOf('demo-galley-inlay')).plan!,
    demoResins,
    'new',
  );
  expect(pours[0]?.covers).toEqual({ face: 'sides', thickness: '0.5 mm' });
});
