import * as fc from 'fast-check';
import type { Job } from '../job/jobSchema';
import { planJob } from '../plan/planJob';
import { airKPa, standardAirKPa } from './air';
import { diameterRatio, dissolvedByMm, dissolvesS, volumeRatio } from './bubbleUnderPressure';
import { fitInPot } from './fitInPot';
import { boilsUnderKPa, risesTimes } from './vacuum';

type Pour = Job['pours'][number];

const psi40 = (40 * 4.4482216152605) / 0.64516;
const at = (gaugeKPa: number) => ({ gaugeKPa, airKPa: standardAirKPa });

const cast = (pour: Partial<Pour>, first: Partial<Pour>[] = []): Job => {
  const resin: Pour['resin'] = {
    name: 'Quick white',
    family: 'fast-polyurethane',
    ratio: { by: 'volume', a: 1, b: 1 },
    potLife: { time: '4 min', mass: '100 g', temperature: '23 °C' },
    times: { demould: { time: '20 min' } },
  };
  return {
    format: 'nipperkin-job',
    version: 2,
    name: 'Cleats',
    room: { temperature: '23 °C' },
    measure: {
      parts: [{ shape: 'box', length: '90 mm', width: '25 mm', depth: '12 mm', count: 2 }],
    },
    pours: [...first.map((each) => ({ resin, ...each })), { resin, role: 'castings', ...pour }],
  };
};

const codes = (job: Job): readonly string[] => planJob(job).warnings.map(({ code }) => code);

it.each([
  [200, 0.336],
  [psi40, 0.2687],
  [400, 0.202],
])('leaves of a bubble at %f kPa %f of its volume', (gaugeKPa, ratio) => {
  expect(volumeRatio(at(gaugeKPa))).toBeCloseTo(ratio, gaugeKPa === psi40 ? 4 : 3);
});

it('leaves 0.645 of its diameter at 40 psi', () => {
  expect(diameterRatio(at(psi40))).toBeCloseTo(0.645, 3);
});

it.each([
  [0.1, 216],
  [0.2, 863],
  [1, 6 * 3600],
])('dissolves %f mm at 4 bar in %d s', (mm, seconds) => {
  expect(Math.abs(dissolvesS(mm, at(400)) / seconds - 1)).toBeLessThan(0.005);
});

it('finds the largest that is gone by then, the other way round', () => {
  const positive = (max: number) => fc.double({ min: 0.001, max, noNaN: true });
  fc.assert(
    fc.property(positive(5), fc.double({ min: 1, max: 800, noNaN: true }), (mm, gaugeKPa) => {
      expect(dissolvedByMm(dissolvesS(mm, at(gaugeKPa)), at(gaugeKPa))).toBeCloseTo(mm, 9);
    }),
  );
});

it.each([
  [0, 101.325],
  [800, 92.0764],
  [1600, 83.5235],
  [2500, 74.6825],
])('knows the air at %d m', (metres, kPa) => {
  expect(airKPa(metres)).toBeCloseTo(kPa, 4);
});

it.each([
  [0.03, 5, 1.57795],
  [0.03, 2.5, 2.1859],
  [0.05, 3, 2.63875],
])('lets a mix with %f of air at %f kPa rise to %f times', (air, leaves, times) => {
  expect(risesTimes(air, leaves, standardAirKPa)).toBeCloseTo(times, 4);
});

it('boils what is in a resin more easily when it is warm', () => {
  expect(boilsUnderKPa(0.85, 25)).toBeCloseTo(0.85, 9);
  expect(boilsUnderKPa(0.85, 40)).toBeGreaterThan(1.5);
});

describe('moulds in a pot', () => {
  it('stand as close as their diagonals let them, in storeys', () => {
    const box = { lengthMm: 114, widthMm: 49, heightMm: 40 };
    expect(fitInPot(box, { diameterMm: 240, heightMm: 300 })).toEqual({
      along: 1,
      across: 4,
      storeys: 6,
      count: 24,
    });
    expect(fitInPot(box, { diameterMm: 120, heightMm: 300 }).count).toBe(0);
    expect(fitInPot(box, { diameterMm: 240, heightMm: 39 }).count).toBe(0);
  });

  it('never stick out: every row and the stack of them stays inside', () => {
    const mm = fc.integer({ min: 10, max: 400 });
    fc.assert(
      fc.property(mm, mm, mm, mm, mm, (lengthMm, widthMm, heightMm, diameterMm, potMm) => {
        const box = { lengthMm, widthMm, heightMm };
        const fit = fitInPot(box, { diameterMm, heightMm: potMm });
        expect(Math.hypot(fit.along * lengthMm, fit.across * widthMm)).toBeLessThanOrEqual(
          fit.count === 0 ? Infinity : diameterMm + 1e-6,
        );
        expect(fit.storeys * heightMm).toBeLessThanOrEqual(potMm);
        // One that goes in by its diagonal is found.
        const one = Math.hypot(lengthMm, widthMm) <= diameterMm && heightMm <= potMm;
        expect(fit.count > 0).toBe(one);
      }),
    );
  });
});

