import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import kept from './files/kept.json';

/** Made-up resins with plausible figures; their ids tie the demo jobs to them. */
export const demoResins: readonly (Resin & { readonly id: string })[] = [
  {
    id: 'demo-slow-clear',
    name: 'Slow clear',
    family: 'deep-pour-epoxy',
    ratio: { by: 'volume', a: 3, b: 1 },
    densityA: '1.13 g/ml',
    densityB: '0.98 g/ml',
    greatestDepth: '50 mm',
    notes: 'For lamp bases and inlays. Demo card, made up.',
  },
  {
    id: 'demo-table-coat',
    name: 'Table coat',
    family: 'coating-epoxy',
    ratio: { by: 'weight', a: 2, b: 1 },
    densityA: '1.10 g/ml',
    densityB: '0.96 g/ml',
    greatestDepth: '10 mm',
    notes: 'Seal and flood coats. Demo card, made up.',
  },
  {
    id: 'demo-knob-casting',
    name: 'Knob casting',
    family: 'casting-epoxy',
    ratio: { by: 'weight', a: 100, b: 33.33 },
    densityA: '1.14 g/ml',
    densityB: '0.97 g/ml',
    greatestDepth: '20 mm',
  },
  {
    id: 'demo-quick-white',
    name: 'Quick white',
    family: 'polyurethane',
    ratio: { by: 'volume', a: 1, b: 1 },
    densityA: '1.03 g/ml',
    densityB: '1.10 g/ml',
    notes: 'Pot life is minutes: have the moulds ready. Demo card, made up.',
  },
  {
    id: 'demo-mould-silicone',
    name: 'Mould silicone',
    family: 'silicone-platinum',
    ratio: { by: 'weight', a: 1, b: 1 },
    densityA: '1.09 g/ml',
    densityB: '1.08 g/ml',
    notes: 'Sulphur and some clays stop its cure: try a spot first. Demo card, made up.',
  },
];

/** Made-up moulds of the library; the cleats are the turned ones, four in a row. */
export const demoMoulds: readonly (Mould & { readonly id: string })[] = [
  {
    id: 'demo-cleat-mould',
    name: 'Cleats, four in a row',
    material: 'silicone',
    cavities: [
      {
        name: 'Cleat',
        volume: '20.3 ml',
        plusMinus: '0.4 ml',
        depth: '25 mm',
        count: 4,
        heightsMm: kept.cleat.measured.heightsMm,
        areas: kept.cleat.measured.areas,
      },
    ],
    greatestTemperature: '200 °C',
    castings: 9,
    notes: 'Pour at the foot of the horn, so that the air leaves at the other. Made up.',
  },
  {
    id: 'demo-button-mould',
    name: 'Porthole buttons',
    material: 'polypropylene',
    cavities: [
      { name: 'Large', volume: '6.2 ml', plusMinus: '0.2 ml', depth: '9 mm', count: 3 },
      { name: 'Small', volume: '2.4 ml', plusMinus: '0.1 ml', depth: '6 mm', count: 6 },
    ],
    greatestTemperature: '90 °C',
    castings: 0,
  },
];

/** Grains whose bulk density was found at the table. */
export const demoGrains: { name: string; bulkDensity: string }[] = [
  { name: 'Long rice', bulkDensity: '0.82 g/ml' },
];
