import { heatCaseOfOne, planOne } from '../../testing/planOne';
import { fireEvent, render, screen } from '@testing-library/react';
import { Suspense, type ReactNode } from 'react';
import { followJob } from '../../core/plan/heat/heatOfPlan';
import { heatViewOf, type HeatView } from '../../core/plan/heat/heatView';
import type { Plan } from '../../core/plan/planTypes';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import { roomDepths } from '../../core/plan/heat/roomDepth';
import type { LayerJoint } from '../../core/layers/jointOf';
import { deepTrayJob } from '../../testing/deepTray';
import { givesWidth } from '../../testing/givesWidth';
import { NoticeProvider } from '../../ui/feedback/NoticeProvider';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { ComparedCurves } from '../../ui/chart/ComparedCurves';
import { DepthChart } from '../../ui/chart/DepthChart';
import { HeatCurves } from '../../ui/chart/HeatCurves';
import { HeatPicture } from './HeatPicture';
import { SecondLayerChart } from '../../ui/chart/SecondLayerChart';
import { shownHours } from '../../ui/chart/shownHours';

const widthDp = 340;
givesWidth(widthDp);
// jsdom has no canvas; what is painted on it is looked at in the browser tests.
HTMLCanvasElement.prototype.getContext = () => null;

const given = (temperature: string, change: object = {}) => {
  const job = deepTrayJob({ room: { temperature }, ...change });
  const found = heatCaseOfOne(job, planOne(job));
  if (!found.told) throw new Error(found.code);
  return found;
};

function followed(
  temperature: string,
  change: object = {},
): { plan: HeatPlan; view: HeatView; jobPlan: Plan } {
  const pour = given(temperature, change);
  const run = followJob(pour, { ranges: false });
  const jobPlan = planOne(deepTrayJob({ room: { temperature }, ...change })).whole;
  return { plan: run.plan, view: heatViewOf(pour, run), jobPlan };
}

function show(children: ReactNode): HTMLElement {
  return render(
    <ThemeProvider>
      <NoticeProvider>{children}</NoticeProvider>
    </ThemeProvider>,
  ).container;
}

/** Places that a path goes through. */
const placesOf = (path: Element): readonly (readonly [number, number])[] =>
  [...(path.getAttribute('d') ?? '').matchAll(/[ML]([-\d.]+),([-\d.]+)/g)].map(
    ([, x, y]) => [Number(x), Number(y)] as const,
  );

const linesIn = (container: HTMLElement): readonly (readonly (readonly [number, number])[])[] =>
  [...container.querySelectorAll('path')].map(placesOf).filter((places) => places.length > 4);

const plain = (container: HTMLElement): string => container.textContent.replaceAll('\u00a0', ' ');

test('the curves stay in their frame, and tell what happens when', async () => {
  const { plan, view } = followed('23 °C');
  const untilH = shownHours(plan, view.timesH.at(-1)!);
  const container = show(<HeatCurves view={view} plan={plan} untilH={untilH} atH={12} />);
  await screen.findByRole('img');
  const lines = linesIn(container);
  // Cure, room, underside, surface and core.
  expect(lines).toHaveLength(5);
  for (const places of lines) {
    for (const [x, y] of places) {
      expect(x).toBeGreaterThanOrEqual(39.9);
      expect(x).toBeLessThanOrEqual(widthDp);
      expect(y).toBeGreaterThanOrEqual(43.9);
      expect(y).toBeLessThanOrEqual(200.1);
    }
  }
  const core = lines.at(-1)!;
  const underside = lines[2]!;
  const highest = (places: typeof core): number => Math.min(...places.map(([, y]) => y));
  expect(highest(core)).toBeLessThan(highest(underside));
  for (const word of ['gel', 'tack-free', 'demould', 'least cured, %']) {
    expect(plain(container)).toContain(word);
  }
});

test('a runaway is drawn no higher than what it may be told', async () => {
  const deep = { shape: 'box', length: '900 mm', width: '900 mm', depth: '100 mm' };
  const { plan, view } = followed('28 °C', { measure: { parts: [deep] } });
  expect(Math.max(...view.coreC)).toBeGreaterThan(100);
  const container = show(<HeatCurves view={view} plan={plan} untilH={24} atH={6} />);
  await screen.findByRole('img');
  const ticks = [...container.querySelectorAll('text')].map((each) => Number(each.textContent));
  const highest = Math.max(...ticks.filter((each) => Number.isFinite(each)));
  expect(highest).toBeLessThanOrEqual(Math.ceil(plan.layers[0]!.ceilingC / 50) * 50);
});

