import { mixed, type MixedSchema, type TestContext, type ValidationError } from 'yup';
import { inJson } from './inJson';
import { refusal } from './refusal';

interface NumberRule {
  /** Anything above nothing without it. */
  readonly least?: number;
  readonly greatest: number;
  readonly whole: boolean;
  /** Nothing at all is a number too: castings made so far. */
  readonly mayBeZero?: boolean;
  readonly example: string;
}

const isBlank = (value: unknown): boolean =>
  value === undefined || value === null || (typeof value === 'string' && value.trim() === '');

/** `1,200` is twelve hundred to one reader and a little over one to another. */
const isAmbiguous = (value: unknown): value is string =>
  typeof value === 'string' && /^\s*[+-]?[1-9]\d{0,2},\d{3}\s*$/.test(value);

/** A plain number written with a point or a comma; anything else is NaN, blank is nothing. */
function numberOf(value: unknown): number | undefined {
  if (typeof value === 'number') return value;
  if (isBlank(value)) return undefined;
  if (isAmbiguous(value)) return NaN;
  if (typeof value !== 'string' || !/^\s*[+-]?(\d+([.,]\d*)?|[.,]\d+)\s*$/.test(value)) return NaN;
  return Number(value.replace(',', '.'));
}

function verdict(value: number, rule: NumberRule, context: TestContext): true | ValidationError {
  const { least = 0, greatest, whole, mayBeZero = false, example } = rule;
  const typed: unknown = context.originalValue;
  if (isAmbiguous(typed)) {
    const choices = [typed.replace(',', ''), typed.replace(',', '.')].map((each) => each.trim());
    return refusal(context, 'ambiguous-comma', { unclear: typed.trim(), choices, example });
  }
  if (!Number.isFinite(value)) return refusal(context, 'not-a-number', { example });
  // Below nothing only where the rule says how far, as for a temperature.
  if (least >= 0 && (value < 0 || (value === 0 && !mayBeZero))) {
    return refusal(context, 'not-positive', { example });
  }
  if (value < least) return refusal(context, 'too-small', { least: String(least) });
  if (whole && !Number.isInteger(value)) return refusal(context, 'not-whole', { example });
  if (value > greatest) return refusal(context, 'too-large', { greatest: String(greatest) });
  return true;
}

/** The same limits, as a published JSON Schema says them. */
const numberInJson = ({ least = 0, greatest, whole, mayBeZero = false }: NumberRule) =>
  inJson({
    type: whole ? 'integer' : 'number',
    ...(least === 0 && !mayBeZero ? { exclusiveMinimum: 0 } : { minimum: least }),
    maximum: greatest,
  });

function blankableNumber(rule: NumberRule): MixedSchema<number | undefined> {
  return mixed<number>((value): value is number => typeof value === 'number')
    .meta(numberInJson(rule))
    .transform((_, original: unknown) => numberOf(original));
}

/** A number above nothing, typed or given: part of a ratio, or a count. */
export function numberSchema(rule: NumberRule): MixedSchema<number> {
  return blankableNumber(rule).test('number', (value, context) =>
    value === undefined
      ? refusal(context, 'empty', { example: rule.example })
      : verdict(value, rule, context),
  ) as MixedSchema<number>;
}

/** The same for a field that may be left empty or out. */
export function optionalNumberSchema(rule: NumberRule): MixedSchema<number | undefined> {
  return blankableNumber(rule).test(
    'number',
    (value, context) => value === undefined || verdict(value, rule, context),
  );
}

/** The same for a count that a file may leave out, which then is the usual one; a field that was emptied is refused. */
export function countSchema(rule: NumberRule, usual: number): MixedSchema<number> {
  return mixed<number>((value): value is number => typeof value === 'number')
    .meta(numberInJson(rule))
    .nullable()
    .transform((_, original: unknown) => numberOf(original) ?? null)
    .default(usual)
    .test('number', (value, context) =>
      value === null || value === undefined
        ? refusal(context, 'empty', { example: rule.example })
        : verdict(value, rule, context),
    ) as unknown as MixedSchema<number>;
}
