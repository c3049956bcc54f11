import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, G, Line, Path, Text as SvgText } from 'react-native-svg';
import type { RoomDepths } from '../../core/plan/heat/roomDepth';
import type { DepthPoint } from '../../core/thermal/greatestDepth';
import { Words } from '../../ui/text/Words';
import { font } from '../../ui/theme/fonts';
import { useColours } from '../../ui/theme/theme';
import { sayMm } from '../../words/figures';
import { sayDegrees } from '../../words/heat';

const heightDp = 220;
const margin = { left: 44, right: 12, top: 12, bottom: 30 };

/** Greatest depth against the room's temperature, still and with a fan, and the pour as a point on it. */
export default function DepthChart({ depths }: { readonly depths: RoomDepths }) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const { still, fan, own, hereMm, limitC } = depths;
  const millimetres = ({ depthM }: DepthPoint): number => (depthM ?? 0) * 1000;
  const first = still[0]?.roomC ?? 0;
  const last = still.at(-1)?.roomC ?? 1;
  const x = scaleLinear(
    [Math.min(first, own.roomC), Math.max(last, own.roomC)],
    [margin.left, width - margin.right],
  );
  const deepest = Math.max(...still.map(millimetres), ...fan.map(millimetres), own.depthMm);
  const y = scaleLinear([0, deepest], [heightDp - margin.bottom, margin.top]).nice(4);
  const path = (points: readonly DepthPoint[]): string =>
    line<DepthPoint>(
      ({ roomC }) => x(roomC),
      (point) => y(millimetres(point)),
    )([...points]) ?? '';
  const words = { fill: colours.ink, fontSize: 12, fontFamily: font.text };
  const here =
    hereMm === undefined
      ? 'In your room no depth of it stays under that.'
      : `In your room up to ${sayMm(Math.floor(hereMm))}; planned are ${sayMm(own.depthMm)}.`;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      <Words testID="depth-here">{here}</Words>
      {width > 0 && (
        <View
          role="img"
          aria-label={`Greatest depth against the temperature of the room. ${here}`}
          style={{ height: heightDp }}
        >
          <Svg width={width} height={heightDp} aria-hidden>
            {y.ticks(4).map((mm) => (
              <G key={mm}>
                <Line
                  x1={margin.left}
                  x2={width - margin.right}
                  y1={y(mm)}
                  y2={y(mm)}
                  stroke={colours.line}
                />
                <SvgText {...words} x={margin.left - 6} y={y(mm) + 4} textAnchor="end">
                  {mm}
                </SvgText>
              </G>
            ))}
            {x.ticks(5).map((celsius) => (
              <SvgText key={celsius} {...words} x={x(celsius)} y={heightDp - 8} textAnchor="middle">
                {celsius}
              </SvgText>
            ))}
            <Path d={path(still)} stroke={colours.resinDeep} strokeWidth={2.5} fill="none" />
            <Path
              d={path(fan)}
              stroke={colours.partB}
              strokeWidth={2.5}
              strokeDasharray="7 4"
              fill="none"
            />
            <Circle cx={x(own.roomC)} cy={y(own.depthMm)} r={6} fill={colours.ink} />
          </Svg>
        </View>
      )}
      <Words size="small" colour="inkSoft">
        {`mm upwards, room in °C across; the line is still air, the dashes a fan, the point your pour. Each peaks at ${sayDegrees(limitC)}.`}
      </Words>
    </View>
  );
}
