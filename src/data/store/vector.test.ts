import * as fc from 'fast-check';
import { afterWrite, deviceOf } from './device';
import { mergedVectors, orderOf, readVector, vectorAfter, type Vector } from './vector';

const vector = fc
  .uniqueArray(fc.tuple(fc.constantFrom('a', 'b', 'c', '*1/x'), fc.integer({ min: 1, max: 4 })), {
    selector: ([device]) => device,
    minLength: 1,
  })
  .map((counts): Vector => Object.fromEntries(counts));

test('one state is before another where none of its counts is more', () => {
  expect(orderOf({ a: 1 }, { a: 2 })).toBe('before');
  expect(orderOf({ a: 2, b: 1 }, { a: 2 })).toBe('after');
  expect(orderOf({ a: 2 }, { b: 1 })).toBe('beside');
  expect(orderOf({ a: 2, b: 1 }, { b: 1, a: 2 })).toBe('same');
});

test('the order is one: turned round it is the other way round, and it holds over three', () => {
  const turned = { before: 'after', after: 'before', same: 'same', beside: 'beside' } as const;
  fc.assert(
    fc.property(vector, vector, vector, (a, b, c) => {
      expect(orderOf(b, a)).toBe(turned[orderOf(a, b)]);
      if (orderOf(a, b) === 'before' && orderOf(b, c) === 'before') {
        expect(orderOf(a, c)).toBe('before');
      }
    }),
  );
});

test('what has grown out of two comes after both, and a write comes after what it is put over', () => {
  fc.assert(
    fc.property(vector, vector, (a, b) => {
      const both = mergedVectors(a, b);
      expect(['same', 'after']).toContain(orderOf(both, a));
      expect(['same', 'after']).toContain(orderOf(both, b));
      const device = afterWrite({ id: 'a', writes: 0 }, [a]);
      const own = orderOf(b, a) === 'after' ? 'after' : orderOf(vectorAfter(b, a, device), a);
      expect(own).toBe('after');
    }),
  );
});

test.each([
  [null],
  [[]],
  [{}],
  [{ a: 0 }],
  [{ a: 1.5 }],
  [{ a: '1' }],
  [{ a: Number.MAX_SAFE_INTEGER }],
  [Object.fromEntries(Array.from({ length: 1001 }, (_, at) => [`d${at}`, 1]))],
])('%j is no vector', (value) => expect(readVector(value)).toBeUndefined());

test.each([[undefined], ['torn'], ['{"id":"","writes":1}'], ['{"id":"a b","writes":1}'], ['[]']])(
  'a device that says %s is a new one',
  (text) => {
    const { id, writes } = deviceOf(text);
    expect(id).toHaveLength(10);
    expect(writes).toBe(0);
  },
);
