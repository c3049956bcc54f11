import { demoJobs } from '../../data/demo/demoJobs';
import { readJob } from '../../core/job/readJob';
import { planJob } from '../../core/plan/planJob';
import { pieceOf } from '../../core/plan/piece/pieceOf';
import { cavityPaths } from '../section/cavityPaths';
import { sectionLayout } from '../section/sectionLayout';
import { placedCells } from './placedCells';

const { id: _, ...file } = demoJobs.find(({ id }) => id === 'demo-galley-inlay')!;
const plan = planJob(readJob(JSON.parse(JSON.stringify(file))));
const [cavity] = sectionLayout(
  pieceOf(plan).map(({ part }) => part),
  { width: 358, greatestHeight: 150, captionHeight: 22 },
).cavities;

/** Two columns of resin and one of timber; a floor and four rows of resin, 45 mm high together. */
const cut = {
  columns: 3,
  rows: 5,
  widthsMm: new Float64Array([20, 20, 10]),
  heightsMm: new Float64Array([18, 11.25, 11.25, 11.25, 11.25]),
  resinColumns: 2,
  firstResinRow: 1,
  temperaturesC: new Float32Array(15),
};

test('cells lie where the resin is drawn, those of the form within its walls', () => {
  const cells = placedCells({ cut, topMm: 45 }, cavity!);
  const { x, y } = cavityPaths(cavity!);
  expect(cells).toHaveLength(2 * 15);
  const inResin = cells.filter(({ cell }) => cell >= 3 && cell % 3 < 2);
  expect(Math.min(...inResin.map(({ top }) => top))).toBeCloseTo(y(45), 6);
  expect(Math.max(...inResin.map(({ bottom }) => bottom))).toBeCloseTo(y(0), 6);
  const widest = Math.max(...inResin.map(({ right }) => right));
  expect(widest).toBeCloseTo(Math.max(x(0, 1), x(45, 1)), 0);
  const inTimber = cells.filter(({ cell }) => cell >= 3 && cell % 3 === 2);
  for (const { left, right } of inTimber) expect(right - left).toBeCloseTo(cavity!.wallDp, 6);
  const inFloor = cells.filter(({ cell }) => cell < 3);
  for (const { top, bottom } of inFloor) {
    expect(bottom - top).toBeCloseTo(cavity!.floorDp, 6);
    expect(top).toBeCloseTo(y(0), 6);
  }
});

test('a pour that ends lower is painted lower; one column fills the width of the cavity', () => {
  const column = { ...cut, columns: 1, widthsMm: new Float64Array([1]), resinColumns: 1 };
  const heightsMm = new Float64Array([18, 5, 5, 5, 5]);
  const cells = placedCells({ cut: { ...column, heightsMm }, topMm: 20 }, cavity!);
  const { x, y } = cavityPaths(cavity!);
  const top = cells.filter(({ cell }) => cell === 4);
  expect(top[0]?.top).toBeCloseTo(y(20), 6);
  expect(Math.max(...top.map(({ right }) => right))).toBeCloseTo(x(20, 1), 0);
  expect(Math.min(...top.map(({ left }) => left))).toBeCloseTo(x(20, -1), 0);
});
