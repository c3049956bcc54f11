import type { Job, Measure } from '../../src/core/job/jobSchema';
import { checkJob } from '../../src/core/job/readJob';
import { planJob } from '../../src/core/plan/planJob';
import { medianTime, type BenchFigure } from './figure';

/** Fifty cavities of all shapes, typed as people type. */
function fiftyCavities(): Job {
  const parts: Measure['parts'] = Array.from({ length: 50 }, (_, index) => {
    const size = 20 + index;
    switch (index % 4) {
      case 0:
        return {
          shape: 'box',
          length: `${size * 3} mm`,
          width: '2-1/2 in',
          depth: '1-1/4 in',
          count: 2,
        };
      case 1:
        return { shape: 'cylinder', diameter: `${size},5 mm`, depth: '3/4"', count: 1 };
      case 2:
        return {
          shape: 'frustum',
          bottomDiameter: `${size} mm`,
          topDiameter: `${size}+12 mm`,
          depth: '4 cm',
          count: 3,
        };
      default:
        return {
          shape: 'coat',
          length: '1\' 7"',
          width: `${size} mm`,
          thickness: '3 mm',
          count: 1,
        };
    }
  });
  return {
    format: 'nipperkin-job',
    version: 2,
    name: 'Fifty cavities',
    room: { temperature: '21 °C' },
    measure: { parts },
    container: { capacity: '1 l', fill: '80 %' },
    pours: [
      {
        overage: '10 %',
        resin: {
          name: 'Slow clear',
          family: 'deep-pour-epoxy',
          ratio: { by: 'volume', a: 3, b: 1 },
          densityA: '1.13 g/ml',
          densityB: '0.98 g/ml',
        },
      },
    ],
  };
}

/** From a keystroke to new figures: the whole draft is checked and planned. */
export function benchPlan(): BenchFigure {
  const draft = fiftyCavities();
  return medianTime('plan.cavities50', 300, () => {
    const { value, problems } = checkJob(draft);
    if (value === undefined) throw new Error(`the draft is wrong: ${JSON.stringify(problems)}`);
    planJob(value);
  });
}
