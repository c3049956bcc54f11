import type { PartShape } from '../core/measure/partSchema';
import type { Kind } from '../core/quantity/kinds';
import type { ResinFamily } from '../core/resin/families';

export const shapeNames: Readonly<Record<PartShape, string>> = {
  box: 'Box',
  cylinder: 'Cylinder',
  frustum: 'Bowl or cup',
  coat: 'Coat',
  amount: 'Amount',
};

export const familyNames: Readonly<Record<ResinFamily, string>> = {
  'deep-pour-epoxy': 'Deep-pour epoxy',
  'casting-epoxy': 'Casting epoxy',
  'coating-epoxy': 'Coating epoxy',
  'fast-epoxy': 'Fast or laminating epoxy',
  polyurethane: 'Polyurethane',
  polyester: 'Polyester',
  uv: 'UV resin',
  'silicone-tin': 'Silicone, tin cure',
  'silicone-platinum': 'Silicone, platinum cure',
};

export const kindNames: Readonly<Record<Kind, string>> = {
  length: 'a length',
  area: 'an area',
  volume: 'a volume',
  mass: 'a mass',
  density: 'a density',
  temperature: 'a temperature',
  fraction: 'a percentage',
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
};
