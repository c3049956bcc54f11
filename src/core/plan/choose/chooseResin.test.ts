import { type OneJob, chooseForOne, planOne, readOne } from '../../../testing/planOne';
import exampleFile from '../../../../docs/formats/drawer-tray.job.json';
import { cutForResin } from '../../layers/cutForResin';
import type { Resin } from '../../resin/resinSchema';
import { inChoiceOrder, type ChoiceOrder } from './choiceOrder';

const job: OneJob = readOne({ ...exampleFile, room: { temperature: '23 °C' } });
const card = (name: string, more: Partial<Resin>): Resin => ({
  ...job.resin,
  id: name,
  name,
  ...more,
});

const resins: Resin[] = [
  card('Deep', {
    depth: { least: '10 mm', greatest: '60 mm' },
    potLife: { time: '4 h', mass: '1 kg' },
    times: { fullCure: { time: '7 days' } },
    kits: [{ size: '4 l', price: 96 }],
    clarity: 'water-clear',
  }),
  card('Thin coats', {
    depth: { greatest: '10 mm' },
    potLife: { time: '40 min' },
    times: { recoat: { from: '4 h', to: '12 h' }, fullCure: { time: '2 days' } },
    kits: [{ size: '1 l', price: 22 }],
    clarity: 'clear',
    hardeners: [{ name: 'Quick', potLife: { time: '6 min' } }],
  }),
  card('Only thick', { depth: { least: '50 mm', greatest: '90 mm' } }),
  card('Rubber', { family: 'silicone-tin' }),
];
const shelf = { resins, moulds: [] };
const choices = chooseForOne(job, shelf);
const named = (name: string, hardener?: string) =>
  choices.find((each) => each.name === name && each.hardener === hardener);

test('who chooses one gets what it was held against: as many layers, the same peak', () => {
  const typed = { style: 'full-top-off', maxDepth: '5 mm' } as const;
  const cutByHand: OneJob = { ...job, layers: typed };
  for (const { name, hardener, layers, peakC } of chooseForOne(cutByHand, shelf)) {
    if (layers === undefined) continue;
    const resin = resins.find((each) => each.name === name)!;
    const one = planOne({ ...cutByHand, resin, hardener, layers: cutForResin(typed) });
    expect(one.layers).toHaveLength(layers);
    const peaksC = one.layers.flatMap(({ cure }) => cure?.peakC ?? []);
    expect(peaksC.length === 0 ? undefined : Math.max(...peaksC)).toEqual(peakC);
  }
});

test('one row for each resin and hardener, with its own figures', () => {
  expect(choices).toHaveLength(5);
  expect(named('Deep')).toMatchObject({
    suits: 'good',
    layers: 1,
    doneMin: 7 * 1440,
    // In a cup of this batch and not in the label's, so not the label's four hours.
    potLifeMin: expect.closeTo(251.3, 0) as number,
    cost: 96,
    peakC: expect.closeTo(36, 0) as number,
  });
  expect(named('Deep')?.leftoverMl).toBeCloseTo(4000 - 2095.5, 6);
  expect(named('Thin coats')).toMatchObject({
    suits: 'possible',
    layers: 4,
    // They are sticky too briefly to stay cool together: each cures for 33 h before the next.
    doneMin: 3 * 2000 + 2 * 1440,
    cost: 66,
  });
  // 5 min of stirring leave a minute to pour: in time it is only in batches that nobody mixes one after the other.
  expect(named('Thin coats', 'Quick')).toMatchObject({ suits: 'no' });
  expect(named('Thin coats', 'Quick')?.reasons).toContainEqual(
    expect.objectContaining({ code: 'many-batches', severity: 'no' }),
  );
});

test('what does not fit says why', () => {
  expect(named('Only thick')).toMatchObject({
    suits: 'possible',
    reasons: [{ from: 'plan', severity: 'possible', warning: { code: 'thinner-than-least' } }],
  });
  expect(named('Rubber')?.reasons).toContainEqual(
    expect.objectContaining({ code: 'not-for-castings', severity: 'no' }),
  );
});

test.each<[ChoiceOrder, string]>([
  ['soonest', 'Deep'],
  ['cheapest', 'Deep'],
  ['safest', 'Deep'],
  ['clearest', 'Deep'],
])('%s: %s first, then what is possible, then what is not', (order, first) => {
  const sorted = inChoiceOrder(choices, order);
  expect(sorted[0]?.name).toBe(first);
  const rank = { good: 0, possible: 1, no: 2 };
  const ranks = sorted.map(({ suits }) => rank[suits]);
  expect(ranks).toEqual([...ranks].sort());
});

test('wants and colours rule resins out', () => {
  const uv: Resin = { ...card('Lamp', { family: 'uv', viscosity: '200 mPa·s' }), ratio: undefined };
  const of = (more: Partial<OneJob>) =>
    chooseForOne({ ...job, ...more }, { resins: [uv], moulds: [] })[0];
  expect(of({})?.suits).not.toBe('no');
  expect(of({ wants: ['glitter'] })?.reasons).toContainEqual(
    expect.objectContaining({ code: 'too-thin-for-glitter', severity: 'no' }),
  );
  expect(of({ tint: { share: '0.1 %' } })?.reasons).toContainEqual(
    expect.objectContaining({ code: 'no-light-through-pigment', severity: 'no' }),
  );
  const thick = { ...uv, viscosity: '3 Pa·s' };
  const [row] = chooseForOne({ ...job, wants: ['fine-detail'] }, { resins: [thick], moulds: [] });
  expect(row?.reasons).toContainEqual(
    expect.objectContaining({ code: 'too-thick-for-detail', severity: 'no' }),
  );
});

test('a pot life shorter than the stirring is a reason, not an end', () => {
  const flash = card('Flash', { potLife: { time: '2 min' } });
  expect(chooseForOne(job, { resins: [flash], moulds: [] })[0]).toMatchObject({
    suits: 'no',
    layers: undefined,
    reasons: [{ severity: 'no', problem: { code: 'pot-life-too-short' } }],
  });
});

test('an empty shelf has nothing to choose from', () => {
  expect(chooseForOne(job, { resins: [], moulds: [] })).toEqual([]);
});
