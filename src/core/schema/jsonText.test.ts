import { jsonOf } from './jsonText';

test.each<[string, string, string]>([
  ['no JSON', 'oops', 'not-json'],
  ['an end that is missing', '{"a":', 'not-json'],
  ['a reserved key', '{"a":[{"constructor":1}]}', 'json-reserved-key'],
  ['the key of the prototype', '{"__proto__":{"a":1}}', 'json-reserved-key'],
  ['a hundred thousand lists in each other', '['.repeat(1e5) + ']'.repeat(1e5), 'json-too-deep'],
  ['a million things', `{"parts":[${'{},'.repeat(1e6)}{}]}`, 'json-too-many'],
  [
    'many lists that are not too long by themselves',
    JSON.stringify({
      parts: Array.from({ length: 90 }, () => Array.from({ length: 900 }, () => ({}))),
    }),
    'json-too-many',
  ],
])('%s is refused at once', (_, text, code) => {
  expect(() => jsonOf(text)).toThrow(expect.objectContaining({ code }));
});

test('a byte-order mark is no part of it', () => {
  expect(jsonOf('\uFEFF{"a":[1,[2]]}')).toEqual({ a: [1, [2]] });
});
