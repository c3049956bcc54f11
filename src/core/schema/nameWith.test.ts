import * as fc from 'fast-check';
import { checkedOrThrow } from './check';
import { longestCardName, longestJobName, nameWith } from './nameWith';
import { nameSchema } from './textSchema';

test('what is added is all there, and as much of the name as there is room for', () => {
  expect(nameWith('Tray', ' (copy)', longestJobName)).toBe('Tray (copy)');
  expect(nameWith('x'.repeat(80), ' (copy)', longestJobName)).toBe(`${'x'.repeat(73)} (copy)`);
  expect(nameWith(`${'x'.repeat(52)} y`, ' (copy)', longestCardName)).toBe(
    `${'x'.repeat(52)} (copy)`,
  );
});

test('whatever a name is, with what is added it is a name still', () => {
  const names = fc.string({ unit: 'grapheme', minLength: 1, maxLength: 80 });
  fc.assert(
    fc.property(names, fc.constantFrom(longestJobName, longestCardName), (name, longest) => {
      const isName = (text: string): boolean => {
        try {
          checkedOrThrow(nameSchema(longest), text);
          return true;
        } catch {
          return false;
        }
      };
      fc.pre(isName(name));
      expect(isName(nameWith(name, ' (from the file)', longest))).toBe(true);
    }),
  );
});
