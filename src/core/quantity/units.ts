import type { Kind } from './kinds';

/** A unit and its exact size in the base unit of its kind (see `kinds.ts`). */
export interface Unit {
  /** How Nipperkin writes it. */
  readonly symbol: string;
  readonly kind: Exclude<Kind, 'temperature'>;
  /** Exact by definition: 25.4 mm/in, 231 in³/US gallon, 4.54609 l/imperial gallon, 453.59237 g/lb. */
  readonly inBaseUnits: number;
  /** What people type for it, in lower case. */
  readonly aliases: readonly string[];
}

const mmPerInch = 25.4;
const mlPerCubicInch = mmPerInch ** 3 / 1000;
const mlPerUsGallon = 231 * mlPerCubicInch;
const mlPerImperialGallon = 4546.09;
const gPerPound = 453.59237;

function unit(kind: Unit['kind'], symbol: string, inBaseUnits: number, ...aliases: string[]): Unit {
  return { kind, symbol, inBaseUnits, aliases: [symbol.toLowerCase(), ...aliases] };
}

const length = [
  unit('length', 'mm', 1, 'millimetre', 'millimetres', 'millimeter', 'millimeters'),
  unit('length', 'cm', 10, 'centimetre', 'centimetres', 'centimeter', 'centimeters'),
  unit('length', 'm', 1000, 'metre', 'metres', 'meter', 'meters'),
  unit('length', 'µm', 0.001, 'um', 'micron', 'microns'),
  unit('length', 'in', mmPerInch, '"', 'inch', 'inches'),
  unit('length', 'ft', 12 * mmPerInch, "'", 'foot', 'feet'),
  unit('length', 'yd', 36 * mmPerInch, 'yard', 'yards'),
  unit('length', 'mil', mmPerInch / 1000, 'mils', 'thou'),
  // What a surface drinks or keeps is told as a volume over an area, which is a thickness.
  unit('length', 'ml/m2', 0.001),
  unit('length', 'l/m2', 1),
];

const area = [
  unit('area', 'mm2', 1, 'sq mm'),
  unit('area', 'cm2', 100, 'sq cm'),
  unit('area', 'm2', 1e6, 'sq m'),
  unit('area', 'in2', mmPerInch ** 2, 'sq in', 'sq inch', 'sq inches', 'square inches'),
  unit('area', 'ft2', (12 * mmPerInch) ** 2, 'sq ft', 'square feet', 'square foot'),
];

const volume = [
  unit('volume', 'ml', 1, 'cc', 'cm3', 'millilitre', 'millilitres', 'milliliter', 'milliliters'),
  unit('volume', 'mm3', 0.001),
  unit('volume', 'cl', 10),
  unit('volume', 'l', 1000, 'litre', 'litres', 'liter', 'liters', 'dm3'),
  unit('volume', 'm3', 1e6),
  unit('volume', 'in3', mlPerCubicInch, 'cu in', 'cubic inch', 'cubic inches'),
  unit('volume', 'ft3', 1728 * mlPerCubicInch, 'cu ft', 'cubic foot', 'cubic feet'),
  unit('volume', 'US fl oz', mlPerUsGallon / 128, 'fl oz us', 'fl oz (us)', 'floz us', 'us floz'),
  unit(
    'volume',
    'imp fl oz',
    mlPerImperialGallon / 160,
    'fl oz imp',
    'fl oz (imp)',
    'fl oz (imperial)',
    'imperial fl oz',
    'uk fl oz',
    'fl oz uk',
  ),
  unit('volume', 'US pt', mlPerUsGallon / 8, 'us pint', 'us pints', 'pt us'),
  unit('volume', 'imp pt', mlPerImperialGallon / 8, 'imperial pint', 'imperial pints', 'uk pint'),
  unit('volume', 'US qt', mlPerUsGallon / 4, 'us quart', 'us quarts', 'qt us'),
  unit('volume', 'imp qt', mlPerImperialGallon / 4, 'imperial quart', 'imperial quarts'),
  unit('volume', 'US gal', mlPerUsGallon, 'us gallon', 'us gallons', 'gal us', 'gal (us)'),
  unit(
    'volume',
    'imp gal',
    mlPerImperialGallon,
    'imperial gallon',
    'imperial gallons',
    'gal imp',
    'gal (imp)',
    'uk gallon',
    'uk gallons',
  ),
];

const mass = [
  unit('mass', 'g', 1, 'gram', 'grams', 'gramme', 'grammes'),
  unit('mass', 'mg', 0.001),
  unit('mass', 'kg', 1000, 'kilo', 'kilos', 'kilogram', 'kilograms'),
  unit('mass', 'lb', gPerPound, 'lbs', 'pound', 'pounds'),
  unit(
    'mass',
    'oz weight',
    gPerPound / 16,
    'oz (weight)',
    'oz wt',
    'wt oz',
    'weight oz',
    'oz av',
    'avoirdupois oz',
  ),
];

