import { addPoint, movePoint } from '../../core/measure/outline/traceEdit';
import { beginTrace, traceReducer, type TraceAction, type TraceHistory } from './traceHistory';

const begun = beginTrace([], { by: 'grid', square: '10 mm' });
const after = (from: TraceHistory, ...actions: readonly TraceAction[]): TraceHistory =>
  actions.reduce(traceReducer, from);
const add = (x: number, y: number) => (history: TraceHistory) =>
  traceReducer(history, {
    type: 'change',
    to: { ...history.now, trace: addPoint(history.now.trace, x, y) },
  });
const outlines = ({ now }: TraceHistory): readonly (readonly number[])[] => now.trace.outlines;

test('each tap is taken back by itself, and done again', () => {
  const two = add(3, 4)(add(1, 2)(begun));
  expect(outlines(two)).toEqual([[1, 2, 3, 4]]);
  const one = after(two, { type: 'undo' });
  expect(outlines(one)).toEqual([[1, 2]]);
  expect(outlines(after(one, { type: 'redo' }))).toEqual([[1, 2, 3, 4]]);
  expect(after(one, { type: 'undo' }, { type: 'undo' }, { type: 'undo' }).past).toEqual([]);
});

test('a drag is one step back, however far it went, and at rest only when it ends', () => {
  const one = add(1, 2)(begun);
  const at = (x: number) => ({
    ...one.now,
    trace: movePoint(one.now.trace, { outline: 0, point: 0 }, x, 2),
  });
  const moving = after(one, { type: 'lift', to: at(5) }, { type: 'follow', to: at(9) });
  expect(moving.moving).toBe(true);
  const rested = after(moving, { type: 'rest' });
  expect([rested.moving, outlines(rested)]).toEqual([false, [[9, 2]]]);
  expect(outlines(after(rested, { type: 'undo' }))).toEqual([[1, 2]]);
});

test('a new change ends what could be done again', () => {
  const back = after(add(3, 4)(add(1, 2)(begun)), { type: 'undo' });
  const other = add(7, 8)(back);
  expect(other.future).toEqual([]);
  expect(outlines(after(other, { type: 'redo' }))).toEqual([[1, 2, 7, 8]]);
});
