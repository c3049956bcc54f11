import type { Mould } from '../../core/measure/mould/mouldSchema';
import kept from './files/kept.json';

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
