import { readQuantity } from '../../quantity/readQuantity';
import {
  amountRule,
  bodyDensityRule,
  bulkDensityRule,
  draftRule,
  lengthRule,
  massRule,
  positionRule,
  volumeRule,
  waterTemperatureRule,
} from '../../quantity/rules';
import { InputError } from '../../problem';
import { measureChannel } from '../channel/channel';
import { channelFaces } from '../channel/channelFaces';
import { asGiven } from '../doubt';
import {
  byDisplacement,
  byWeight,
  dryByJug,
  dryByWeight,
  wetByJug,
  wetByScale,
  type Found,
} from '../fill/fillTests';
import { solidOfVolume } from '../form/prism';
import { combinedSlabs } from '../form/slabs';
import { solidOfSlabs } from '../form/solidOfSlabs';
import type { Solid } from '../form/solid';
import type { Measured, PartWarning } from '../measured';
import { isPorous, type MouldMaterial } from '../mould/materials';
import { readingDoubt } from '../shapes/readingDoubt';
import type { ShapeValues } from '../shapes/shapeFields';
import { isPlainShape, shapeRules, type ShapeRule, type TypedShape } from '../shapes/shapeRules';
import type { CommonKeys } from './common';
import { measureCoat } from './measureCoat';
import { measureDome } from './measureDome';
import { measureDrawing, measureTraced } from './measureOutlines';
import { measureMeshPart } from './measureMeshPart';
import { measureMouldPart } from './measureMouldPart';
import type {
  ChannelPart,
  DisplacedPart,
  DryFillPart,
  WeighedPart,
  WetFillPart,
} from './methodSchemas';
import type { Part } from './partSchema';
import type { Reading } from './reading';
import { measureRectangles } from './measureRectangles';

const lengthMm = (typed: string): number => readQuantity(typed, lengthRule).value;

/**
 * One cavity or body of a part.
 * @param part as checked by `partSchema`
 * @throws InputError where figures that are right each by itself make no shape; the field is relative to the part
 */
export function measurePart(part: Part, reading: Reading): Measured {
  if (isPlainShape(part.shape)) return measurePlain(part as TypedShape & CommonKeys, reading);
  // Plain shapes are handled above; the type cannot say that of a part with a computed shape.
  const method = part as Exclude<Part, TypedShape>;
  switch (method.shape) {
    case 'coat':
      return measureCoat(method, reading);
    case 'dome':
      return measureDome(method, reading);
    case 'channel':
      return measureChannelPart(method, reading);
    case 'rectangles':
      return measureRectangles(method, reading);
    case 'traced':
      return measureTraced(method, reading);
    case 'drawing':
      return measureDrawing(method, reading);
    case 'mesh':
      return measureMeshPart(method, reading);
    case 'wet-fill':
      return measureWetFill(method, reading);
    case 'dry-fill':
      return measureDryFill(method, reading);
    case 'weighed':
      return measureWeighed(method, reading);
    case 'displaced':
      return measureDisplaced(method);
    case 'mould':
      return measureMouldPart(method);
    case 'amount': {
      const { kind, value } = readQuantity(method.amount, amountRule);
      const volumeMl = kind === 'mass' ? value / reading.mixedDensityGPerMl : value;
      return { solid: solidOfVolume(volumeMl, undefined), doubt: asGiven, warnings: [] };
    }
  }
}

/** The form that a rule makes of its values, hollow where a wall is given. */
function plainSolid(rule: ShapeRule, values: ShapeValues): Solid {
  const outer = rule.solid(values, 0);
  const wallMm = values['wall'] ?? 0;
  if (wallMm === 0) return outer;
  const inner = rule.solid(values, wallMm);
  const shell = combinedSlabs([
    { slabs: outer.slabs, factor: 1, raisedMm: 0 },
    { slabs: inner.slabs, factor: -1, raisedMm: 0 },
  ]);
  return solidOfSlabs(shell, outer.outline);
}

