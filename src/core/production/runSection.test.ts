import type { Job } from '../job/jobSchema';
import { resolveJob } from '../job/resolveJob';
import { planResolved } from '../plan/planJob';
import type { Resin } from '../resin/resinSchema';
import { runSection, type RunSection } from './runSection';
import type { Run } from './runSchema';

const resin: Resin = {
  name: 'Quick white',
  family: 'fast-polyurethane',
  ratio: { by: 'weight', a: 1, b: 1 },
  densityA: '1.05 g/ml',
  densityB: '1.05 g/ml',
  potLife: { time: '6 min', mass: '100 g', temperature: '21 °C' },
  times: { demould: { time: '20 min', temperature: '21 °C' } },
  kits: [{ size: '1 kg', price: 20 }],
};

const mould = {
  name: 'Four in a row',
  material: 'silicone',
  castings: 30,
  cavities: [{ volume: '20 ml', depth: '25 mm', count: 4 }],
} as const;

const jobOf = (run: Partial<Run>, pour: Partial<Job['pours'][number]> = {}): Job => ({
  format: 'nipperkin-job',
  version: 2,
  name: 'Cleats',
  room: { temperature: '21 °C' },
  measure: { parts: [{ shape: 'mould', mould: mould as never, count: 1 }] },
  scaleStep: '0.1 g',
  pours: [
    {
      role: 'castings',
      kind: 'open-mould',
      overage: '0 %',
      resin,
      run: {
        pieces: 24,
        mix: '1 min',
        pour: '2 min',
        demould: '35 min',
        handling: '5 min',
        ...run,
      } as Run,
      ...pour,
    },
  ],
});

function planOf(job: Job, resins: Resin[] = []) {
  const shelf = { resins, moulds: [] };
  const resolved = resolveJob(job, shelf);
  const plan = planResolved(resolved, shelf);
  return { plan, run: runSection(resolved, plan, 0, shelf)! };
}
const of = (run: Partial<Run>, pour?: Partial<Job['pours'][number]>): RunSection =>
  planOf(jobOf(run, pour)).run;

it('fills one mould six times for 24 pieces, and plans the resin of that', () => {
  const { plan, run } = planOf(jobOf({}));
  expect(run).toMatchObject({ cast: 24, spare: 0, mixes: 6, cycleMin: 43, makespanMin: 258 });
  const [pour] = plan.pours;
  expect(pour!.cavityMl).toBeCloseTo(6 * 80, 9);
  expect(pour!.batches.reduce((sum, { count }) => sum + count, 0)).toBe(6);
  expect(run.mixG).toBeCloseTo(80 * 1.05, 6);
});

it('casts more where some are thrown away, never half a mould', () => {
  // 24 / 0.9 = 26.7: 27 pieces, seven fills of four.
  expect(of({ rejects: '10 %' })).toMatchObject({ cast: 28, spare: 1, mixes: 7 });
});

it('fills as many moulds from one mix as its pot life lets it', () => {
  // 6 min less 1 of stirring are two fills of 2 min.
  const run = of({ moulds: 4 });
  expect(run.mostPerMix).toBe(2);
  expect(run.rhythm.perMix).toBeLessThanOrEqual(2);
  expect(() => planOf(jobOf({ moulds: 4, perMix: 3 }))).toThrow(
    expect.objectContaining({ code: 'pot-life-under-mix', field: 'pours[0].run.perMix' }),
  );
  expect(() => planOf(jobOf({ moulds: 2, perMix: 3, pour: '1 min' }))).toThrow(
    expect.objectContaining({ code: 'more-than-moulds' }),
  );
});

it('refuses a mould that takes longer to fill than the resin stays pourable', () => {
  expect(() => planOf(jobOf({ pour: '6 min' }))).toThrow(
    expect.objectContaining({
      code: 'pot-life-under-mould',
      field: 'pours[0].run.pour',
      data: expect.objectContaining({ potLifeMin: 6, pourMin: 6 }),
    }),
  );
});

it('takes demoulding from the label at the warmth of the room, filling from the pouring rate', () => {
  const run = of({ demould: undefined, pour: undefined, handling: undefined });
  expect(run.rhythm.demouldMin).toBeCloseTo(20, 9);
  expect(run.rhythm.pourMin).toBeCloseTo(80 / 500, 9);
  expect(run.assumed).toEqual(['pour', 'demould', 'handling', 'rejects']);
  const cold = planOf({ ...jobOf({ demould: undefined }), room: { temperature: '11 °C' } }).run;
  expect(cold.rhythm.demouldMin).toBeCloseTo(40, 9);
});