const density = [
  unit('density', 'g/ml', 1, 'g/cc', 'g/cm3', 'kg/l', 'kg/dm3'),
  unit('density', 'kg/m3', 0.001, 'g/l'),
  unit('density', 'lb/US gal', gPerPound / mlPerUsGallon, 'lbs/us gal'),
  unit('density', 'lb/imp gal', gPerPound / mlPerImperialGallon, 'lbs/imp gal'),
  unit('density', 'lb/ft3', gPerPound / (1728 * mlPerCubicInch)),
];

const fraction = [unit('fraction', '%', 0.01, 'percent', 'per cent')];

const angle = [unit('angle', '°', 1, 'deg', 'degree', 'degrees')];

const time = [
  unit('time', 'min', 1, 'mins', 'minute', 'minutes'),
  unit('time', 's', 1 / 60, 'sec', 'secs', 'second', 'seconds'),
  unit('time', 'h', 60, 'hr', 'hrs', 'hour', 'hours'),
  unit('time', 'days', 1440, 'd', 'day'),
  unit('time', 'weeks', 10_080, 'wk', 'week'),
];

const flow = [
  unit('flow', 'ml/min', 1),
  unit('flow', 'ml/s', 60),
  unit('flow', 'l/min', 1000),
  unit('flow', 'l/h', 1000 / 60),
];

// A raised dot is read as a multiplication, so the star stands in the aliases.
const viscosity = [
  unit('viscosity', 'mPa·s', 1, 'mpa*s', 'mpa s', 'mpas', 'cp', 'cps', 'centipoise'),
  unit('viscosity', 'Pa·s', 1000, 'pa*s', 'pa s', 'pas'),
];

// 1 lbf/in² by the pound of force: 4.4482216152605 N over 645.16 mm². Mercury and water columns are the conventional ones.
const pressure = [
  unit('pressure', 'kPa', 1, 'kilopascal', 'kilopascals'),
  unit('pressure', 'bar', 100, 'bars'),
  unit('pressure', 'mbar', 0.1, 'hpa', 'millibar', 'millibars'),
  unit('pressure', 'psi', 4.4482216152605 / 0.64516, 'psig', 'lbf/in2', 'lb/in2'),
  unit('pressure', 'Pa', 0.001, 'pascal', 'pascals'),
  unit('pressure', 'atm', 101.325),
  unit('pressure', 'mmHg', 0.133322387415, 'torr'),
  unit('pressure', 'inHg', 3.386388640341, 'in hg', '"hg'),
];

const irradiance = [
  unit('irradiance', 'mW/cm2', 1, 'mw/cm²'),
  unit('irradiance', 'W/m2', 0.1, 'w/m²'),
  unit('irradiance', 'W/cm2', 1000, 'w/cm²'),
];

const exposure = [
  unit('exposure', 'mJ/cm2', 1, 'mj/cm²'),
  unit('exposure', 'J/cm2', 1000, 'j/cm²'),
  unit('exposure', 'J/m2', 0.1, 'j/m²'),
];

/** Every unit that can take part in arithmetic. */
export const units: readonly Unit[] = [
  ...length,
  ...area,
  ...volume,
  ...mass,
  ...density,
  ...fraction,
  ...angle,
  ...time,
  ...flow,
  ...viscosity,
  ...pressure,
  ...irradiance,
  ...exposure,
];

const usOrImperial = (name: string): readonly string[] => [`US ${name}`, `imp ${name}`];
const threeOunces = [...usOrImperial('fl oz'), 'oz weight'];

/** Words that name more than one unit: always refused, with the choices. */
export const ambiguousUnits: ReadonlyMap<string, readonly string[]> = new Map([
  ...['oz', 'ozs', 'ounce', 'ounces'].map((word) => [word, threeOunces] as const),
  ...['fl oz', 'floz', 'fl. oz', 'fl.oz', 'fluid ounce', 'fluid ounces'].map(
    (word) => [word, usOrImperial('fl oz')] as const,
  ),
  ...['gal', 'gals', 'gallon', 'gallons'].map((word) => [word, usOrImperial('gal')] as const),
  ...['pt', 'pint', 'pints'].map((word) => [word, usOrImperial('pt')] as const),
  ...['qt', 'quart', 'quarts'].map((word) => [word, usOrImperial('qt')] as const),
]);

const unitBySymbol = new Map(units.map((each) => [each.symbol, each]));

/**
 * The unit with this symbol.
 * @throws RangeError where no unit has it: symbols come from code, never from people.
 */
export function unitOf(symbol: string): Unit {
  const found = unitBySymbol.get(symbol);
  if (found === undefined) throw new RangeError(`no unit has the symbol ${symbol}`);
  return found;
}

/** A value in base units (see `kinds.ts`) told in the unit with this symbol. */
export function inUnit(baseValue: number, symbol: string): number {
  return baseValue / unitOf(symbol).inBaseUnits;
}
