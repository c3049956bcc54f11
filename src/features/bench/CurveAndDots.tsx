import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { sayDegrees } from '../../words/figures';
import { sayRoughly } from '../../words/rough';

interface CurveAndDotsProps {
  readonly atMin: readonly number[];
  readonly curveC: readonly number[];
  readonly readings: readonly { readonly min: number; readonly c: number }[];
  /** Where it stands now, min. */
  readonly nowMin: number | undefined;
  readonly what: string;
}

const [height, inset] = [110, 8];

/** A predicted temperature, and what was measured beside it. */
export function CurveAndDots({ atMin, curveC, readings, nowMin, what }: CurveAndDotsProps) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const untilMin = Math.max(atMin.at(-1) ?? 1, ...readings.map(({ min }) => min), 1);
  const all = [...curveC, ...readings.map(({ c }) => c)];
  const [low, high] = [Math.min(...all) - 1, Math.max(...all) + 1];
  const x = (min: number): number => inset + (min / untilMin) * (width - 2 * inset);
  const y = (c: number): number =>
    height - inset - ((c - low) / (high - low)) * (height - 2 * inset);
  const path = atMin
    .map((min, at) => `${at === 0 ? 'M' : 'L'}${x(min)} ${y(curveC[at]!)}`)
    .join('');
  const last = readings.at(-1);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)} testID="readings">
      {width > 0 && (
        <Svg width={width} height={height} aria-hidden>
          <Line
            x1={inset}
            x2={width - inset}
            y1={height - 1}
            y2={height - 1}
            stroke={colours.line}
          />
          <Path d={path} fill="none" stroke={colours.ink} strokeWidth={2} />
          {nowMin !== undefined && nowMin >= 0 && nowMin <= untilMin && (
            <Line
              x1={x(nowMin)}
              x2={x(nowMin)}
              y1={0}
              y2={height}
              stroke={colours.edge}
              strokeDasharray="3 4"
            />
          )}
          {readings.map(({ min, c }, at) => (
            <Circle key={at} cx={x(min)} cy={y(c)} r={5} fill={colours.stop} />
          ))}
        </Svg>
      )}
      <Words size="small" colour="inkSoft">
        {what}, predicted up to {sayDegrees(Math.max(...curveC))} within {sayRoughly(untilMin)}
        {last === undefined ? '' : `; measured ${sayDegrees(last.c)}`}
      </Words>
    </View>
  );
}