it('names what holds it up, and what each remedy brings', () => {
  const waiting = of({});
  expect(waiting.bottleneck).toBe('moulds');
  const ways = new Map(waiting.ways.map((way) => [way.code, way]));
  // Two moulds of four: three rounds instead of six, the hands between.
  expect(ways.get('one-more-mould')!.makespanMin).toBeLessThan(150);
  expect(ways.has('second-pair-of-hands')).toBe(false);
  for (const { makespanMin, savesMin } of waiting.ways) {
    expect(makespanMin + savesMin).toBeCloseTo(waiting.makespanMin, 9);
  }
  const busy = of({ moulds: 8, demould: '10 min', handling: '12 min' });
  expect(busy.bottleneck).toBe('hands');
  expect(busy.ways.map(({ code }) => code)).toContain('second-pair-of-hands');
});

it('finds a quicker resin on the shelf that still lasts long enough', () => {
  const quicker: Resin = {
    ...resin,
    name: 'Quicker',
    times: { demould: { time: '12 min', temperature: '21 °C' } },
  };
  const tooQuick: Resin = {
    ...quicker,
    name: 'Too quick',
    potLife: { time: '2 min', temperature: '21 °C' },
  };
  const { run } = planOf(jobOf({}), [resin, quicker, tooQuick]);
  const names = run.ways.flatMap((way) => (way.code === 'faster-resin' ? [way.data.name] : []));
  expect(names).toContain('Quicker');
  expect(names).not.toContain('Too quick');
});

it('fits the hours of a day, and says on which day it is done', () => {
  const run = of({ dayHours: '2 h' });
  // Two cycles of 43 min fit into two hours.
  expect(run).toMatchObject({ fillsADay: 2, days: 3, lastDayMin: 86 });
  expect(of({ dayHours: '30 min' })).toMatchObject({ fillsADay: 0, days: 0 });
});

it('counts wear, new moulds, and the rubber in the price of a piece', () => {
  const run = of({ lasts: 32, mouldCost: 40 });
  expect(run.wear).toMatchObject({ soFar: 30, after: 36, newMoulds: 1, wornAfterFills: 2 });
  expect(run.cost.resin).toBeCloseTo((0.02 * run.totalG) / 24, 9);
  expect(run.cost.rubber).toBeCloseTo((40 * 6) / 32 / 24, 9);
  expect(run.cost.each).toBeCloseTo(run.cost.resin! + run.cost.rubber!, 9);
  expect(of({}).wear.newMoulds).toBe(0);
});

it('promises nothing of a quicker resin that the pot holds as long', () => {
  const quicker: Resin = { ...resin, name: 'Quicker', times: { demould: { time: '12 min' } } };
  const job = jobOf(
    { demould: '20 min' },
    { pressure: { gauge: '40 psi', rating: '60 psi', hold: '20 min' } },
  );
  const { run, plan } = planOf(job, [quicker]);
  expect(run.ways.map(({ code }) => code)).not.toContain('faster-resin');
  expect(plan.pours[0]!.pressure!.holdMin).toBe(20);
});

it('holds the pot until the run takes its pieces out', () => {
  const job = jobOf({ demould: '35 min' }, { pressure: { gauge: '40 psi', rating: '60 psi' } });
  const { plan, run } = planOf(job);
  expect(run.rhythm.demouldMin).toBe(35);
  expect(plan.pours[0]!.pressure!.holdMin).toBe(35);
});

it('goes through a pot one mix after the other', () => {
  const pressure = { gauge: '40 psi', rating: '60 psi' };
  const open = of({ moulds: 2, perMix: 1 });
  const inPot = of({ moulds: 2, perMix: 1 }, { pressure });
  expect(inPot.makespanMin).toBeGreaterThan(open.makespanMin);
  expect(inPot.bottleneck).toBe('pot');
});

it('asks for one kind of mould', () => {
  const job = jobOf({});
  const [part] = job.measure!.parts;
  expect(() => planOf({ ...job, measure: { parts: [part!, part!] } })).toThrow(
    expect.objectContaining({ code: 'run-needs-one-mould', field: 'pours[0].run' }),
  );
});

it('counts single cavities as they are typed', () => {
  const box = { shape: 'box', length: '50 mm', width: '20 mm', depth: '20 mm', count: 1 } as const;
  const { plan, run } = planOf({ ...jobOf({ cavities: 4 }), measure: { parts: [box] } });
  expect(run).toMatchObject({ cavities: 4, cast: 24 });
  expect(plan.pours[0]!.cavityMl).toBeCloseTo(24 * 20, 9);
});
