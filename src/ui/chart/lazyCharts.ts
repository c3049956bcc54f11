import { lazy, useEffect, useState } from 'react';

/**
 * Charts that come when they are drawn. All come from one `import()`: what two of them share would otherwise be in the first
 * load, for Metro puts there whatever two pieces share.
 */
const charts = () => import('./charts');

export const ComparedCurves = lazy(async () => ({ default: (await charts()).ComparedCurves }));
export const CureChart = lazy(async () => ({ default: (await charts()).CureChart }));
export const DepthChart = lazy(async () => ({ default: (await charts()).DepthChart }));
export const HeatCurves = lazy(async () => ({ default: (await charts()).HeatCurves }));
export const HeatPaint = lazy(async () => ({ default: (await charts()).HeatPaint }));
export const HeightVolumeCurve = lazy(async () => ({
  default: (await charts()).HeightVolumeCurve,
}));
export const MonthBars = lazy(async () => ({ default: (await charts()).MonthBars }));
export const RunChart = lazy(async () => ({ default: (await charts()).RunChart }));
export const SecondLayerChart = lazy(async () => ({ default: (await charts()).SecondLayerChart }));

/** The colour of a temperature, °C; undefined until it came with the charts. */
export function useHeatColour(): ((celsius: number) => string) | undefined {
  const [colourOf, setColourOf] = useState<(celsius: number) => string>();
  useEffect(() => {
    void charts().then(
      ({ colourOfC }) => setColourOf(() => (celsius: number) => colourOfC(celsius)),
      // The charts themselves say that they could not be fetched.
      () => undefined,
    );
  }, []);
  return colourOf;
}