function measurePlain(part: TypedShape & CommonKeys, { tapeStepMm }: Reading): Measured {
  const rule: ShapeRule = shapeRules[part.shape];
  const typed: Readonly<Record<string, string | number | undefined>> = { ...part };
  const values: Record<string, number> = {};
  const lengths: string[] = [];
  for (const [key, field] of Object.entries({ ...rule.fields, ...rule.optional })) {
    const text = typed[key];
    if (text === undefined || text === '') continue;
    if (field === 'sides') values[key] = Number(text);
    else if (field === 'angle') values[key] = readQuantity(String(text), draftRule).value;
    else {
      values[key] = lengthMm(String(text));
      lengths.push(key);
    }
  }
  const solid = plainSolid(rule, values);
  const doubt = readingDoubt(
    values,
    lengths,
    tapeStepMm,
    (moved) => plainSolid(rule, moved).volumeMl,
  );
  const whole = (values['wall'] ?? 0) === 0 ? solid : rule.solid(values, 0);
  return { solid, faces: rule.faces(values, whole), doubt, warnings: [] };
}

function measureChannelPart(part: ChannelPart, { tapeStepMm }: Reading): Measured {
  const common = part.depth === undefined ? undefined : lengthMm(part.depth);
  const stations = part.stations.map((station, index) => {
    const depthMm = station.depth === undefined ? common : lengthMm(station.depth);
    if (depthMm === undefined) {
      const field = part.stations.some(({ depth }) => depth !== undefined)
        ? `stations[${index}].depth`
        : 'depth';
      throw new InputError('missing', undefined, { example: '45 mm' }, field);
    }
    const atMm = readQuantity(station.at, positionRule).value;
    return { atMm, widthMm: lengthMm(station.width), depthMm };
  });
  const { solid, doubt, detail } = measureChannel(stations, tapeStepMm);
  return {
    solid,
    faces: channelFaces(stations),
    doubt,
    warnings: [],
    detail: { kind: 'channel', channel: detail },
  };
}

/** What a found volume comes to, with straight sides where only a depth is known. */
function ofFound(
  { volumeMl, doubt }: Found,
  depth: string | undefined,
  warnings: readonly PartWarning[],
): Measured {
  const depthMm = depth === undefined ? undefined : lengthMm(depth);
  const straight: PartWarning[] =
    depthMm === undefined
      ? []
      : [{ code: 'straight-sides-assumed', severity: 'tell', data: { depthMm } }];
  return { solid: solidOfVolume(volumeMl, depthMm), doubt, warnings: [...warnings, ...straight] };
}

function wetWarnings(
  material: MouldMaterial | undefined,
  overruled: boolean | undefined,
): PartWarning[] {
  const dry: PartWarning = { code: 'dry-the-mould', severity: 'warn', data: {} };
  if (!isPorous(material)) return [dry];
  if (overruled !== true) {
    throw new InputError('porous-mould', material, { material }, 'material');
  }
  return [dry, { code: 'porous-overruled', severity: 'warn', data: { material } }];
}

function measureWetFill(part: WetFillPart, { scaleStepG }: Reading): Measured {
  const warnings = wetWarnings(part.material, part.overruled);
  const found =
    'volume' in part
      ? wetByJug(readQuantity(part.volume, volumeRule).value)
      : wetByScale(
          readQuantity(part.mass, massRule).value,
          readQuantity(part.water, waterTemperatureRule).value,
          scaleStepG,
        );
  return ofFound(found, part.depth, warnings);
}

function measureDryFill(part: DryFillPart, { scaleStepG }: Reading): Measured {
  const found =
    'volume' in part
      ? dryByJug(readQuantity(part.volume, volumeRule).value)
      : dryByWeight(
          readQuantity(part.mass, massRule).value,
          readQuantity(part.bulkDensity, bulkDensityRule).value,
          scaleStepG,
        );
  return ofFound(found, part.depth, []);
}

function measureWeighed(part: WeighedPart, { scaleStepG }: Reading): Measured {
  const massG = readQuantity(part.mass, massRule).value;
  const densityGPerMl = readQuantity(part.density, bodyDensityRule).value;
  return ofFound(byWeight(massG, densityGPerMl, scaleStepG), part.depth, []);
}

function measureDisplaced(part: DisplacedPart): Measured {
  const beforeMl = readQuantity(part.before, volumeRule).value;
  const afterMl = readQuantity(part.after, volumeRule).value;
  if (afterMl <= beforeMl) {
    throw new InputError('level-not-risen', part.after, { beforeMl }, 'after');
  }
  return ofFound(byDisplacement(beforeMl, afterMl), part.depth, []);
}
