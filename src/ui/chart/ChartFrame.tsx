import { scaleLinear } from 'd3-scale';
import { useState, type ReactNode } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Text as SvgText } from 'react-native-svg';
import { font } from '../theme/fontNames';
import { axisTold } from '../../words/figures';
import { useColours } from '../theme/theme';

/** From a figure of the core to its place, dp. */
type Scale = (value: number) => number;

/** What is drawn in a frame: from figures to dp. */
export interface Chart {
  readonly x: Scale;
  /** Ends at round figures; what lies beyond is drawn along the edge. */
  readonly y: Scale;
  readonly left: number;
  readonly right: number;
  readonly top: number;
  readonly bottom: number;
}

interface ChartFrameProps {
  /** What a person hears who does not see it. */
  readonly label: string;
  readonly heightDp: number;
  readonly margin: Readonly<Record<'left' | 'right' | 'top' | 'bottom', number>>;
  readonly across: readonly [number, number];
  /** What the axes are in as the core counts; the unit that it is told in stands at the last figure of each. */
  readonly units: { readonly across: string; readonly upwards?: string };
  /** Left out where only what is across is a scale. */
  readonly upwards?: readonly [number, number];
  readonly children: (chart: Chart) => ReactNode;
}

const textDp = 12;

/** Words on a chart. */
export const useChartText = () => {
  const { ink } = useColours();
  return { fill: ink, fontSize: textDp, fontFamily: font.text };
};

/** Axes, grid and figures of a chart as wide as there is room; it is drawn once its width is known. */
export function ChartFrame({
  label,
  heightDp,
  margin,
  across,
  units,
  upwards,
  children,
}: ChartFrameProps) {
  const colours = useColours();
  const text = useChartText();
  const [width, setWidth] = useState(0);
  const [left, right] = [margin.left, width - margin.right];
  const [top, bottom] = [margin.top, heightDp - margin.bottom];
  const [tellAcross, acrossIn] = axisTold(units.across);
  const [tellUpwards, upwardsIn] = axisTold(units.upwards ?? '');
  const xTold = scaleLinear(across.map(tellAcross), [left, right]);
  const yTold = scaleLinear((upwards ?? [0, 1]).map(tellUpwards), [bottom, top])
    .nice(4)
    .clamp(true);
  const x = (value: number): number => xTold(tellAcross(value));
  const y = (value: number): number => yTold(tellUpwards(value));
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View role="img" aria-label={label} style={{ height: heightDp }}>
          <Svg width={width} height={heightDp} aria-hidden>
            {(upwards === undefined ? [] : yTold.ticks(4)).map((each, index, all) => (
              <G key={each}>
                <Line
                  x1={left}
                  x2={right}
                  y1={yTold(each)}
                  y2={yTold(each)}
                  stroke={colours.line}
                />
                <SvgText {...text} x={left - 6} y={yTold(each) + 4} textAnchor="end">
                  {index === all.length - 1 ? `${each} ${upwardsIn}` : each}
                </SvgText>
              </G>
            ))}
            {xTold.ticks(5).map((each, index, all) => (
              <SvgText key={each} {...text} x={xTold(each)} y={heightDp - 8} textAnchor="middle">
                {index === all.length - 1 ? `${each} ${acrossIn}` : each}
              </SvgText>
            ))}
            {children({ x, y, left, right, top, bottom })}
          </Svg>
        </View>
      )}
    </View>
  );
}
