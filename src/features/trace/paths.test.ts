import { closedPath, crossPath, gridPath, handlesPath } from './paths';
import { fitted, zoomed } from './useView';

const asItIs = { scale: 1, x: 0, y: 0 };

test('an outline is drawn where the picture lies, closed once it is', () => {
  const view = { scale: 2, x: 10, y: -4 };
  expect(closedPath([0, 0, 30, 0, 30, 20], view, true)).toBe('M10.0 -4.0L70.0 -4.0L70.0 36.0Z');
  expect(closedPath([0, 0, 30, 0], view, false)).toBe('M10.0 -4.0L70.0 -4.0');
  expect(closedPath([0, 0], view, false)).toBe('');
});

test('points that no eye tells apart are left out, the last one never', () => {
  const fine = Array.from({ length: 1001 }, (_, index) => [index / 10, 0]).flat();
  const drawn = closedPath(fine, asItIs, false).split('L');
  expect(drawn.length).toBeLessThan(160);
  expect(drawn.at(-1)).toBe('100.0 0.0');
  expect(closedPath(fine, { ...asItIs, scale: 10 }, false).split('L')).toHaveLength(1001);
});

test('handles are drawn in sight only, and not as a band', () => {
  const room = { width: 100, height: 100 };
  const trace = { outlines: [[10, 10, 500, 10]], open: undefined, selected: undefined };
  expect(handlesPath(trace, asItIs, room).points.split('M')).toHaveLength(2);
  const held = handlesPath({ ...trace, selected: { outline: 0, point: 1 } }, asItIs, room);
  expect(held.selected).toContain('M500.0 10.0');
  const many = Array.from({ length: 401 }, (_, index) => [index / 5, 5]).flat();
  expect(handlesPath({ ...trace, outlines: [many] }, asItIs, room).points).toBe('');
});

test('marks and grid', () => {
  expect(crossPath([5, 5, 9, 9], asItIs).split('M')).toHaveLength(3);
  expect(gridPath({ width: 2, height: 3 }, asItIs).split('M')).toHaveLength(1 + 3 + 4);
});

test('a picture is shown whole in the middle; zooming keeps what is under the finger, within bounds', () => {
  const fit = fitted({ width: 20, height: 26 }, { width: 390, height: 520 });
  expect(fit).toEqual({ scale: 19.5, x: 0, y: 6.5 });
  const near = zoomed(fit, 3, 120, 200, fit);
  expect((120 - near.x) / near.scale).toBeCloseTo((120 - fit.x) / fit.scale, 12);
  expect((200 - near.y) / near.scale).toBeCloseTo((200 - fit.y) / fit.scale, 12);
  expect(zoomed(fit, 1e9, 0, 0, fit).scale).toBeCloseTo(30 * fit.scale, 9);
  expect(zoomed(fit, 1e-9, 0, 0, fit).scale).toBeCloseTo(fit.scale / 2, 9);
});
