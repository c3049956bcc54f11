import * as fc from 'fast-check';
import {
  addPoint,
  closeOutline,
  deleteOutline,
  deletePoint,
  edgeNear,
  emptyTrace,
  insertPoint,
  isIsland,
  movePoint,
  pointNear,
  type Trace,
} from './traceEdit';

const traced = (points: readonly (readonly [number, number])[], from: Trace = emptyTrace): Trace =>
  points.reduce((trace, [x, y]) => addPoint(trace, x, y), from);

const square = traced([
  [0, 0],
  [10, 0],
  [10, 10],
  [0, 10],
]);

test('taps make an outline, the next one after it is closed another', () => {
  expect(square).toEqual({
    outlines: [[0, 0, 10, 0, 10, 10, 0, 10]],
    open: 0,
    selected: { outline: 0, point: 3 },
  });
  const two = addPoint(closeOutline(square), 4, 4);
  expect(two.outlines).toHaveLength(2);
  expect(two.open).toBe(1);
});

test('points are moved, put into edges and taken away', () => {
  expect(movePoint(square, { outline: 0, point: 2 }, 12, 13).outlines[0]).toEqual([
    0, 0, 10, 0, 12, 13, 0, 10,
  ]);
  const inserted = insertPoint(square, { outline: 0, point: 3 }, 0, 5);
  expect(inserted.outlines[0]).toEqual([0, 0, 10, 0, 10, 10, 0, 10, 0, 5]);
  expect(deletePoint(inserted, { outline: 0, point: 4 }).outlines).toEqual(square.outlines);
  const one = traced([[3, 3]]);
  expect(deletePoint(one, { outline: 0, point: 0 })).toEqual(emptyTrace);
});

test('deleting an outline keeps the open one open', () => {
  const two = addPoint(closeOutline(square), 4, 4);
  expect(deleteOutline(two, 0)).toEqual({ outlines: [[4, 4]], open: 0, selected: undefined });
  expect(deleteOutline(two, 1).open).toBeUndefined();
});

test('the nearest point or edge within reach', () => {
  expect(pointNear(square, 9, 1, 3)).toEqual({ outline: 0, point: 1 });
  expect(pointNear(square, 5, 5, 3)).toBeUndefined();
  expect(edgeNear(square, 5, 1, 3)).toEqual({ outline: 0, point: 0 });
  // Open, it has no edge from its last point to its first.
  expect(edgeNear(square, 0, 5, 3)).toBeUndefined();
  expect(edgeNear(closeOutline(square), 0, 5, 3)).toEqual({ outline: 0, point: 3 });
});

test('an outline inside another is an island', () => {
  const outlines = [...square.outlines, [2, 2, 4, 2, 4, 4], [20, 0, 24, 0, 24, 4]];
  expect(outlines.map((_, index) => isIsland(outlines, index))).toEqual([false, true, false]);
});

test('whatever is put in can be taken out again', () => {
  const place = fc.integer({ min: -50, max: 50 });
  fc.assert(
    fc.property(fc.nat({ max: 3 }), place, place, (point, x, y) => {
      const more = insertPoint(square, { outline: 0, point }, x, y);
      expect(more.selected).toBeDefined();
      expect(deletePoint(more, more.selected!).outlines).toEqual(square.outlines);
    }),
  );
});
