import { scaleBand, scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import { useColours } from '../theme/theme';
import { useChartText } from './ChartFrame';

/** One month: what it came to, and of how many pieces. */
export interface MonthBar {
  /** `Jan` */
  readonly name: string;
  readonly value: number | undefined;
  readonly count: number;
}

interface MonthBarsProps {
  /** What a person hears who does not see it. */
  readonly label: string;
  readonly bars: readonly MonthBar[];
}

const [heightDp, topDp, bottomDp] = [110, 6, 34];

/** A bar a month with the count behind it under its name; a month that nothing is known of has none. */
export function MonthBars({ label, bars }: MonthBarsProps) {
  const colours = useColours();
  const text = useChartText();
  const [width, setWidth] = useState(0);
  const x = scaleBand(
    bars.map((_, at) => at),
    [0, width],
  ).padding(0.25);
  const most = Math.max(0, ...bars.flatMap(({ value }) => value ?? []));
  const y = scaleLinear([0, most === 0 ? 1 : most], [heightDp - bottomDp, topDp]);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View role="img" aria-label={label} style={{ height: heightDp }}>
          <Svg width={width} height={heightDp} aria-hidden>
            <Line x1={0} x2={width} y1={y(0)} y2={y(0)} stroke={colours.edge} />
            {bars.map(({ name, value, count }, at) => {
              const middle = x(at)! + x.bandwidth() / 2;
              return (
                <G key={at}>
                  {value !== undefined && (
                    <Rect
                      x={x(at)!}
                      y={y(value)}
                      width={x.bandwidth()}
                      height={y(0) - y(value)}
                      fill={colours.resinDeep}
                    />
                  )}
                  <SvgText {...text} x={middle} y={heightDp - 18} textAnchor="middle">
                    {name.slice(0, 1)}
                  </SvgText>
                  <SvgText
                    {...text}
                    fill={colours.inkSoft}
                    x={middle}
                    y={heightDp - 3}
                    textAnchor="middle"
                  >
                    {count === 0 ? '' : count}
                  </SvgText>
                </G>
              );
            })}
          </Svg>
        </View>
      )}
    </View>
  );
}
