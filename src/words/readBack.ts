import { formatNumber, formatPlain } from '../core/quantity/format';
import { readQuantity } from '../core/quantity/readQuantity';
import type { Kind } from '../core/quantity/kinds';
import type { QuantityRule } from '../core/quantity/rules';
import { InputError } from '../core/problem';
import { sayC, sayG, sayMl, sayMm, sayPercent, sayTime } from './figures';

const tie = '\u00a0';

function said(kind: Kind, value: number): string {
  switch (kind) {
    case 'length':
      return sayMm(value);
    case 'area':
      return `${formatNumber(value / 1e6, 4)}${tie}m²`;
    case 'volume':
      return sayMl(value);
    case 'mass':
      return sayG(value);
    case 'density':
      return `${formatPlain(value, 4)}${tie}g/ml`;
    case 'temperature':
      return sayC(value);
    case 'fraction':
      return sayPercent(value);
    case 'angle':
      return `${formatPlain(value, 1)}${tie}°`;
    case 'time':
      return sayTime(value);
    case 'flow':
      return `${formatPlain(value, 1)}${tie}ml/min`;
    case 'viscosity':
      return `${formatPlain(value, 1)}${tie}mPa·s`;
    case 'pressure':
      return `${formatPlain(value, 1)}${tie}kPa`;
    case 'irradiance':
      return `${formatPlain(value, 2)}${tie}mW/cm²`;
    case 'exposure':
      return `${formatPlain(value, 1)}${tie}mJ/cm²`;
  }
}

/** What a typed quantity comes to in the core's unit; nothing where it says so itself or is not right. */
export function sayReadBack<K extends Kind>(
  typed: string,
  rule: QuantityRule<K>,
): string | undefined {
  try {
    const { kind, value } = readQuantity(typed, rule);
    const text = said(kind, value);
    const unit = text.slice(text.indexOf(tie) + 1);
    const saysItself =
      /^[-\d.]+\s*/.test(typed) && typed.trim().replace(/^[-\d.]+\s*/, '') === unit;
    return saysItself ? undefined : `= ${text}`;
  } catch (error) {
    if (error instanceof InputError) return undefined;
    throw error;
  }
}
