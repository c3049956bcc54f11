import { array, object, string } from 'yup';
import { InputError } from '../problem';
import { lengthRule, overageRule, roomTemperatureRule } from '../quantity/rules';
import { check, checkedOrThrow } from './check';
import { needed } from './needed';
import { numberSchema, optionalNumberSchema } from './numberSchema';
import { optionalQuantitySchema, quantitySchema } from './quantitySchema';
import { nameSchema, noteSchema } from './textSchema';

const cup = object({
  name: nameSchema(20),
  note: noteSchema(10),
  rim: needed(object({ width: quantitySchema(lengthRule) }).noUnknown()),
  lip: optionalQuantitySchema(lengthRule),
  count: numberSchema({ greatest: 9, whole: true, example: '3' }),
  spare: optionalNumberSchema({ greatest: 9, whole: false, example: '1.5' }),
  kind: string().oneOf(['paper', 'plastic']),
  marks: array().of(quantitySchema(lengthRule)).max(2),
}).noUnknown();

const good = { name: 'Small', rim: { width: '80 mm' }, count: 2 };

const problemsOf = (change: object, strip = false) =>
  check(cup, { ...good, ...change }, { strip }).problems.map(({ code, field }) => [code, field]);

test('what is right comes back typed', () => {
  const { value } = check(cup, { ...good, count: '2', spare: '1,5', lip: '' }, { strip: false });
  expect(value).toEqual({ ...good, count: 2, spare: 1.5 });
});

test.each([
  ['no name', { name: undefined }, [['no-name', 'name']]],
  ['a blank name', { name: '  ' }, [['no-name', 'name']]],
  ['a long name', { name: 'x'.repeat(21) }, [['too-long', 'name']]],
  ['a long note', { note: 'x'.repeat(11) }, [['too-long', 'note']]],
  ['no rim', { rim: undefined }, [['missing', 'rim']]],
  ['null for a rim', { rim: null }, [['missing', 'rim']]],
  ['a text for a rim', { rim: 'wide' }, [['wrong-type', 'rim']]],
  ['no width', { rim: {} }, [['missing', 'rim.width']]],
  ['a list for a width', { rim: { width: [] } }, [['wrong-type', 'rim.width']]],
  ['no count', { count: undefined }, [['empty', 'count']]],
  ['null for a count', { count: null }, [['empty', 'count']]],
  ['NaN for a count', { count: NaN }, [['not-a-number', 'count']]],
  ['an object for a count', { count: {} }, [['not-a-number', 'count']]],
  ['an endless count', { count: Infinity }, [['not-a-number', 'count']]],
  ['too many', { count: 10 }, [['too-large', 'count']]],
  ['a negative count', { count: -1 }, [['not-positive', 'count']]],
  ['half a count', { count: '1,5' }, [['not-whole', 'count']]],
  ['spare in words', { spare: 'some' }, [['not-a-number', 'spare']]],
  ['another kind', { kind: 'tin' }, [['not-a-choice', 'kind']]],
  ['three marks', { marks: ['1 mm', '2 mm', '3 mm'] }, [['too-many', 'marks']]],
  ['a mark that is wrong', { marks: ['1 mm', '2'] }, [['missing-unit', 'marks[1]']]],
  ['a slip in a key', { nane: 'x' }, [['unknown-key', '']]],
])('%s', (_, change, expected) => {
  expect(problemsOf(change)).toEqual(expected);
});

test('a draft may carry keys of another shape', () => {
  expect(problemsOf({ nane: 'x' }, true)).toEqual([]);
});

test('everything that is wrong is named at once', () => {
  expect(problemsOf({ name: '', count: 0, lip: 'thin' }).map(([code]) => code)).toEqual([
    'no-name',
    'unreadable',
    'not-positive',
  ]);
});

test('a problem carries the value and what would be right', () => {
  const { problems } = check(cup, { ...good, lip: '3 kg' }, { strip: false });
  expect(problems).toEqual([
    {
      code: 'wrong-kind',
      field: 'lip',
      value: '3 kg',
      data: { expected: ['length'], found: 'mass', example: '300 mm' },
    },
  ]);
});

test('or the first problem is thrown', () => {
  expect(() => checkedOrThrow(cup, { ...good, count: 0 })).toThrow(InputError);
  expect(() => checkedOrThrow(cup, { ...good, count: 0 })).toThrow('not-positive in count');
});

test.each([
  [roomTemperatureRule, '-10 °C', true],
  [roomTemperatureRule, '14 °F', true],
  [roomTemperatureRule, '-11 °C', false],
  [roomTemperatureRule, '50 °C', true],
  [roomTemperatureRule, '51 °C', false],
  [overageRule, '0 %', true],
  [overageRule, '100 %', true],
  [overageRule, '101 %', false],
  [overageRule, '-1 %', false],
  [lengthRule, '10 m', true],
  [lengthRule, '10.001 m', false],
  [lengthRule, '0 mm', false],
])('limits: %o %s', (rule, typed, allowed) => {
  const schema = quantitySchema(rule as typeof lengthRule);
  expect(schema.isValidSync(typed)).toBe(allowed);
});
