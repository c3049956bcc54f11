import { scaleLinear } from 'd3-scale';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Rect, Text as SvgText } from 'react-native-svg';
import type { RunAct } from '../../core/production/runSchedule';
import { useColours } from '../theme/theme';
import { useChartText } from './ChartFrame';

interface RunChartProps {
  /** What a person hears who does not see it. */
  readonly label: string;
  readonly acts: readonly RunAct[];
  readonly moulds: number;
  readonly untilMin: number;
}

const [rowDp, gapDp, leftDp, axisDp] = [22, 4, 26, 22];
/** More rows than this are not read any more. */
const mostRows = 12;

/** A line a mould: filled, curing, emptied, from the first mix to the last piece. */
export function RunChart({ label, acts, moulds, untilMin }: RunChartProps) {
  const colours = useColours();
  const text = useChartText();
  const [width, setWidth] = useState(0);
  const rows = Math.min(moulds, mostRows);
  const heightDp = rows * (rowDp + gapDp) + axisDp;
  const x = scaleLinear([0, Math.max(1, untilMin)], [leftDp, Math.max(leftDp, width - 8)]);
  const bar = (mould: number, fromMin: number, toMin: number) => ({
    x: x(fromMin),
    y: mould * (rowDp + gapDp),
    width: Math.max(1, x(toMin) - x(fromMin)),
    height: rowDp,
  });
  const ticks = x.ticks(5);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View role="img" aria-label={label} style={{ height: heightDp }}>
          <Svg width={width} height={heightDp} aria-hidden>
            {ticks.map((min) => (
              <G key={min}>
                <Line x1={x(min)} x2={x(min)} y1={0} y2={heightDp - axisDp} stroke={colours.line} />
                <SvgText {...text} x={x(min)} y={heightDp - 6} textAnchor="middle">
                  {min === ticks.at(-1) ? `${min} min` : min}
                </SvgText>
              </G>
            ))}
            {Array.from({ length: rows }, (_, mould) => (
              <SvgText {...text} key={mould} x={4} y={mould * (rowDp + gapDp) + rowDp - 6}>
                {mould + 1}
              </SvgText>
            ))}
            {acts.flatMap(({ does, fromMin, toMin, moulds: of, outMin }, act) =>
              of
                .filter((mould) => mould < rows)
                .map((mould, at) =>
                  does === 'mix' ? (
                    <G key={`${act}/${mould}`}>
                      <Rect {...bar(mould, toMin, outMin[at]!)} fill={colours.resin} />
                      <Rect {...bar(mould, fromMin, toMin)} fill={colours.partA} />
                    </G>
                  ) : (
                    <Rect
                      key={`${act}/${mould}`}
                      {...bar(mould, fromMin, toMin)}
                      fill={colours.partB}
                    />
                  ),
                ),
            )}
          </Svg>
        </View>
      )}
    </View>
  );
}
