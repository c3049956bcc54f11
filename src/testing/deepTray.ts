import { readOne, type OneJob } from './planOne';

/** A deep-pour epoxy whose label agrees with the model: 8 h in a cup, 50 mm. */
export const deepPour = {
  name: 'Slow clear',
  family: 'deep-pour-epoxy',
  ratio: { by: 'weight', a: 2, b: 1 },
  densityA: '1.10 g/ml',
  densityB: '0.98 g/ml',
  depth: { greatest: '50 mm' },
  potLife: { time: '8 h', mass: '150 g', temperature: '25 °C' },
} as const;

/** Wide against its depth. */
export const deepTray = {
  shape: 'box',
  length: '600 mm',
  width: '400 mm',
  depth: '50 mm',
} as const;

/** That tray filled with that resin at 23 °C, where it peaks at the 62 °C that its label stands for. */
export const deepTrayJob = (change: object = {}): OneJob =>
  readOne({
    format: 'nipperkin-job',
    version: 1,
    name: 'Tray',
    room: { temperature: '23 °C' },
    measure: { parts: [deepTray] },
    resin: deepPour,
    ...change,
  });
