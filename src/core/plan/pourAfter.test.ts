import { deepPour } from '../../testing/deepTray';
import { readJob } from '../job/readJob';
import { planJob } from './planJob';

const twoFills = (second: object, temperature = '23 °C') =>
  planJob(
    readJob({
      format: 'nipperkin-job',
      version: 2,
      name: 'Tray',
      room: { temperature },
      measure: {
        parts: [{ shape: 'box', length: '900 mm', width: '900 mm', depth: '100 mm' }],
      },
      pours: [
        { resin: deepPour, layers: { style: 'one-pour' }, fills: { to: '50 mm' } },
        { resin: deepPour, layers: { style: 'one-pour' }, fills: { from: '50 mm' }, ...second },
      ],
    }),
  );
const codes = ({ warnings }: ReturnType<typeof planJob>) => warnings.map(({ code }) => code);

describe('a pour on one that still reacts', () => {
  test('waits until both stay cool, inside the sticky window where there is room', () => {
    const plan = twoFills({});
    const { school, waitMin, coolMin } = plan.pours[1]!.joins!;
    const [first, second] = plan.pours.map(({ layers }) => layers[0]!.cure!);
    expect(waitMin).toBe(coolMin);
    expect(waitMin! / 60).toBeGreaterThan(first!.stickyH.from!);
    if (school === 'tacky') expect(waitMin! / 60).toBeLessThanOrEqual(first!.stickyH.to!);
    expect(second!.peakC).toBeLessThan(66);
    expect(codes(plan)).not.toContain('layer-runs-hot');
    expect(codes(plan)).not.toContain('pour-against-clock');
    expect(plan.times.startsMin[1]).toBeCloseTo(waitMin!, 6);
  });

  test('a wait that is typed stands, and is warned of', () => {
    const plan = twoFills({ wait: '16 h' });
    expect(plan.pours[1]!.joins).toMatchObject({ waitMin: 16 * 60, typed: true });
    expect(codes(plan)).toContain('layer-runs-hot');
  });

  test('where it is too hot by itself it waits until the one below adds nothing to that', () => {
    const plan = twoFills({}, '28 °C');
    expect(codes(plan)).toContain('layer-runs-hot');
    const [first, second] = plan.pours.map(({ layers }) => layers[0]!.cure!);
    expect(first!.peakC).toBeGreaterThan(90);
    expect(second!.peakC).toBeLessThan(first!.peakC + 3);
  });

  test('a cool one follows as soon as the one below is ready', () => {
    const plan = twoFills({}, '16 °C');
    const { waitMin, coolMin } = plan.pours[1]!.joins!;
    expect(coolMin).toBeUndefined();
    expect(waitMin! / 60).toBeCloseTo(plan.pours[0]!.layers[0]!.cure!.stickyH.from!, 6);
  });
});
