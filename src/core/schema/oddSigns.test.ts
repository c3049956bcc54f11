import * as fc from 'fast-check';
import { asKept } from './asKept';
import { check } from './check';
import { jsonOf, keptLimits } from './jsonText';
import { asQuoted, oddSignIn } from './oddSigns';
import { nameSchema, noteSchema } from './textSchema';

test.each([
  ['a lone half', 'a\ud800b', { at: 2, sign: 'U+D800' }],
  ['a turn to the right-to-left', 'invoice\u202Egnp.exe', { at: 8, sign: 'U+202E' }],
  ['an isolate', 'a\u2066b', { at: 2, sign: 'U+2066' }],
  ['a mark of direction', 'a\u200fb', { at: 2, sign: 'U+200F' }],
  ['a space without width', 'Slow\u200bclear', { at: 5, sign: 'U+200B' }],
  ['a byte-order mark', '\ufeffa', { at: 1, sign: 'U+FEFF' }],
  ['a control sign', 'a\u0000', { at: 2, sign: 'U+0000' }],
  ['an escape', '\u001b[31m', { at: 1, sign: 'U+001B' }],
  ['a tag', '🙂\u{e0041}', { at: 2, sign: 'U+E0041' }],
  ['marks piled up', `a${'\u0301'.repeat(9)}`, { at: 2, sign: 'U+0301' }],
])('%s is found where it stands', (_, text, odd) => {
  expect(oddSignIn(text)).toEqual(odd);
  expect(check(nameSchema(60), text, { strip: false }).problems).toMatchObject([
    { code: 'odd-sign', data: odd },
  ]);
  expect(check(noteSchema(60), text, { strip: false }).problems).toHaveLength(1);
  expect(() => jsonOf(JSON.stringify({ list: [{ name: text }] }))).toThrow(
    expect.objectContaining({ code: 'odd-sign', field: 'name' }),
  );
  expect(() => jsonOf(JSON.stringify({ [`k${text}`]: 1 }))).toThrow(
    expect.objectContaining({ code: 'odd-sign' }),
  );
  // What is kept here already stays readable.
  expect(jsonOf(JSON.stringify([text]), keptLimits)).toEqual([text]);
  expect(nameSchema(60).isValidSync(text, asKept)).toBe(true);
  expect(oddSignIn(asQuoted(text))).toBeUndefined();
});

test.each([
  'Wren’s Rest, 2½ in × 40 mm, °C, µm, “quoted”',
  'two lines\nand a\ttabulator\r\n',
  'שולחן אורן',
  'میز رزین نمی‌چسبد',
  'テーブル, Стол, bàn gỗ, ဝမ်း',
  '👩‍🔧❤️🇳🇱👍🏽',
  '',
])('%j can be read as it is', (text) => {
  expect(oddSignIn(text)).toBeUndefined();
  expect(asQuoted(text)).toBe(text);
});

test('whatever a text holds, quoted it is short and plain', () => {
  fc.assert(
    fc.property(fc.string({ unit: 'binary', maxLength: 400 }), (text) => {
      const quoted = asQuoted(text, 50);
      expect(oddSignIn(quoted)).toBeUndefined();
      expect(Array.from(quoted).length).toBeLessThanOrEqual(51);
    }),
  );
});
