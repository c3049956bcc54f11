import { demoJobs } from '../../../data/demo/demoJobs';
import { readJob } from '../../job/readJob';
import { planJob } from '../planJob';
import type { Plan } from '../planTypes';
import { pieceOf } from './pieceOf';
import { keyOfThing, thingsOf } from './things';

const planOf = (id: string): Plan => {
  const { id: _, ...job } = demoJobs.find((each) => each.id === id)!;
  return planJob(readJob(JSON.parse(JSON.stringify(job))));
};

test('a step is told from the top down: its coat, layers, what stands in it, its seal, its form', () => {
  expect(thingsOf(planOf('demo-galley-inlay')).map(keyOfThing)).toEqual([
    'face/0/2',
    'layer/0/1/1',
    'layer/0/1/0',
    'insert/0/0',
    'face/0/0',
    'form/0',
  ]);
});

test.each(demoJobs.map(({ id }) => id))('%s: everything that is drawn can be pointed at', (id) => {
  const plan = planOf(id);
  const things = thingsOf(plan);
  expect(new Set(things.map(keyOfThing)).size).toBe(things.length);
  const drawn = pieceOf(plan).filter(({ part }) => part.depthMm !== undefined);
  expect(things).toHaveLength(
    drawn.reduce(
      (sum, { layers, faces, inserts }) => sum + layers.length + faces.length + inserts.length + 1,
      0,
    ),
  );
});
