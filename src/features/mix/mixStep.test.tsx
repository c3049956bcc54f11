import { demoResins } from '../../data/demo/demoResins';
import {
  choose,
  chooseOnLine,
  openLine,
  openStep,
  press,
  says,
  textOf,
  turn,
  type,
} from '../../testing/openStep';
import { JobFiguresProbe } from '../../testing/JobFiguresProbe';
import { MixStep } from './MixStep';

const step = (
  <>
    <MixStep onSheet={() => undefined} />
    <JobFiguresProbe />
  </>
);
const figures = 'probe';

test('the tray in buckets of a litre, in one bucket, and in one batch', async () => {
  const { saved } = await openStep(step);
  await says('3 × 699 ml, A 592 g, B 171 g', figures);
  openLine('Mixed in');
  type('Container holds', '3');
  await says('1 × 2096 ml, A 1776 g, B 513 g', figures);
  choose('Whatever the pot life allows');
  await saved(({ container }) => expect(container).toBeUndefined());
  choose('A cup or bucket');
  await saved(({ container }) => expect(container?.capacity).toBe('3 l'));
});

test('a coarser scale rounds A up, and B follows', async () => {
  await openStep(step);
  type('Scale shows steps of', '5');
  await says('3 × 699 ml, A 595 g, B 170 g', figures);
});

test('the best of several cups: fewest batches, and of those the smallest', async () => {
  const { saved } = await openStep(step);
  openLine('Mixed in');
  choose('The best of several');
  type('Container 1 holds', '3 l');
  await says('1 × 2096 ml', figures);
  press('Add a cup or bucket');
  type('Container 2 holds', '2.7 l');
  type('Name of container 2', 'Blue');
  await saved(({ containers }) =>
    expect(containers).toEqual([{ capacity: '3 l' }, { capacity: '2.7 l', name: 'Blue' }]),
  );
  choose(/^Vacuum/, 'container-1');
  await saved(({ containers }) => expect(containers?.[0]?.use).toBe('vacuum'));
  press('Remove container 1');
  await saved(({ containers }) => expect(containers).toHaveLength(1));
});

test('by cup and by pump there are other steps to say', async () => {
  const { saved } = await openStep(step);
  chooseOnLine('Measured out', 'In marked cups');
  type('Cup is marked every', '50');
  await saved(({ mixing }) => expect(mixing).toEqual({ by: 'volume', cupStep: '50 ml' }));
  chooseOnLine('Measured out', 'By pump strokes');
  type('One stroke of A', '30');
  type('One stroke of B', '10');
  await saved(({ mixing }) => expect(mixing).toMatchObject({ strokeA: '30 ml', strokeB: '10 ml' }));
});

test('too much A in the cup: what B then wants', async () => {
  await openStep(step);
  openLine('Poured too much?');
  type('A in the cup', '610');
  // 100 : 28.91 by weight.
  await says('add 176 g', 'corrected');
  expect(textOf('corrected')).toContain('Together 786');
  type('A in the cup', 'a lot');
  await says('Write it like');
});

test('order, cups and time are kept with the job', async () => {
  const { saved } = await openStep(step);
  chooseOnLine('First into the cup', 'B (hardener)');
  chooseOnLine('Cups', /^One each/);
  type('Stirring and resting take', '8');
  await saved(({ mixing }) => expect(mixing).toEqual({ first: 'b', cups: 'own', stir: '8 min' }));
});

test('a resin in one bottle is not measured out against anything', async () => {
  await openStep(step, {
    resin: { name: 'Lens', family: 'uv', densityA: '1.1 g/ml' },
  });
  await says('3 × 699 ml, A 769 g, B 0 g', figures);
  expect(textOf()).not.toContain('Measured out');
  expect(textOf()).not.toContain('Poured too much');
});

test('a pour is mixed in a cup of its own, and in the job’s again', async () => {
  const resin = demoResins.find(({ id }) => id === 'demo-slow-clear');
  const { saved } = await openStep(step, {
    version: 2,
    pours: [
      { overage: '10 %', resin, fills: { to: '10 mm' } },
      { overage: '10 %', resin, fills: { from: '10 mm' } },
    ],
  });
  const ofItsOwn = 'Another cup or bucket for this pour than for the job';
  // 600 ml and a tenth, in buckets of a litre.
  await says('1 × 660 ml', figures);
  turn(ofItsOwn);
  openLine('Mixed in');
  type('Container holds', '500 ml');
  await says('2 × 330 ml', figures);
  await saved(({ pours, container }) => {
    expect(pours[0]?.container?.capacity).toBe('500 ml');
    expect(pours[1]?.container).toBeUndefined();
    expect(container?.capacity).toBe('1 l');
  });
  expect(textOf()).not.toContain('Whatever the pot life allows');
  turn(ofItsOwn);
  await says('1 × 660 ml', figures);
  await saved(({ pours }) => expect(pours[0]?.container).toBeUndefined());
});
