import { boxAround } from './boxAround';

test('twelve millimetres all round and over it, up to the next whole one', () => {
  expect(boxAround([90, 25.4, 28])).toEqual({ length: '114 mm', width: '50 mm', height: '40 mm' });
});

test('what a mesh is off by rounding makes no millimetre more', () => {
  expect(boxAround([90.000_000_2, 25, 28]).length).toBe('114 mm');
});
