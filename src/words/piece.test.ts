import { demoJobs } from '../data/demo/demoJobs';
import { readJob } from '../core/job/readJob';
import { planJob } from '../core/plan/planJob';
import { thingsOf, type PieceThing } from '../core/plan/piece/things';
import { sayJobByMeasure } from './jobName';
import { sayThing, tellThing } from './piece';

function opened(id: string) {
  const { id: _, ...file } = demoJobs.find((each) => each.id === id)!;
  const job = readJob(JSON.parse(JSON.stringify(file)));
  return { job, plan: planJob(job) };
}
const plain = (text: string): string => text.replaceAll('\u00a0', ' ');

function told(id: string, thing: PieceThing) {
  const { job, plan } = opened(id);
  const { name, figure, rows, reason } = tellThing(plan, thing, job)!;
  return {
    name,
    figure: plain(figure),
    rows: Object.fromEntries(rows.map(([label, value]) => [label, plain(value)])),
    reason: reason === undefined ? undefined : plain(reason),
  };
}

test('a layer: its amounts, its batch, its depth against the most, its heat and why it waits', () => {
  const layer = told('demo-lamp-base', { kind: 'layer', part: 0, pour: 0, layer: 1 });
  expect(layer).toMatchObject({
    name: 'Layer 2',
    figure: '649 ml · 709 g',
    rows: { 'One batch': '551 + 159 g', Depth: '39 mm of 42.5 mm at most' },
  });
  expect(layer.rows['Peak']).toMatch(/^about \d+ °C, easy$/);
  expect(layer.reason).toContain('while it is sticky');
});

test('a face tells what it covers; a pour of several is told by its name', () => {
  expect(told('demo-galley-inlay', { kind: 'face', part: 0, pour: 0 })).toMatchObject({
    name: 'Seal the edges',
    rows: { Covers: 'sides up to 45 mm, 0.5 mm thick' },
  });
  expect(told('demo-galley-inlay', { kind: 'layer', part: 0, pour: 1, layer: 0 }).name).toBe(
    'Fill, layer 1',
  );
});

test('an insert tells its volume and where it stands; a form what it is of', () => {
  expect(told('demo-galley-inlay', { kind: 'insert', part: 0, insert: 0 })).toMatchObject({
    name: 'Driftwood knot',
    figure: '66.0 ml',
    rows: { Stands: '5 mm over the floor', 'Its top': '35 mm over the floor' },
  });
  expect(told('demo-galley-inlay', { kind: 'form', part: 0 })).toMatchObject({
    name: 'Timber',
    figure: 'holds 4475 ml',
  });
});

test.each(demoJobs.map(({ id }) => id))('%s: every thing is told in words with figures', (id) => {
  const { job, plan } = opened(id);
  for (const thing of thingsOf(plan)) {
    expect(sayThing(plan, thing, job)).toMatch(/^[A-Z0-9].*\d/);
    expect(sayThing(plan, thing, job)).not.toMatch(/NaN|undefined/);
  }
});

test('what is not there is not told', () => {
  const { plan } = opened('demo-lamp-base');
  expect(tellThing(plan, { kind: 'layer', part: 0, pour: 0, layer: 9 }, undefined)).toBeUndefined();
  expect(tellThing(plan, { kind: 'form', part: 9 }, undefined)).toBeUndefined();
  expect(sayThing(plan, { kind: 'insert', part: 0, insert: 9 })).toBe('');
});

test('a job is called by what is measured', () => {
  expect(sayJobByMeasure(opened('demo-drawer-tray').plan)).toMatch(/, 1\.9 l$/);
  expect(sayJobByMeasure(opened('demo-drawer-knobs').plan)).toBe('12 × Knob and 2 more, 250 ml');
});
