import type { AllowanceCode } from '../core/measure/allowances/allowances';
import type { soakSurfaces } from '../core/measure/allowances/allowancesSchema';
import type { OverageKind } from '../core/measure/allowances/overage';
import type { CoatFace } from '../core/measure/coat/coat';
import type { FlatShape } from '../core/measure/flat/flatRules';
import type { FileUnit } from '../core/measure/mesh/fileUnits';
import type { UpSide } from '../core/measure/mesh/orientation';
import type { MouldMaterial } from '../core/measure/mould/materials';
import type { PartShape } from '../core/measure/parts/partSchema';
import type { coloursFrom } from '../core/colour/colourSchemas';
import type { PigmentKind } from '../core/colour/pigmentKinds';
import type { Joint, LayerStyle, DepthRule } from '../core/layers/layersSchema';
import type { wants } from '../core/job/pourKeys';
import type { MeasuredBy, StirredBy } from '../core/mix/mixingSchema';
import type { Clarity } from '../core/resin/resinSchema';
import type { Kind } from '../core/quantity/kinds';

export const shapeNames: Readonly<Record<PartShape, string>> = {
  box: 'Box',
  'rounded-rectangle': 'Rounded box',
  cylinder: 'Cylinder',
  ring: 'Ring or tube',
  frustum: 'Bowl or cup',
  pyramid: 'Tapered box',
  cone: 'Cone',
  'spherical-cap': 'Dish (cap of a ball)',
  hemisphere: 'Half ball',
  sphere: 'Ball',
  ellipse: 'Oval',
  polygon: 'Regular polygon',
  triangle: 'Triangle',
  coat: 'Coat',
  dome: 'Dome or bezel',
  channel: 'Channel by stations',
  rectangles: 'Rectangles laid over',
  traced: 'Traced outline',
  drawing: 'Drawing file',
  mesh: 'Mesh file',
  'wet-fill': 'Fill test with water',
  'dry-fill': 'Fill test with grain',
  weighed: 'Weight ÷ density',
  displaced: 'Dunked in a jug',
  mould: 'Mould from the library',
  amount: 'Known amount',
};

export const flatNames: Readonly<Record<FlatShape | 'traced' | 'drawing', string>> = {
  rectangle: 'Rectangle',
  'rounded-rectangle': 'Rounded',
  circle: 'Round',
  ellipse: 'Oval',
  polygon: 'Polygon',
  triangle: 'Triangle',
  traced: 'Traced',
  drawing: 'Drawing file',
};

export const allowanceNames: Readonly<Record<AllowanceCode, string>> = {
  overage: 'Overage',
  seepage: 'Seepage under slabs',
  soak: 'Soak into timber',
  runOff: 'Run-off over edges',
  shrinkage: 'Cure shrinkage',
  planing: 'Stock to plane away',
  spout: 'In spout and vents',
  residue: 'Left in cups',
};

export const overageKindNames: Readonly<Record<OverageKind, string>> = {
  'open-mould': 'Small open moulds',
  general: 'General',
  porous: 'Porous or seeping',
};

export const soakSurfaceNames: Readonly<Record<(typeof soakSurfaces)[number], string>> = {
  'bare-timber': 'Bare timber',
  'sealed-timber': 'Sealed timber',
  other: 'Something else',
};

export const materialNames: Readonly<Record<MouldMaterial, string>> = {
  silicone: 'Silicone',
  polypropylene: 'Polypropylene',
  hdpe: 'HDPE',
  melamine: 'Melamine board',
  timber: 'Timber',
  plaster: 'Plaster',
  metal: 'Metal',
  other: 'Other',
};

export const coatFaceNames: Readonly<Record<CoatFace['face'], string>> = {
  top: 'Top',
  edges: 'Edges',
  underside: 'Drip band underneath',
  sides: 'Sides',
  floor: 'Floor',
  'sides-and-floor': 'Sides and floor',
  surface: 'Level surface',
};

export const fileUnitWords: Readonly<Record<FileUnit, string>> = {
  mm: 'millimetres',
  cm: 'centimetres',
  m: 'metres',
  in: 'inches',
  ft: 'feet',
};

export const upSideNames: Readonly<Record<UpSide, string>> = {
  '+z': 'As in the file',
  '-z': 'Upside down',
  '+x': 'Right side up',
  '-x': 'Left side up',
  '+y': 'Back side up',
  '-y': 'Front side up',
};

export const pigmentNames: Readonly<Record<PigmentKind, string>> = {
  powder: 'Powder',
  'epoxy-paste': 'Epoxy paste',
  'polyurethane-paste': 'Polyurethane paste',
  'polyester-paste': 'Polyester paste',
  'silicone-paste': 'Silicone paste',
  'liquid-acrylic': 'Liquid acrylic',
  'alcohol-ink': 'Alcohol ink',
  dye: 'Dye',
};

export const layerStyleNames: Readonly<Record<LayerStyle, string>> = {
  'one-pour': 'One pour',
  equal: 'Equal layers',
  'full-top-off': 'Full layers, then a top-up',
  'lock-in': 'Thin layer first',
};

export const depthRuleWords: Readonly<
  Record<DepthRule, { readonly label: string; readonly note: string }>
> = {
  smaller: { label: 'Whichever is less', note: 'label and heat in this room' },
  label: { label: 'The label', note: 'whatever the room' },
  room: { label: 'Heat in this room', note: 'an estimate; deeper than the label in a cool room' },
};

export const coloursFromNames: Readonly<Record<(typeof coloursFrom)[number], string>> = {
  'own-batches': 'Each by itself, its own A and B',
  'one-batch': 'As shares of one mixed batch',
};

