import type { Job } from '../../core/job';
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
];

const card = (id: string): Resin => {
  const found = demoResins.find((resin) => resin.id === id);
  if (found === undefined) throw new RangeError(`no demo resin ${id}`);
  return found;
};

const common = {
  format: 'nipperkin-job',
  version: 1,
  container: { capacity: '1 l', fill: '80 %' },
  scale: { step: '1 g' },
} as const;

/** What the refit of the river barge Wren's Rest needs cast; first the one on top of the list. */
export const demoJobs: readonly (Job & { readonly id: string })[] = [
  {
    ...common,
    id: 'demo-drawer-tray',
    name: 'Drawer tray',
    room: { temperature: '21 °C' },
    measure: {
      parts: [{ shape: 'box', length: '300 mm', width: '200 mm', depth: '1-1/4 in', count: 1 }],
    },
    overage: '10 %',
    resin: card('demo-slow-clear'),
  },
  {
    ...common,
    id: 'demo-lamp-base',
    name: "Lamp base, Wren's Rest",
    room: { temperature: '19 °C' },
    measure: {
      parts: [{ shape: 'cylinder', name: 'Base', diameter: '140 mm', depth: '118 mm', count: 1 }],
    },
    overage: '10 %',
    resin: card('demo-slow-clear'),
    layers: { heights: ['41 mm', '81 mm'] },
  },
  {
    ...common,
    id: 'demo-galley-bowl',
    name: 'Galley bowl',
    room: { temperature: '68 °F' },
    measure: {
      parts: [
        {
          shape: 'frustum',
          name: 'Bowl',
          bottomDiameter: '120 mm',
          topDiameter: '200 mm',
          depth: '80 mm',
          count: 1,
        },
      ],
    },
    overage: '5 %',
    resin: card('demo-slow-clear'),
    layers: { heights: ['40 mm'] },
  },
  {
    ...common,
    id: 'demo-galley-inlay',
    name: 'Galley step, live-edge inlay',
    room: { temperature: '17 °C' },
    measure: {
      parts: [
        {
          shape: 'channel',
          name: 'Inlay',
          stations: [
            { at: '0 mm', width: '82 mm' },
            { at: '250 mm', width: '64 mm' },
            { at: '600 mm', width: '97 mm' },
            { at: '900 mm', width: '71 mm' },
            { at: '1250 mm', width: '88 mm' },
          ],
          depth: '45 mm',
          count: 1,
        },
      ],
      inserts: [
        {
          shape: 'ellipse',
          name: 'Driftwood knot',
          length: '70 mm',
          width: '40 mm',
          depth: '30 mm',
          density: '0.62 g/ml',
          height: '5 mm',
          count: 1,
        },
      ],
    },
    kind: 'porous',
    allowances: {
      seepage: { area: '1250 mm x 60 mm', gap: '0.3 mm' },
      soak: { area: '2*1250 mm x 45 mm', surface: 'sealed-timber' },
      residue: { twoCups: true },
    },
    container: { capacity: '2.5 l', fill: '75 %' },
    resin: card('demo-slow-clear'),
    layers: { heights: ['22 mm'] },
  },
  {
    ...common,
    id: 'demo-chart-table',
    name: 'Chart-table lid, flood coat',
    room: { temperature: '22 °C' },
    measure: {
      parts: [
        {
          shape: 'coat',
          name: 'Lid',
          length: '38 in',
          width: '14-1/2 in',
          thickness: '1/8 in',
          count: 1,
        },
      ],
    },
    overage: '10 %',
    resin: card('demo-table-coat'),
  },
  {
    ...common,
    id: 'demo-drawer-knobs',
    name: 'Drawer knobs and pulls',
    room: { temperature: '20 °C' },
    measure: {
      parts: [
        {
          shape: 'frustum',
          name: 'Knob',
          bottomDiameter: '24 mm',
          topDiameter: '34 mm',
          depth: '18 mm',
          count: 12,
        },
        { shape: 'box', name: 'Pull', length: '96 mm', width: '14 mm', depth: '12 mm', count: 4 },
        { shape: 'cylinder', name: 'Foot', diameter: '28 mm', depth: '10 mm', count: 6 },
      ],
    },
    overage: '5 %',
    resin: card('demo-knob-casting'),
    container: { capacity: '250 ml', fill: '75 %' },
    scale: { step: '0.1 g' },
  },
];
