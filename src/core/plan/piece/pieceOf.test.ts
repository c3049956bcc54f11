import { demoJobs } from '../../../data/demo/demoJobs';
import { readJob } from '../../job/readJob';
import { planJob } from '../planJob';
import type { Plan } from '../planTypes';
import { pieceOf } from './pieceOf';

const planOf = (id: string): Plan => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  return planJob(readJob(JSON.parse(JSON.stringify(job))));
};

test('a step with a seal, a fill and a flood coat is one cavity: layers of the fill, lines of the faces', () => {
  const [step, ...others] = pieceOf(planOf('demo-galley-inlay'));
  expect(others).toEqual([]);
  expect(step!.layers.map(({ pour, layer }) => [pour.name, layer])).toEqual([
    ['Fill', 0],
    ['Fill', 1],
  ]);
  expect(
    step!.faces.map(({ pour, sides, floor, surface }) => [pour.name, sides, floor, surface]),
  ).toEqual([
    ['Seal the edges', true, false, false],
    ['Flood coat', false, false, true],
  ]);
  expect(step!.inserts).toHaveLength(1);
  expect(step).toMatchObject({ formPart: 0, cavity: 0 });
});

test('layers of several fills lie one on another without a gap', () => {
  for (const part of pieceOf(planOf('demo-pot-stands'))) {
    const heights = part.layers.map(({ fromMm, toMm }) => [fromMm, toMm]);
    expect(heights[0]![0]).toBe(0);
    heights.slice(1).forEach(([fromMm], index) => expect(fromMm).toBe(heights[index]![1]));
  }
});

test('what a pour measures for itself is drawn beside the form, and leads to no cavity of it', () => {
  const plan = planOf('demo-drawer-knobs');
  const own = plan.pours.filter(({ kind }) => kind === 'own').flatMap(({ parts }) => parts);
  const drawn = pieceOf(plan);
  expect(drawn.filter(({ formPart }) => formPart === undefined)).toHaveLength(own.length);
  expect(drawn.filter(({ formPart }) => formPart !== undefined)).toHaveLength(
    plan.form?.parts.length ?? 0,
  );
});

test.each(demoJobs.map(({ id }) => id))('%s: every insert and every pour is drawn', (id) => {
  const plan = planOf(id);
  const drawn = pieceOf(plan);
  const inserts = plan.form?.inserts ?? plan.pours.flatMap((pour) => pour.inserts);
  expect(drawn.flatMap((part) => part.inserts)).toHaveLength(inserts.length);
  const pours = drawn.flatMap(({ layers, faces }) => [...layers, ...faces].map(({ pour }) => pour));
  expect(new Set(pours.map((pour) => pour.id)).size).toBe(plan.pours.length);
});
