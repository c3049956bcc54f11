import { spanAt } from './outlines';

const outline = [
  { heightMm: 0, widthMm: 40 },
  { heightMm: 30, widthMm: 20 },
];
/** A triangle that leans to the right. */
const cut = [[-20, 0, 20, 0, 30, 30]];

test('a form spans its outline about the middle', () => {
  expect(spanAt({ outline }, 15)).toEqual({ middleMm: 0, halfMm: 15 });
});

test('a mesh spans its true cut, wherever that stands', () => {
  expect(spanAt({ outline, cut }, 15)).toEqual({ middleMm: 15, halfMm: 10 });
  // Over all of it there is nothing to be crossed.
  expect(spanAt({ outline, cut }, 31)).toEqual({ middleMm: 0, halfMm: 10 });
});

test('what is poured round a master spans its box', () => {
  const box = [
    { heightMm: 0, widthMm: 80, holeMm: 40 },
    { heightMm: 50, widthMm: 80 },
  ];
  expect(spanAt({ outline: box, cut }, 10)).toEqual({ middleMm: 0, halfMm: 40 });
});
