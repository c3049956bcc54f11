import { memory } from './memory';

test('what was made for a key is not made again, until there is too much of it', () => {
  const once = memory<number | undefined>(2);
  let made = 0;
  const make = (): number => (made += 1);
  expect([once('a', make), once('a', make), once('b', make)]).toEqual([1, 1, 2]);
  // The third key finds no room: all are let go of.
  expect(once('c', make)).toBe(3);
  expect(once('a', make)).toBe(4);
});

test('nothing is remembered too; an error is not', () => {
  const once = memory<number | undefined>(5);
  let asked = 0;
  const none = (): undefined => {
    asked += 1;
    return undefined;
  };
  once('a', none);
  once('a', none);
  expect(asked).toBe(1);
  const fails = (): never => {
    throw new Error('no');
  };
  expect(() => once('b', fails)).toThrow('no');
  expect(once('b', () => 7)).toBe(7);
});
