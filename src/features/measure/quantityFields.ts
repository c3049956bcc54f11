import {
  amountRule,
  areaRule,
  bodyDensityRule,
  bulkDensityRule,
  contactAngleRule,
  draftRule,
  lengthRule,
  massRule,
  positionRule,
  volumeRule,
  waterTemperatureRule,
  type QuantityRule,
} from '../../core/quantity/rules';
import type { QuantityKey } from '../../data/draft/partDraft';

interface FieldOfQuantity {
  readonly rule: QuantityRule;
  /** Put behind a bare figure. */
  readonly unit: string;
}

const field = (rule: object, unit: string): FieldOfQuantity => ({
  // A field takes any rule; the kinds of a single one do not matter to it.
  rule: rule as QuantityRule,
  unit,
});

const special: Readonly<Partial<Record<QuantityKey, FieldOfQuantity>>> = {
  draft: field(draftRule, '°'),
  area: field(areaRule, 'm2'),
  amount: field(amountRule, 'ml'),
  mass: field(massRule, 'g'),
  volume: field(volumeRule, 'ml'),
  before: field(volumeRule, 'ml'),
  after: field(volumeRule, 'ml'),
  water: field(waterTemperatureRule, '°C'),
  bulkDensity: field(bulkDensityRule, 'g/ml'),
  density: field(bodyDensityRule, 'g/ml'),
  height: field(positionRule, 'mm'),
  angle: field(contactAngleRule, '°'),
  twentyDrops: field(massRule, 'g'),
};

/** What a field of a part takes, by its key; most take a length. */
export const quantityFieldOf = (key: QuantityKey): FieldOfQuantity =>
  special[key] ?? field(lengthRule, 'mm');
