import { demoResins } from '../demo/demoResins';
import { mostUsedFirst, withUse, type ResinUse } from './resinUse';

const chosen = (...ids: string[]): readonly ResinUse[] =>
  ids.reduce<readonly ResinUse[]>(withUse, []);

test('what is chosen most stands first, then what was chosen last', () => {
  expect(chosen('a', 'b', 'b', 'c')).toEqual([
    { id: 'b', times: 2 },
    { id: 'c', times: 1 },
    { id: 'a', times: 1 },
  ]);
});

test('resins nobody has chosen keep their order behind those that were', () => {
  const [first, second, third, ...rest] = demoResins.map(({ id = '' }) => id);
  const order = mostUsedFirst(demoResins, chosen(third!, second!, second!, 'no longer there'));
  expect(order.map(({ id }) => id)).toEqual([second, third, first, ...rest]);
});

test('no more are kept than anybody tells apart', () => {
  const uses = chosen(...Array.from({ length: 300 }, (_, index) => String(index)), '299');
  expect(uses).toHaveLength(200);
  expect(uses[0]).toEqual({ id: '299', times: 2 });
});
