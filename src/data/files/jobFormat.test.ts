import Ajv from 'ajv/dist/2019';
import exampleFile from '../../../docs/formats/drawer-tray.job.json';
import jobFormat1 from '../../../docs/formats/job-1.schema.json';
import jobFormat from '../../../docs/formats/job.schema.json';
import stepFile from '../../../docs/formats/galley-step.job.json';
import { demoJobs } from '../demo/demoJobs';
import { readJob } from '../../core/job/readJob';

const fitsNow = new Ajv({ strictTypes: false }).compile(jobFormat);
const fitsVersion1 = new Ajv({ strictTypes: false }).compile(jobFormat1);
const fits = (file: unknown): boolean =>
  (file as { version?: unknown }).version === 1 ? fitsVersion1(file) : fitsNow(file);

const accepts = (file: unknown): boolean => {
  try {
    readJob(file);
    return true;
  } catch {
    return false;
  }
};

const { id: _, ...firstDemoJob } = demoJobs[0] as (typeof demoJobs)[number];

const { overage: ___, ...withoutOverage } = exampleFile;

const outline = [{ points: [0, 0, 90, 0, 90, 60] }];

/** One part for each method, without the count that a file may leave out. */
const everyMethod = [
  { shape: 'box', length: '9 cm', width: '6 cm', depth: '2 cm', draft: '3°', wall: '4 mm' },
  { shape: 'rounded-rectangle', length: '9 cm', width: '6 cm', radius: '1 cm', depth: '2 cm' },
  { shape: 'cylinder', diameter: '9 cm', depth: '2 cm' },
  { shape: 'ring', outerDiameter: '9 cm', innerDiameter: '6 cm', depth: '2 cm' },
  { shape: 'frustum', bottomDiameter: '6 cm', topDiameter: '9 cm', depth: '5 cm', wall: '4 mm' },
  {
    shape: 'pyramid',
    bottomLength: '6 cm',
    bottomWidth: '4 cm',
    topLength: '9 cm',
    topWidth: '6 cm',
    depth: '2 cm',
  },
  { shape: 'cone', diameter: '9 cm', depth: '2 cm' },
  { shape: 'spherical-cap', diameter: '9 cm', depth: '2 cm' },
  { shape: 'hemisphere', diameter: '9 cm' },
  { shape: 'sphere', diameter: '9 cm' },
  { shape: 'ellipse', length: '9 cm', width: '6 cm', depth: '2 cm' },
  { shape: 'polygon', sides: 6, acrossFlats: '9 cm', depth: '2 cm' },
  { shape: 'triangle', sideA: '3 cm', sideB: '4 cm', sideC: '5 cm', depth: '2 cm' },
  {
    shape: 'coat',
    face: { shape: 'ellipse', length: '9 cm', width: '6 cm' },
    thickness: '3 mm',
    edges: { height: '18 mm' },
    underside: { band: '20 mm', thickness: '1 mm' },
  },
  {
    shape: 'channel',
    stations: [
      { at: '0 mm', width: '82 mm' },
      { at: '250 mm', width: '64 mm', depth: '40 mm' },
    ],
    depth: '45 mm',
  },
  { shape: 'rectangles', rectangles: [{ length: '9 cm', width: '6 cm' }], depth: '2 cm' },
  {
    shape: 'traced',
    outlines: outline,
    scale: { by: 'length', ends: [0, 0, 50, 0], length: '10 cm' },
    depth: '2 cm',
  },
  { shape: 'drawing', path: 'p.dxf', unit: 'mm', depth: '20 mm', picked: [1], outlines: outline },
  { shape: 'mesh', path: 'a.stl', unit: 'mm', as: 'part', up: '-z', turn: { x: '10°' } },
  { shape: 'wet-fill', mass: '412 g', water: '18 °C', material: 'silicone' },
  { shape: 'wet-fill', volume: '412 ml', material: 'timber', overruled: true },
  { shape: 'dry-fill', volume: '412 ml', depth: '4 cm' },
  { shape: 'dry-fill', mass: '412 g', bulkDensity: '0.81 g/ml' },
  { shape: 'weighed', mass: '412 g', density: '1.13 g/ml' },
  { shape: 'displaced', before: '400 ml', after: '450 ml' },
  {
    shape: 'mould',
    mould: { name: 'Knobs', material: 'silicone', cavities: [{ volume: '12 ml', count: 6 }] },
  },
];