export const measuredByNames: Readonly<Record<MeasuredBy, string>> = {
  weight: 'On a scale',
  volume: 'In marked cups',
  pump: 'By pump strokes',
};

export const wantNames: Readonly<Record<(typeof wants)[number], string>> = {
  'fine-detail': 'Must run into fine detail',
  glitter: 'Glitter or flakes must not sink',
};

export const jointNames: Readonly<Record<Joint, string>> = {
  tacky: 'In the tacky window',
  scuff: 'Cured, scuffed, wiped',
};

export const clarityNames: Readonly<Record<Clarity, string>> = {
  'water-clear': 'Water-clear',
  clear: 'Clear',
  tinted: 'Tinted',
  opaque: 'Opaque',
};

export const stirredByWords: Readonly<
  Record<StirredBy, { readonly label: string; readonly note: string }>
> = {
  hand: { label: 'By hand', note: 'slowly, walls and bottom scraped' },
  machine: {
    label: 'By machine',
    note: 'paddle fully under, slow: it whips in twice the air, and walls are scraped by hand all the same',
  },
};

export const kindNames: Readonly<Record<Kind, string>> = {
  length: 'a length',
  area: 'an area',
  volume: 'a volume',
  mass: 'a mass',
  density: 'a density',
  temperature: 'a temperature',
  fraction: 'a percentage',
  angle: 'an angle',
  time: 'a time',
  flow: 'a pouring rate',
  viscosity: 'a viscosity',
  pressure: 'a pressure',
  irradiance: 'a lamp’s intensity',
  exposure: 'an exposure',
};

/** What a quantity looks like when it is right. */
export const exampleOfKind: Readonly<Record<Kind, string>> = {
  length: '300 mm or 2-1/2 in',
  area: '0.24 m2 or 600 mm x 400 mm',
  volume: '500 ml or 1.2 l',
  mass: '500 g or 2 lb',
  density: '1.13 g/ml',
  temperature: '21 °C or 70 °F',
  fraction: '10 %',
  angle: '3°',
  time: '45 min or 12 h',
  flow: '500 ml/min',
  viscosity: '350 mPa·s',
  pressure: '40 psi or 2.7 bar',
  irradiance: '5 mW/cm2',
  exposure: '15 mJ/cm2',
};

/** The last name in a field's path, as the screen calls it. */
export const fieldNames: Readonly<Record<string, string>> = {
  length: 'Length',
  width: 'Width',
  depth: 'Depth',
  diameter: 'Diameter',
  bottomDiameter: 'Bottom diameter',
  topDiameter: 'Top diameter',
  thickness: 'Thickness',
  area: 'Area',
  amount: 'Amount',
  radius: 'Corner radius',
  outerDiameter: 'Outer diameter',
  innerDiameter: 'Inner diameter',
  bottomLength: 'Bottom length',
  bottomWidth: 'Bottom width',
  topLength: 'Top length',
  topWidth: 'Top width',
  sides: 'Sides',
  acrossFlats: 'Across flats',
  sideA: 'First side',
  sideB: 'Second side',
  sideC: 'Third side',
  draft: 'Draft of the walls',
  wall: 'Wall, if hollow',
  band: 'Width of the band',
  edges: 'Edges',
  underside: 'Underside',
  face: 'Face',
  stations: 'Stations',
  at: 'At',
  rectangles: 'Rectangles',
  narrowest: 'Narrowest width',
  scale: 'Scale',
  square: 'One square',
  outlines: 'Outlines',
  picked: 'Chosen outlines',
  path: 'File',
  unit: 'Unit',
  as: 'Read as',
  box: 'Mould box',
  up: 'Up',
  turn: 'Turned',
  measured: 'Measured',
  mould: 'Mould',
  material: 'Material',
  cavities: 'Cavities',
  cavity: 'Cavity',
  volume: 'Volume',
  mass: 'Mass',
  water: 'Water temperature',
  bulkDensity: 'Bulk density',
  density: 'Density',
  before: 'Level before',
  after: 'Level after',
  inserts: 'Inserts',
  height: 'Height',
  into: 'In cavity',
  readTo: 'Tape read to',
  kind: 'Kind of job',
  allowances: 'Allowances',
  gap: 'Gap',
  surface: 'Surface',
  rate: 'Rate',
  share: 'Share',
  perBatch: 'Left in each cup',
  top: 'Top',
  bottom: 'Bottom',
  count: 'Count',
  name: 'Name',
  shape: 'Shape',
  temperature: 'Room temperature',
  overage: 'Overage',
  capacity: 'Container',
  fill: 'Filled to',
  step: 'Scale shows',
  densityA: 'Density of A',
  densityB: 'Density of B',
  greatestDepth: 'Greatest depth',
  family: 'Family',
  a: 'Parts of A',
  b: 'Parts of B',
  by: 'Ratio by',
  heights: 'Layer height',
  parts: 'Cavities',
  resin: 'Resin',
  room: 'Room',
  measure: 'Measure',
  format: 'Format',
  version: 'Version',
  batches: 'Batches',
  potLife: 'Pot life',
  ratio: 'Ratio',
  hardener: 'Hardener',
  layers: 'Layers',
  lockIn: 'First thin layer',
  maxDepth: 'Greatest layer here',
  caution: 'Caution',
  portions: 'Colours',
  pigments: 'Pigments',
  tint: 'Tint of all of A',
  testDepth: 'Depth in the test cup',
  scaleStep: 'Scale shows',
  containers: 'Containers',
  mixing: 'Mixing',
  stir: 'Stirring',
  pourRate: 'Pouring rate',
  keptBack: 'Held in reserve of the pot life',
  kits: 'Kits',
  lots: 'Lots',
  leftoverMoulds: 'Moulds for leftovers',
  cupMarks: 'Cup marks',
};
