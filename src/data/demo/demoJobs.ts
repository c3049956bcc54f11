import type { Job } from '../../core/job/jobSchema';
import { mouldInJob } from '../../core/measure/mould/mouldInJob';
import type { Mould } from '../../core/measure/mould/mouldSchema';
import type { Resin } from '../../core/resin/resinSchema';
import { demoMoulds } from './demoMoulds';
import { demoResins } from './demoResins';
import kept from './files/kept.json';

function found<C extends { readonly id: string }>(cards: readonly C[], id: string): C {
  const card = cards.find((each) => each.id === id);
  if (card === undefined) throw new RangeError(`the demo has no card ${id}`);
  return card;
}
const card = (id: string): Resin => found(demoResins, id);
const mould = (id: string): Mould => mouldInJob(found(demoMoulds, id));

/** The photo that the knot in the sill is traced on; see `scripts/make-demo.ts`. */
export const demoPhoto = {
  id: 'demo-sill-photo',
  picture: kept.knot.picture,
  widthPx: kept.knot.widthPx,
  heightPx: kept.knot.heightPx,
};

const common = {
  format: 'nipperkin-job',
  version: 2,
  container: { capacity: '1 l', fill: '80 %' },
  scaleStep: '1 g',
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
    pours: [
      {
        overage: '10 %',
        resin: card('demo-slow-clear'),
      },
    ],
  },
  {
    ...common,
    id: 'demo-lamp-base',
    name: "Lamp base, Wren's Rest",
    room: { temperature: '19 °C' },
    measure: {
      parts: [{ shape: 'cylinder', name: 'Base', diameter: '140 mm', depth: '118 mm', count: 1 }],
      inserts: [
        {
          shape: 'cylinder',
          name: 'Cable core',
          diameter: '12 mm',
          depth: '118 mm',
          density: '7.85 g/ml',
          count: 1,
        },
        {
          shape: 'ring',
          name: 'Brass ring',
          outerDiameter: '90 mm',
          innerDiameter: '80 mm',
          depth: '8 mm',
          density: '8.5 g/ml',
          height: '60 mm',
          count: 1,
        },
      ],
    },
    heat: { pouredAt: '17:30', underside: 'bench' },
    pours: [
      {
        overage: '10 %',
        resin: card('demo-slow-clear'),
        layers: { style: 'equal', caution: 0.85 },
        tint: { name: 'Smoke', kind: 'dye', share: '0.2 %', testDepth: '5 mm', swatch: '#8d8378' },
      },
    ],
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
    pours: [
      {
        overage: '5 %',
        resin: card('demo-slow-clear'),
        layers: { heights: ['40 mm'] },
        inclusions: [{ kind: 'flake', name: 'Copper flake' }],
      },
    ],
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
    container: { capacity: '2.5 l', fill: '75 %' },
    pours: [
      {
        name: 'Seal the edges',
        role: 'seal',
        covers: { face: 'sides', thickness: '0.5 mm' },
        overage: '10 %',
        resin: card('demo-table-coat'),
        allowances: { soak: { area: '2*1250 mm x 45 mm', surface: 'bare-timber' } },
      },
      {
        name: 'Fill',
        role: 'fill',
        kind: 'porous',
        allowances: {
          seepage: { area: '1250 mm x 60 mm', gap: '0.3 mm' },
          residue: { twoCups: true },
        },
        resin: card('demo-slow-clear'),
        layers: { heights: ['22 mm'] },
      },
      {
        name: 'Flood coat',
        role: 'coat',
        covers: { face: 'surface', thickness: '3 mm' },
        overage: '10 %',
        resin: card('demo-table-coat'),
        allowances: { runOff: { share: '5 %' } },
      },
    ],
  },
  {
    ...common,
    id: 'demo-chart-table',
    name: 'Chart-table lid, seal and flood',
    room: { temperature: '22 °C' },
    measure: {
      parts: [
        {
          shape: 'coat',
          name: 'Lid',
          length: '38 in',
          width: '14-1/2 in',
          thickness: '3/16 in',
          count: 1,
        },
      ],
    },
    pours: [
      {
        name: 'Seal coat',
        role: 'seal',
        fills: { to: '1/16 in' },
        overage: '10 %',
        resin: card('demo-table-coat'),
      },
      {
        name: 'Flood coat',
        role: 'coat',
        fills: { from: '1/16 in' },
        overage: '10 %',
        resin: card('demo-table-coat'),
      },
    ],
  },
  {
    ...common,
    id: 'demo-pot-stands',
    name: 'Pot stands for the stove',
    room: { temperature: '20 °C' },
    measure: {
      parts: [{ shape: 'cylinder', name: 'Stand', diameter: '160 mm', depth: '14 mm', count: 4 }],
      inserts: [
        {
          shape: 'ring',
          name: 'Brass washers',
          outerDiameter: '30 mm',
          innerDiameter: '13 mm',
          depth: '2.5 mm',
          density: '8.5 g/ml',
          count: 28,
        },
      ],
    },
    container: { capacity: '1 l', fill: '75 %' },
    pours: [
      {
        name: 'Clear face',
        role: 'fill',
        fills: { to: '4 mm' },
        kind: 'open-mould',
        resin: card('demo-knob-casting'),
      },
      {
        name: 'Slate back',
        role: 'fill',
        fills: { from: '4 mm', to: '13 mm' },
        kind: 'open-mould',
        resin: card('demo-knob-casting'),
        fillers: [
          {
            name: 'Slate chips',
            kind: 'stone-chips',
            perResin: 1,
            grainDensity: '2.75 g/ml',
            bulkDensity: '1.4 g/ml',
          },
        ],
      },
    ],
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
    container: { capacity: '250 ml', fill: '75 %' },
    scaleStep: '0.1 g',
    pours: [
      {
        overage: '5 %',
        resin: card('demo-knob-casting'),
        portions: [
          {
            name: 'Signal amber',
            share: '40 %',
            pigments: [{ name: 'Amber dye', kind: 'dye', share: '0.3 %' }],
            swatch: '#d9922e',
          },
          {
            name: 'Canal green',
            share: '35 %',
            pigments: [
              { name: 'Green paste', kind: 'epoxy-paste', share: '1.2 %' },
              { name: 'Pearl', kind: 'powder', share: '0.4 %' },
            ],
            swatch: '#2f6b57',
          },
          {
            name: 'Bone',
            rest: true,
            pigments: [{ name: 'White paste', kind: 'epoxy-paste', share: '2 %' }],
            swatch: '#e8e0cc',
          },
        ],
      },
    ],
  },
  {
    ...common,
    id: 'demo-sill-knot',
    name: 'Knot in the wheelhouse sill',
    room: { temperature: '18 °C' },
    measure: {
      parts: [
        {
          shape: 'traced',
          name: 'Knot',
          outlines: [{ points: kept.knot.outline }],
          scale: { by: 'rectangle', corners: kept.knot.card, width: '148 mm', height: '105 mm' },
          photo: demoPhoto.id,
          depth: '22 mm',
          count: 1,
        },
      ],
    },
    pours: [
      {
        kind: 'porous',
        allowances: { soak: { area: '2*80 mm x 22 mm', surface: 'bare-timber' } },
        resin: card('demo-slow-clear'),
      },
    ],
  },
  {
    ...common,
    id: 'demo-compass-rose',
    name: 'Compass rose, saloon table',
    room: { temperature: '20 °C' },
    measure: {
      parts: [
        {
          shape: 'drawing',
          name: 'Rose',
          path: 'compass-rose.svg',
          unit: 'mm',
          outlines: kept.rose.outlines,
          depth: '4 mm',
          count: 1,
        },
      ],
    },
    scaleStep: '0.1 g',
    pours: [
      {
        overage: '10 %',
        allowances: { planing: { top: '1 mm' } },
        resin: card('demo-table-coat'),
      },
    ],
  },
  {
    ...common,
    id: 'demo-cleats',
    name: 'Turned cleats: mould and a run of 24',
    room: { temperature: '21 °C' },
    measure: {
      parts: [
        {
          shape: 'mesh',
          name: 'Cleat',
          path: 'turned-cleat.stl',
          unit: 'mm',
          as: 'part',
          measured: kept.cleat.measured,
          preview: kept.cleat.preview,
          count: 1,
        },
      ],
    },
    container: { capacity: '250 ml', fill: '80 %' },
    scaleStep: '0.1 g',
    pours: [
      {
        name: 'Mould',
        role: 'mould',
        overage: '5 %',
        resin: card('demo-mould-silicone'),
        mouldBox: {
          spout: '10 mm',
          tubes: '110, 125 mm',
          brick: '8 mm',
          material: 'metal',
          lasts: 40,
        },
        vacuum: { dial: '0.95 bar' },
        pressure: { gauge: '40 psi', rating: '60 psi' },
      },
      {
        name: 'Castings',
        role: 'castings',
        kind: 'open-mould',
        allowances: { shrinkage: { share: '0.5 %' }, residue: {} },
        resin: card('demo-quick-white'),
        // Nine castings came well out of this mould: the label is trusted here.
        layers: { depthBy: 'label' },
        pressure: {
          gauge: '40 psi',
          rating: '60 psi',
          pot: { diameter: '240 mm', height: '300 mm' },
          count: 2,
        },
        run: { pieces: 24, moulds: 2, lasts: 40 },
      },
    ],
  },
  {
    ...common,
    id: 'demo-dial-lenses',
    name: 'Dial lenses, engine room',
    room: { temperature: '20 °C' },
    measure: {
      parts: [{ shape: 'spherical-cap', name: 'Lens', diameter: '52 mm', depth: '5 mm', count: 4 }],
    },
    container: { capacity: '60 ml', fill: '80 %' },
    scaleStep: '0.1 g',
    pours: [
      {
        kind: 'open-mould',
        resin: card('demo-lens-light'),
        layers: { style: 'equal' },
      },
    ],
  },
  {
    ...common,
    id: 'demo-wheelhouse',
    name: 'Odds and ends of the wheelhouse',
    room: { temperature: '20 °C' },
    measure: {
      parts: [
        {
          shape: 'wet-fill',
          name: 'Tub of the binnacle foot',
          mass: '212 g',
          water: '18 °C',
          material: 'polypropylene',
          count: 1,
        },
        {
          shape: 'dry-fill',
          name: 'Carved rosette',
          mass: '46 g',
          bulkDensity: '0.82 g/ml',
          material: 'plaster',
          count: 2,
        },
        {
          shape: 'dome',
          name: 'Bell pushes',
          face: { shape: 'circle', diameter: '10 mm' },
          height: '1.5 mm',
          count: 6,
        },
        { shape: 'weighed', name: 'Old lever knob', mass: '31 g', density: '1.16 g/ml', count: 1 },
        { shape: 'displaced', name: 'Finial', before: '300 ml', after: '338 ml', count: 1 },
        {
          shape: 'rectangles',
          name: 'Split in the sill',
          rectangles: [
            { length: '120 mm', width: '9 mm', narrowest: '6 mm' },
            { length: '80 mm', width: '5 mm', narrowest: '3 mm' },
          ],
          depth: '14 mm',
          count: 1,
        },
        { shape: 'mould', mould: mould('demo-button-mould'), count: 1 },
        { shape: 'amount', name: 'Top-up', amount: '20 ml', count: 1 },
      ],
    },
    scaleStep: '0.1 g',
    pours: [
      {
        kind: 'general',
        resin: card('demo-knob-casting'),
      },
    ],
  },
];
