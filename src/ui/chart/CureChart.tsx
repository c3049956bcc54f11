import { area, line } from 'd3-shape';
import { View } from 'react-native';
import { Circle, Line, Path } from 'react-native-svg';
import type { CureCurves } from '../../core/cure/cureCurves';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { ChartFrame } from './ChartFrame';

const margin = { left: 40, right: 16, top: 12, bottom: 30 };

interface CureChartProps {
  readonly curves: CureCurves;
  /** Min after the first layer was begun, °C. */
  readonly readings: readonly { readonly min: number; readonly c: number }[];
  readonly nowMin: number;
}

/** What a label leaves open as a band, its own curve, what was measured, and the curve that follows from that. */
export function CureChart({ curves, readings, nowMin }: CureChartProps) {
  const colours = useColours();
  const { atMin, lowC, expectedC, highC, correctedC, place } = curves;
  const untilH = atMin.at(-1)! / 60;
  const all = [...lowC, ...highC, ...(correctedC ?? []), ...readings.map(({ c }) => c)];
  const points = [...atMin.keys()];
  return (
    <View testID="cure-chart">
      <ChartFrame
        label="Predicted temperature, and what was measured, by hours after the first layer was begun"
        heightDp={200}
        margin={margin}
        units={{ across: 'h', upwards: '°C' }}
        across={[0, untilH]}
        upwards={[Math.floor(Math.min(...all)) - 1, Math.max(...all) + 1]}
      >
        {({ x, y, top, bottom }) => {
          const xAt = (at: number): number => x(atMin[at]! / 60);
          const curveOf = (of: readonly number[]): string =>
            line<number>(xAt, (at) => y(of[at]!))(points) ?? '';
          const band = area<number>()
            .x(xAt)
            .y0((at) => y(lowC[at]!))
            .y1((at) => y(highC[at]!));
          return (
            <>
              <Path d={band(points) ?? ''} fill={colours.resin} opacity={0.35} />
              <Path
                d={curveOf(expectedC)}
                fill="none"
                stroke={colours.inkSoft}
                strokeWidth={1.5}
                strokeDasharray="5 4"
              />
              {correctedC !== undefined && (
                <Path d={curveOf(correctedC)} fill="none" stroke={colours.ink} strokeWidth={2.5} />
              )}
              {nowMin / 60 <= untilH && (
                <Line
                  x1={x(nowMin / 60)}
                  x2={x(nowMin / 60)}
                  y1={top}
                  y2={bottom}
                  stroke={colours.edge}
                />
              )}
              {readings.map(({ min, c }, at) => (
                <Circle key={at} cx={x(min / 60)} cy={y(c)} r={5} fill={colours.stop} />
              ))}
            </>
          );
        }}
      </ChartFrame>
      <Words size="small" colour="inkSoft">
        {place === 'core' ? 'The middle' : 'The surface'}, by hours after it was begun. The band is
        what the label leaves open, the dashes its plan
        {correctedC === undefined ? '' : ', the full line what was measured makes of it'}; the
        upright line is now.
      </Words>
    </View>
  );
}
