import type { Job } from '../../src/core/job/jobSchema';
import { readJob } from '../../src/core/job/readJob';
import { chooseResin } from '../../src/core/plan/choose/chooseResin';
import { planJob } from '../../src/core/plan/planJob';
import type { Resin } from '../../src/core/resin/resinSchema';
import { bestKits, type Kit } from '../../src/core/stock/bestKits';
import { medianTime, type BenchFigure } from './figure';

const resin: Resin = {
  name: 'Slow clear',
  family: 'deep-pour-epoxy',
  ratio: { by: 'volume', a: 3, b: 1 },
  densityA: '1.13 g/ml',
  densityB: '0.98 g/ml',
  depth: { least: '4 mm', greatest: '10 mm' },
  potLife: { time: '90 min', mass: '150 g', temperature: '23 °C' },
  times: { recoat: { from: '8 h', to: '24 h' }, fullCure: { time: '7 days' } },
  kits: [
    { size: '0.75 l', price: 24, delivery: 9.5 },
    { size: '1.5 l', price: 42, delivery: 9.5 },
    { size: '6 l', price: 179, delivery: 9.5 },
  ],
};

/** Forty cavities of 80 mm, poured in three pours of eight layers together, six colours in each cavity and pour. */
function large(): Job {
  const cavities = Array.from({ length: 40 }, (_, index) => index);
  const portions = cavities.flatMap((cavity) =>
    Array.from({ length: 6 }, (_, colour) => ({
      name: `Colour ${colour + 1}`,
      cavity: cavity + 1,
      ...(colour === 5 ? { rest: true } : { share: `${10 + colour} %` }),
      pigments: [{ name: 'Paste', kind: 'epoxy-paste', share: `${0.5 + colour / 10} %` }],
    })),
  );
  const pour = (from: number, to: number) => ({
    role: 'fill',
    fills: { from: `${from} mm`, to: `${to} mm` },
    overage: '5 %',
    resin,
    layers: { style: 'equal' },
    portions,
  });
  return readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Forty cavities, six colours, eight layers in three pours',
    room: { temperature: '21 °C' },
    measure: {
      parts: cavities.map((index) => ({
        shape: 'frustum',
        bottomDiameter: `${60 + index} mm`,
        topDiameter: `${80 + index} mm`,
        depth: '80 mm',
      })),
    },
    containers: [{ capacity: '250 ml' }, { capacity: '1 l' }, { capacity: '5 l' }],
    pours: [pour(0, 30), pour(30, 60), pour(60, 80)],
  });
}

/** Twelve kits of four suppliers, 60 litres to buy. */
function onSale(): Kit[] {
  return [0.25, 0.75, 1, 1.5, 2.2, 3, 4.5, 5, 6, 10, 12.5, 20].map((litres, index) => ({
    supplier: `Supplier ${index % 4}`,
    sizeMl: litres * 1000,
    price: Number((litres ** 0.93 * 28.37 + index * 0.19).toFixed(2)),
    delivery: 4.95 + (index % 4) * 3.5,
  }));
}

/** Amounts, buying and choosing: what is worked out between a keystroke and the figures. */
export function benchAmounts(): BenchFigure[] {
  const job = large();
  const kits = onSale();
  const choosing: Job = {
    ...job,
    measure: { parts: job.measure?.parts.slice(0, 10) ?? [] },
    pours: [{ resin: job.pours[0]!.resin, overage: '5 %', layers: { style: 'equal' } }],
  };
  const resins = Array.from({ length: 200 }, (__, index) => ({
    ...resin,
    id: `card-${index}`,
    name: `Resin ${index}`,
    depth: { least: '4 mm', greatest: `${10 + index / 4} mm` },
  }));
  return [
    medianTime('plan.large', 100, () => void planJob(job)),
    medianTime('stock.kits', 30, () => void bestKits(60_000, kits)),
    medianTime('choose.cards200', 30, () => void chooseResin(choosing, 0, { resins, moulds: [] })),
  ];
}
