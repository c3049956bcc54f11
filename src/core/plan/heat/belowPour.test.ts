import { resolveJob } from '../../job/resolveJob';
import { deepPour } from '../../../testing/deepTray';
import { demoResins } from '../../../data/demo/demoResins';
import type { Job } from '../../job/jobSchema';
import { readJob } from '../../job/readJob';
import { planJob } from '../planJob';
import type { HeatPlan } from './heatOfPlan';
import { wholeHeat } from './wholeHeat';

const coating = demoResins.find(({ id }) => id === 'demo-table-coat')!;
const light = demoResins.find(({ id }) => id === 'demo-lens-light')!;

const tray = (depth: string) => ({
  parts: [{ shape: 'box', length: '900 mm', width: '900 mm', depth }],
});
const jobOf = (depth: string, pours: readonly object[]): Job =>
  readJob({
    format: 'nipperkin-job',
    version: 2,
    name: 'Tray',
    room: { temperature: '23 °C' },
    measure: tray(depth),
    pours,
  });
function heatOf(job: Job, index: number): HeatPlan {
  const heat = wholeHeat(resolveJob(job, undefined), planJob(job), index);
  if (!heat.told) throw new Error(heat.code);
  return heat;
}
const one = { resin: deepPour, layers: { style: 'one-pour' } };
const twoFills = (wait: string): Job =>
  jobOf('100 mm', [
    { ...one, fills: { to: '50 mm' } },
    { ...one, fills: { from: '50 mm' }, wait },
  ]);

/** Second 50 mm on a first at 23 °C: the hottest of the two, by an independent solver. */
test.each([
  ['8 h', 168],
  ['12 h', 138],
  ['18 h', 78],
  ['24 h', 66],
])('a second fill %s after the first comes to %d °C', (wait, peakC) => {
  const { layers, below } = heatOf(twoFills(wait), 1);
  expect(layers).toHaveLength(1);
  // In a runaway no more is told than all of the heat at once.
  const told = Math.min(peakC, layers[0]!.ceilingC);
  expect(layers[0]!.peakC.mid).toBeGreaterThan(told * 0.97);
  expect(layers[0]!.peakC.mid).toBeLessThan(told * 1.03);
  expect(below).toMatchObject([{ pour: 0, as: 'reacting', beforeH: Number.parseInt(wait, 10) }]);
});

test('what lies below is told as it is by then: how far cured, and how warm', () => {
  const early = heatOf(twoFills('8 h'), 1).below[0]!;
  const late = heatOf(twoFills('36 h'), 1).below[0]!;
  expect(early.alpha!.most).toBeLessThan(0.6);
  expect(late.alpha!.least).toBeGreaterThan(0.7);
  expect(early.alpha!.least).toBeLessThanOrEqual(early.alpha!.most);
  expect(early.warmestC!).toBeGreaterThan(25);
});

test('after weeks it is resin that has cured, and the second fill stays near one on the board alone', () => {
  const { layers, below } = heatOf(twoFills('20 days'), 1);
  expect(below).toEqual([
    expect.objectContaining({ as: 'cured', alpha: undefined, warmestC: undefined, beforeH: 480 }),
  ]);
  const alone = heatOf(jobOf('50 mm', [one]), 0).layers[0]!.peakC.mid;
  // Half a decimetre of resin keeps heat in, and takes more of it up.
  expect(Math.abs(layers[0]!.peakC.mid - alone)).toBeLessThan(8);
  const reacting = heatOf(twoFills('36 h'), 1).layers[0]!.peakC.mid;
  expect(Math.abs(layers[0]!.peakC.mid - reacting)).toBeLessThan(6);
});

test('each pour reacts with its own resin: a coat on a fill that is still warm', () => {
  const coat = { resin: coating, covers: { face: 'surface', thickness: '3 mm' } };
  const on = (wait: string): HeatPlan => heatOf(jobOf('50 mm', [one, { ...coat, wait }]), 1);
  const warm = on('14 h');
  expect(warm.family).toBe('coating-epoxy');
  expect(warm.below).toMatchObject([{ family: 'deep-pour-epoxy', as: 'reacting' }]);
  // Near the peak of the fill under it the coat is warmed from below; when that has cured it is not.
  expect(warm.layers[0]!.peakC.mid).toBeGreaterThan(35);
  expect(on('20 days').layers[0]!.peakC.mid).toBeLessThan(32);
  expect(warm.layers[0]!.gelH!).toBeLessThan(on('20 days').layers[0]!.gelH!);
});

test('the depth for the room sees what lies below', () => {
  const room = { style: 'equal' };
  const depthOn = (wait: string): number => {
    const job = jobOf('130 mm', [
      { ...one, fills: { to: '50 mm' } },
      { resin: deepPour, layers: room, fills: { from: '50 mm' }, wait },
    ]);
    return planJob(job).pours[1]!.cut.takesMm!;
  };
  // Onto a fill that is at its warmest less can be poured than onto one that has cured.
  expect(depthOn('14 h')).toBeLessThan(depthOn('20 days') - 5);
});

test('a face that is sealed is not under a fill, nor is what the model does not cover followed', () => {
  const sealed = jobOf('50 mm', [
    { resin: coating, covers: { face: 'sides', thickness: '0.5 mm' } },
    one,
  ]);
  expect(heatOf(sealed, 1).below).toEqual([]);
  const onLight = jobOf('53 mm', [
    { resin: light, fills: { to: '3 mm' } },
    { ...one, fills: { from: '3 mm' }, wait: '1 h' },
  ]);
  expect(heatOf(onLight, 1).below).toMatchObject([{ family: 'uv', as: 'cured' }]);
});

test('sand in it takes up heat: the same depth stays cooler by what its volume shares say', () => {
  const plain = heatOf(jobOf('50 mm', [one]), 0).layers[0]!;
  const sandy = heatOf(jobOf('50 mm', [{ ...one, fillers: [{ kind: 'sand', share: '40 %' }] }]), 0)
    .layers[0]!;
  expect(sandy.peakC.mid).toBeLessThan(plain.peakC.mid - 15);
  // ρc and H by volume: 0.6 of H over 0.6 · 1.98 + 0.4 · 2.65 · 0.8 MJ/m³K.
  expect(sandy.ceilingC - 23).toBeCloseTo((0.6 * 1100 * 270) / (0.6 * 1980 + 0.4 * 2120), 0);
});