describe('the published JSON Schema and the core say the same', () => {
  test.each<[string, unknown]>([
    ['the example of version 1', exampleFile],
    ['the example', stepFile],
    ['one pour as simple as it was', { ...stepFile, pours: [{ resin: exampleFile.resin }] }],
    [
      'fillers, each said in its own way',
      {
        ...stepFile,
        pours: [
          {
            resin: exampleFile.resin,
            fillers: [
              { kind: 'sand', mass: '120 g' },
              { kind: 'glitter', share: '2 %' },
              {
                kind: 'glass-beads',
                potBefore: '400 g',
                potAfter: '380 g',
                grainDensity: '2.5 g/ml',
              },
            ],
          },
        ],
      },
    ],
    ...demoJobs.map(({ id: __, ...job }) => [job.name, job] as [string, unknown]),
    [
      'a coat by area, an amount, batches by number',
      {
        ...exampleFile,
        batches: 4,
        measure: {
          parts: [
            { shape: 'coat', area: '1 m2', thickness: '2 mm', count: 1 },
            { shape: 'amount', amount: '300 g', count: 2, name: 'Test cup' },
          ],
        },
      },
    ],
    ...(everyMethod.map((part) => [
      `a part: ${part.shape}`,
      { ...exampleFile, measure: { parts: [part] } },
    ]) as [string, unknown][]),
    [
      'inserts, allowances, a kind of job in place of an overage',
      {
        ...withoutOverage,
        kind: 'porous',
        allowances: {
          seepage: { area: '0.1 m2', gap: '0.3 mm', off: true },
          soak: { area: '0.1 m2', surface: 'other', rate: '120 ml/m2' },
          runOff: { share: '5 %' },
          residue: { twoCups: true },
          shrinkage: { share: '1 %' },
          planing: { top: '2 mm', bottom: '0 mm' },
        },
        measure: {
          parts: exampleFile.measure.parts,
          readTo: '0.5 mm',
          inserts: [
            { shape: 'sphere', diameter: '20 mm', density: '8.5 g/ml', height: '5 mm', into: 1 },
            { shape: 'weighed', mass: '40 g', density: '7.8 g/ml', count: 3 },
          ],
        },
      },
    ],
    [
      'layers, colours, tint, cups and leftovers',
      {
        ...exampleFile,
        container: undefined,
        hardener: 'Fast',
        resin: { ...exampleFile.resin, hardeners: [{ name: 'Fast', potLife: { time: '9 min' } }] },
        layers: { style: 'full-top-off', caution: 0.75, maxDepth: '30 mm', joint: 'scuff' },
        heat: {
          day: { lowest: '15 °C', highest: '24 °C', warmestAt: '16:30' },
          pouredAt: '9:00',
          resinTemperature: '22 °C',
          fan: '12 h',
          underside: 'plate',
          plateTemperature: '12 °C',
          floor: { material: 'aluminium', thickness: '3 mm' },
          side: { material: 'timber', thickness: '40 mm' },
          bath: '38 °C',
        },
        containers: [{ name: 'Cup', capacity: '250 ml', use: 'vacuum' }, { capacity: '1 l' }],
        scaleStep: '0.1 g',
        mixing: { by: 'pump', strokeA: '30 ml', strokeB: '10 ml', stir: '4 min', first: 'b' },
        cupMarks: { marks: ['120 ml'], water: '21 °C' },
        portions: [
          {
            name: 'Red',
            cavity: 1,
            share: '40 %',
            pigments: [
              { name: 'Dye', kind: 'dye', drops: 3, twentyDrops: '0.6 g', testDepth: '5 mm' },
            ],
            swatch: '#b3262e',
          },
          { name: 'Plain', cavity: 1, rest: true },
        ],
        coloursFrom: 'one-batch',
        tint: { name: 'Smoke', kind: 'dye', pigment: '2 g' },
        leftoverMoulds: [
          { name: 'Knobs', material: 'silicone', cavities: [{ volume: '12 ml', count: 6 }] },
        ],
        wants: ['glitter'],
      },
    ],
    ['a step of the scale as older files have it', { ...exampleFile, scale: { step: '1 g' } }],
  ])('%s is right', (__, input) => {
    const file = JSON.parse(JSON.stringify(input)) as unknown;
    expect(fits(file)).toBe(true);
    expect(accepts(file)).toBe(true);
  });

  test.each([
    ['no name', { ...exampleFile, name: '' }],
    ['an unknown key', { ...exampleFile, overrage: '10 %' }],
    ['no parts', { ...exampleFile, measure: { parts: [] } }],
    [
      'a part without depth',
      { ...exampleFile, measure: { parts: [{ shape: 'cylinder', diameter: '3 mm', count: 1 }] } },
    ],
    ['a bare figure', { ...exampleFile, overage: 10 }],
    ['another version', { ...exampleFile, version: 3 }],
    ['version 1 that calls itself 2', { ...exampleFile, version: 2 }],
    ['no pours', { ...stepFile, pours: [] }],
    [
      'a pour that goes to two places',
      { ...stepFile, pours: [{ ...stepFile.pours[0], fills: {} }] },
    ],
    [
      'a face that no form has',
      {
        ...stepFile,
        pours: [{ ...stepFile.pours[0], covers: { face: 'lid', thickness: '1 mm' } }],
      },
    ],
    [
      'a filler without an amount',
      { ...stepFile, pours: [{ resin: exampleFile.resin, fillers: [{ kind: 'sand' }] }] },
    ],
    [
      'a filler said twice',
      {
        ...stepFile,
        pours: [
          { resin: exampleFile.resin, fillers: [{ kind: 'sand', mass: '1 g', share: '1 %' }] },
        ],
      },
    ],
    [
      'an unknown family',
      { ...firstDemoJob, pours: [{ resin: { ...exampleFile.resin, family: 'glue' } }] },
    ],
    [
      'a ratio of nothing',
      { ...exampleFile, resin: { ...exampleFile.resin, ratio: { by: 'volume', a: 0, b: 1 } } },
    ],
    ['an unknown style', { ...exampleFile, layers: { style: 'many' } }],
    ['a form in the air', { ...exampleFile, heat: { underside: 'floating' } }],
    ['an hour that no clock has', { ...exampleFile, heat: { pouredAt: '25:00' } }],
    ['half a day', { ...exampleFile, heat: { day: { lowest: '15 °C' } } }],
    ['a floor without a thickness', { ...exampleFile, heat: { floor: { material: 'timber' } } }],
    ['a caution over the label', { ...exampleFile, layers: { caution: 1.2 } }],
    ['a dose said twice', { ...exampleFile, tint: { pigment: '2 g', share: '1 %' } }],
    ['half a container', { ...exampleFile, container: { capacity: '1 l' } }],
  ])('%s is wrong', (__, file) => {
    expect(fits(file)).toBe(false);
    expect(accepts(file)).toBe(false);
  });
});