describe('a pot in a plan', () => {
  const pressure = { gauge: '40 psi', rating: '60 psi' } as const;

  it('tells what it does to bubbles, how long it is held and when it must be closed', () => {
    const asThick = { casting: { thickness: '10 mm' } };
    const section = planJob(cast({ pressure, ...asThick })).pours[0]!.pressure!;
    expect(section.volumeRatio).toBeCloseTo(0.2687, 4);
    expect(section.diameterRatio).toBeCloseTo(0.645, 3);
    expect(section.ofRating).toBeCloseTo(2 / 3, 9);
    expect(section.bubbles.map(({ isGone }) => isGone)).toContain(false);
    // The label's demoulding time, at the room that it is told for.
    expect(section.holdMin).toBeCloseTo(20, 6);
    expect(section.holdLeastMin).toBeGreaterThan(section.gelMin!);
    expect(section.closedMin).toBeGreaterThan(2);
  });

  it('is refused above four fifths of its rating, with what would do', () => {
    expect(() => planJob(cast({ pressure: { ...pressure, gauge: '50 psi' } }))).toThrow(
      expect.objectContaining({
        code: 'pressure-over-rating',
        field: 'pours[0].pressure.gauge',
        data: expect.objectContaining({ mostKPa: expect.closeTo((psi40 * 48) / 40, 6) }),
      }),
    );
    expect(codes(cast({ pressure: { ...pressure, gauge: '48 psi' } }))).not.toContain(
      'rating-unknown',
    );
    expect(codes(cast({ pressure: { gauge: '40 psi' } }))).toContain('rating-unknown');
  });

  it('is refused where no mould goes in, and told where fewer do than wanted', () => {
    const mould = { length: '114 mm', width: '49 mm', height: '40 mm' };
    const potOf = (diameter: string) => ({
      pressure: { ...pressure, mould, count: 4, pot: { diameter, height: '90 mm' } },
    });
    expect(() => planJob(cast(potOf('110 mm')))).toThrow(
      expect.objectContaining({ code: 'pot-too-small', field: 'pours[0].pressure.pot.diameter' }),
    );
    const plan = planJob(cast(potOf('130 mm')));
    expect(plan.pours[0]!.pressure!.fit).toMatchObject({ count: 2, wanted: 4 });
    expect(plan.warnings.map(({ code }) => code)).toContain('pot-takes-fewer');
  });

  it('is told where it is opened before gel or closed after the pot life', () => {
    expect(codes(cast({ pressure: { ...pressure, hold: '1 min' } }))).toContain(
      'opened-before-gel',
    );
    expect(codes(cast({ pressure }))).not.toContain('opened-before-gel');
    expect(codes(cast({ pressure: { ...pressure, closing: '10 min' } }))).toContain(
      'closed-too-late',
    );
  });

  it('asks for moulds that were made at the pressure they are cast at', () => {
    const otherwise = (pour: Partial<Pour>, first: Partial<Pour>[] = []) =>
      planJob(cast(pour, first)).warnings.flatMap((warning) =>
        warning.code === 'mould-made-otherwise' ? [warning.data.mouldGaugeKPa] : [],
      );
    expect(otherwise({ pressure })).toEqual([undefined]);
    expect(otherwise({ pressure: { ...pressure, mouldMade: 'open' } })).toEqual([0]);
    expect(otherwise({ pressure: { ...pressure, mouldGauge: '40 psi' } })).toEqual([]);
    // The mould of the same job says it by itself.
    const measure: Pour['measure'] = {
      parts: [{ shape: 'box', length: '90 mm', width: '25 mm', depth: '12 mm', count: 1 }],
    };
    const mould: Partial<Pour> = { role: 'mould', measure };
    const castings: Partial<Pour> = { pressure, measure };
    expect(otherwise(castings, [mould])).toEqual([0]);
    expect(otherwise(castings, [{ ...mould, pressure }])).toEqual([]);
  });
});

describe('a vacuum in a plan', () => {
  it('is what is left of the air at this height', () => {
    const section = planJob(cast({ vacuum: { dial: '0.8 bar', altitude: '1600 m' } })).pours[0]!
      .vacuum!;
    expect(section.leavesKPa).toBeCloseTo(3.52352, 4);
    expect(section.risesTimes).toBeCloseTo(1 + 0.03 * (83.5235 / 3.52352 - 1), 3);
  });

  it('refuses a dial that shows more than the air', () => {
    expect(() => planJob(cast({ vacuum: { dial: '0.8 bar', altitude: '2500 m' } }))).toThrow(
      expect.objectContaining({ code: 'vacuum-over-air', field: 'pours[0].vacuum.dial' }),
    );
  });

  it('fills its pot to a third, in as many batches as that takes', () => {
    const { batches, vacuum } = planJob(cast({ vacuum: { leaves: '30 mbar', pot: '120 ml' } }))
      .pours[0]!;
    expect(batches.reduce((sum, { count }) => sum + count, 0)).toBeGreaterThan(1);
    expect(Math.max(...batches.map(({ ml }) => ml))).toBeLessThanOrEqual(40 + 1e-9);
    expect(vacuum!.potNeededMl).toBeLessThanOrEqual(120 + 1e-6);
  });

  it('tells what boils in it', () => {
    const job = cast({ vacuum: { leaves: '5 mbar' } });
    const [pour] = job.pours;
    const styrene: Job = {
      ...job,
      pours: [{ ...pour!, resin: { ...pour!.resin, family: 'polyester' } }],
    };
    expect(codes(job)).not.toContain('boils-in-vacuum');
    expect(codes(styrene)).toContain('boils-in-vacuum');
  });
});
