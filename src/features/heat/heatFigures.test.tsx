import type { WarmEnough } from '../../core/plan/heat/warmEnough';
import { heatOfOne, planOne } from '../../testing/planOne';
import { act, render } from '@testing-library/react';
import type { ReactNode } from 'react';
import { type HeatPlan } from '../../core/plan/heat/heatOfPlan';
import { deepTray, deepTrayJob } from '../../testing/deepTray';
import { ThemeProvider } from '../../ui/ThemeProvider';
import { ComparedFigures } from './ComparedFigures';
import { HeatLayerFigures } from './HeatLayerFigures';

/** The heat of a wide tray of a deep-pour epoxy. */
function heatAt(temperature: string, depth = '50 mm'): HeatPlan {
  const parts = [{ ...deepTray, depth }];
  const job = deepTrayJob({ room: { temperature }, measure: { parts } });
  const heat = heatOfOne(job, planOne(job));
  if (!heat.told) throw new Error(heat.code);
  return heat;
}

async function shown(children: ReactNode): Promise<string> {
  const { container } = render(<ThemeProvider>{children}</ThemeProvider>);
  await act(async () => undefined);
  return (container.textContent ?? '').replaceAll('\u00a0', ' ');
}

const figures = (heat: HeatPlan, ranged: boolean, warmEnough?: WarmEnough) => (
  <HeatLayerFigures
    family={heat.family}
    layer={heat.layers[0]!}
    number={undefined}
    ranged={ranged}
    warmEnough={warmEnough}
  />
);

test('a figure first, its range when that is there', async () => {
  const heat = heatAt('23 °C');
  expect(await shown(figures(heat, false))).toContain('about 62 °C');
  expect(await shown(figures(heat, true))).toMatch(/4\d to 8\d °C/);
});

test('what does not happen in this room says so, and how warm would do', async () => {
  const text = await shown(
    figures(heatAt('3 °C', '3 mm'), true, { roomC: 9.4, warmDay: { softensNearC: 35 } }),
  );
  expect(text).toContain('too flat to say when');
  expect(text).toContain('A room of 10 °C would make it hard');
});

test('a runaway is not told to the degree', async () => {
  expect(await shown(figures(heatAt('28 °C'), true))).toContain('above');
});

test('two settings stand side by side', async () => {
  const text = await shown(<ComparedFigures planned={heatAt('23 °C')} tried={heatAt('28 °C')} />);
  expect(text).toMatch(/Peakabout 62 °Cabove about 90 °C/);
  expect(text).toContain('BandWarmRunaway');
});
