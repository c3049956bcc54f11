import type { Recipe } from '../../core/colour/colourSchemas';
import type { Resin } from '../../core/resin/resinSchema';

/** Made-up resins with plausible figures; their ids tie the demo jobs to them. */
export const demoResins: readonly (Resin & { readonly id: string })[] = [
  {
    id: 'demo-slow-clear',
    name: 'Slow clear',
    family: 'deep-pour-epoxy',
    ratio: { by: 'volume', a: 3, b: 1 },
    densityA: '1.13 g/ml',
    densityB: '0.98 g/ml',
    depth: { least: '8 mm', greatest: '50 mm' },
    hardenerName: 'Slow',
    potLife: { time: '8 h', mass: '1 kg', temperature: '20 °C' },
    times: {
      tackFree: { time: '60 h', temperature: '20 °C' },
      recoat: { from: '36 h', to: '66 h', temperature: '20 °C' },
      demould: { time: '3 days', temperature: '20 °C' },
      fullCure: { time: '14 days', temperature: '20 °C' },
    },
    hardeners: [
      {
        name: 'Medium',
        ratio: { by: 'volume', a: 3, b: 1 },
        densityB: '1.00 g/ml',
        depth: { least: '5 mm', greatest: '25 mm' },
        potLife: { time: '150 min', mass: '500 g', temperature: '20 °C' },
        times: {
          tackFree: { time: '14 h', temperature: '20 °C' },
          recoat: { from: '5 h', to: '12 h', temperature: '20 °C' },
          demould: { time: '24 h', temperature: '20 °C' },
          fullCure: { time: '7 days', temperature: '20 °C' },
        },
      },
    ],
    viscosity: '280 mPa·s',
    clarity: 'water-clear',
    pigment: { limit: '3 %', into: 'mix' },
    kits: [
      { supplier: 'Lock Chandlery', size: '0.75 l', price: 24, delivery: 9.5 },
      { supplier: 'Lock Chandlery', size: '1.5 l', price: 42, delivery: 9.5 },
      { supplier: 'Lock Chandlery', size: '6 l', price: 179, delivery: 9.5 },
    ],
    lots: [{ left: '0.9 l', opened: '2026-09-12', bestBefore: '2027-09-30' }],
    notes: 'For lamp bases and inlays. Demo card, made up.',
  },
  {
    id: 'demo-table-coat',
    name: 'Table coat',
    family: 'coating-epoxy',
    ratio: { by: 'weight', a: 2, b: 1 },
    densityA: '1.10 g/ml',
    densityB: '0.96 g/ml',
    depth: { least: '1.5 mm', greatest: '10 mm' },
    potLife: { time: '35 min', mass: '150 g', temperature: '23 °C' },
    times: {
      tackFree: { time: '10 h' },
      recoat: { from: '4 h', to: '12 h' },
      demould: { time: '24 h' },
      fullCure: { time: '7 days' },
    },
    viscosity: '900 mPa·s',
    clarity: 'clear',
    kits: [
      { supplier: 'Lock Chandlery', size: '1 kg', price: 26.5, delivery: 9.5 },
      { supplier: 'Towpath Supplies', size: '3 kg', price: 69, delivery: 6 },
    ],
    notes: 'Seal and flood coats. Demo card, made up.',
  },
  {
    id: 'demo-knob-casting',
    name: 'Knob casting',
    family: 'casting-epoxy',
    ratio: { by: 'weight', a: 100, b: 33.33 },
    densityA: '1.14 g/ml',
    densityB: '0.97 g/ml',
    depth: { least: '3 mm', greatest: '20 mm' },
    potLife: { time: '40 min', mass: '150 g', temperature: '23 °C' },
    times: {
      tackFree: { time: '12 h' },
      recoat: { from: '4 h', to: '10 h' },
      demould: { time: '24 h' },
      fullCure: { time: '5 days' },
    },
    viscosity: '600 mPa·s',
    clarity: 'clear',
    pigment: { limit: '4 %', into: 'mix' },
    kits: [
      { supplier: 'Towpath Supplies', size: '500 g', price: 14.9, delivery: 6 },
      { supplier: 'Towpath Supplies', size: '2 kg', price: 49, delivery: 6 },
    ],
    lots: [{ left: '310 g', opened: '2026-10-20' }],
  },
  {
    id: 'demo-quick-white',
    name: 'Quick white',
    family: 'fast-polyurethane',
    ratio: { by: 'volume', a: 1, b: 1 },
    densityA: '1.03 g/ml',
    densityB: '1.10 g/ml',
    depth: { least: '2 mm', greatest: '60 mm' },
    potLife: { time: '4 min', mass: '100 g', temperature: '23 °C' },
    times: { demould: { time: '20 min' }, fullCure: { time: '24 h' } },
    viscosity: '80 mPa·s',
    clarity: 'opaque',
    shore: 'D 72',
    pigment: { limit: '4 %', into: 'a' },
    kits: [{ supplier: 'Towpath Supplies', size: '1 kg', price: 18.5, delivery: 6 }],
    notes: 'Pot life is minutes: have the moulds ready. Demo card, made up.',
  },
  {
    id: 'demo-mould-silicone',
    name: 'Mould silicone',
    family: 'silicone-platinum',
    ratio: { by: 'weight', a: 1, b: 1 },
    densityA: '1.09 g/ml',
    densityB: '1.08 g/ml',
    potLife: { time: '40 min', temperature: '23 °C' },
    times: { demould: { time: '6 h' }, fullCure: { time: '24 h' } },
    viscosity: '4 Pa·s',
    clarity: 'tinted',
    shore: 'A 25',
    kits: [{ supplier: 'Lock Chandlery', size: '1 kg', price: 27, delivery: 9.5 }],
    notes: 'Sulphur and some clays stop its cure: try a spot first. Demo card, made up.',
  },
  {
    id: 'demo-lens-light',
    name: 'Lens light',
    family: 'uv',
    densityA: '1.12 g/ml',
    depth: { least: '0.5 mm', greatest: '3 mm' },
    times: { demould: { time: '5 min' }, fullCure: { time: '10 min' } },
    viscosity: '320 mPa·s',
    clarity: 'water-clear',
    lamp: { time: '60 s', wavelength: '405 nm' },
    kits: [{ supplier: 'Towpath Supplies', size: '200 g', price: 12.4, delivery: 6 }],
    notes: 'Thin layers, each under the lamp. Demo card, made up.',
  },
];

/** Grains whose bulk density was found at the table. */
export const demoGrains: { name: string; bulkDensity: string }[] = [
  { name: 'Long rice', bulkDensity: '0.82 g/ml' },
];

/** Cups and buckets on the barge. */
export const demoContainers: { name: string; capacity: string; use: 'stir' | 'vacuum' }[] = [
  { name: 'Dosing cup', capacity: '60 ml', use: 'stir' },
  { name: 'Small cup', capacity: '250 ml', use: 'stir' },
  { name: 'Litre cup', capacity: '1 l', use: 'stir' },
  { name: 'Bucket', capacity: '5 l', use: 'stir' },
  { name: 'Vacuum pot', capacity: '3 l', use: 'vacuum' },
];

/** A colour that was found good. */
export const demoRecipes: Recipe[] = [
  {
    name: 'Lantern red',
    pigments: [{ name: 'Red dye', kind: 'dye', share: '0.4 %' }],
    swatch: '#b3262e',
  },
];
