import { readJob } from '../../../src/core/job/readJob';
import { followJob, heatCaseOfJob } from '../../../src/core/plan/heat/heatOfPlan';
import { planJob } from '../../../src/core/plan/planJob';
import { calibrate } from '../../../src/core/thermal/calibrate';
import { membersOf } from '../../../src/core/thermal/members';
import { medianTime, type BenchFigure } from '../figure';

const jobOf = (width: string) =>
  readJob({
    format: 'nipperkin-job',
    version: 1,
    name: 'Ranges',
    room: { temperature: '21 °C' },
    measure: { parts: [{ shape: 'box', length: '900 mm', width, depth: '50 mm' }] },
    resin: {
      name: 'Slow clear',
      family: 'deep-pour-epoxy',
      ratio: { by: 'weight', a: 2, b: 1 },
      depth: { greatest: '50 mm' },
      potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
    },
    layers: { style: 'one-pour' },
  });

/** Ranges of a pour whose card is calibrated, as the thread works them out, and the calibration of a card with all its readings. */
export function benchRanges(): BenchFigure[] {
  const ranges = (name: string, width: string): BenchFigure => {
    const job = jobOf(width);
    const given = heatCaseOfJob(job, planJob(job), 0);
    if (!given.told) throw new Error(given.code);
    return medianTime(name, 10, () => void followJob(given, { ranges: true }));
  };
  const label = {
    potLifeMin: 90,
    massG: 150,
    temperatureC: 25,
    depthMm: 20,
    times: { demould: { timeMin: 1440, temperatureC: 23 } },
  };
  return [
    ranges('heat.rangesWide', '500 mm'),
    ranges('heat.rangesChannel', '150 mm'),
    medianTime('heat.readings', 10, () => {
      const base = calibrate('casting-epoxy', label);
      membersOf('casting-epoxy', label, base);
    }),
  ];
}
