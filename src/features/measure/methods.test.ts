import { plainShapes } from '../../core/measure/shapes/shapeRules';
import { demoJobs } from '../../data/demo/demoJobs';
import { shapeNames } from '../../words/names';
import { commonShapes, methodGroups } from './methods';

const offered = methodGroups.flatMap(({ shapes }) => shapes);

test('every way to measure is offered once', () => {
  expect([...offered].sort()).toEqual(Object.keys(shapeNames).sort());
  expect(offered).toEqual(expect.arrayContaining([...commonShapes]));
});

test('each method is used by a piece of the barge', () => {
  const used = new Set(
    demoJobs
      .flatMap(({ measure, pours }) => [measure, ...pours.map((pour) => pour.measure)])
      .flatMap((measure) => measure?.parts.map(({ shape }) => shape) ?? []),
  );
  const plain: ReadonlySet<string> = new Set(plainShapes);
  expect(offered.filter((shape) => !plain.has(shape) && !used.has(shape))).toEqual([]);
});