test('a second layer is marked where it is poured', async () => {
  const { plan, view } = followed('20 °C', { layers: { heights: ['25 mm'] } });
  const container = show(<HeatCurves view={view} plan={plan} untilH={60} atH={0} />);
  await screen.findByRole('img');
  expect(plain(container)).toContain('layer 2');
});

test('depth against the room: it falls, a fan helps, and the pour is a point on it', async () => {
  const depths = roomDepths(given('23 °C'));
  const container = show(<DepthChart depths={depths} />);
  await screen.findByRole('img');
  const [still, fan] = linesIn(container);
  expect(still).toHaveLength(12);
  still!.forEach(([x, y], at) => {
    expect(fan![at]![0]).toBe(x);
    // Upwards is less.
    expect(fan![at]![1]).toBeLessThan(y);
    if (at > 0) expect(y).toBeGreaterThan(still![at - 1]![1]);
  });
  const point = container.querySelector('circle')!;
  expect(Number(point.getAttribute('cx'))).toBeCloseTo(44 + ((23 - 10) / 22) * (340 - 12 - 44), 1);
  expect(plain(container)).toContain('In your room: up to 50 mm. You plan 50 mm.');
  expect(plain(container)).toContain('Each peaks at 62 °C');
});

test('two settings, one over the other', async () => {
  const planned = followed('23 °C');
  const tried = followed('18 °C');
  const container = show(
    <ComparedCurves planned={planned.view} tried={tried.view} plans={[planned.plan, tried.plan]} />,
  );
  await screen.findByRole('img');
  const [one, other] = linesIn(container);
  const highest = (places: typeof one): number => Math.min(...places!.map(([, y]) => y));
  expect(highest(one)).toBeLessThan(highest(other));
});

const joint: LayerJoint = {
  school: 'tacky',
  earliestMin: undefined,
  latestMin: undefined,
  earliestInRoomMin: undefined,
  latestInRoomMin: undefined,
  readyMin: 600,
  closesMin: 1440,
  coolMin: 16 * 60,
  plannedMin: 18 * 60,
};
const stickyH = { from: 10, to: 24 };
const across = (hours: number, untilH: number): number => 12 + (hours / untilH) * (340 - 24);
const bars = (container: HTMLElement): readonly (readonly [number, number])[] =>
  [...container.querySelectorAll('rect')].map((rect) => [
    Number(rect.getAttribute('x')),
    Number(rect.getAttribute('width')),
  ]);

test('the sticky window against the second layer: both together are shaded', async () => {
  const container = show(<SecondLayerChart joint={joint} stickyH={stickyH} />);
  await screen.findByRole('img');
  const untilH = 24 * 1.2;
  const [both, sticky, cool] = bars(container);
  expect(both![0]).toBeCloseTo(across(16, untilH), 3);
  expect(both![0]! + both![1]!).toBeCloseTo(across(24, untilH), 3);
  expect(sticky![0]).toBeCloseTo(across(10, untilH), 3);
  expect(cool![0]! + cool![1]!).toBeCloseTo(across(untilH, untilH), 3);
  expect(plain(container)).toContain('sticky');
});

test('where the two do not meet nothing is shaded; what never is says so', async () => {
  const late = show(<SecondLayerChart joint={{ ...joint, coolMin: 2400 }} stickyH={stickyH} />);
  await screen.findByRole('img');
  expect(bars(late)).toHaveLength(2);
});

test('a pair that always overheats is said in its row', async () => {
  const never = show(
    <SecondLayerChart joint={{ ...joint, coolMin: undefined }} stickyH={stickyH} />,
  );
  await screen.findByRole('img');
  expect(plain(never)).toContain('the two stay cool: never');
  expect(bars(never)).toHaveLength(1);
});

test('the picture begins at the peak, and the slide goes through time', async () => {
  const { plan, view, jobPlan } = followed('23 °C');
  show(
    <Suspense fallback={null}>
      <HeatPicture view={view} plan={plan} jobPlan={jobPlan} pourIndex={0} />
    </Suspense>,
  );
  await screen.findByTestId('heat-moment');
  const moment = (): string =>
    screen.getByTestId('heat-moment').textContent.replaceAll('\u00a0', ' ');
  expect(moment()).toContain('core 62 °C');
  fireEvent.change(screen.getByRole('slider'), { target: { value: '0' } });
  expect(moment()).toContain('core 23 °C');
  expect(moment()).toContain('cured 0 to 0 %');
  expect(screen.getByRole('button', { name: 'Play' })).toBeTruthy();
});
