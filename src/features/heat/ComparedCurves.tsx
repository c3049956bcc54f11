import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import { useState } from 'react';
import { View } from 'react-native';
import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import type { HeatView } from '../../core/plan/heat/heatView';
import { Words } from '../../ui/text/Words';
import { font } from '../../ui/theme/fonts';
import { useColours } from '../../ui/theme/theme';
import { shownHours } from './shownHours';

const heightDp = 200;
const margin = { left: 40, right: 12, top: 12, bottom: 30 };

/** The cores of two settings, one over the other. */
export function ComparedCurves({
  planned,
  tried,
  plans,
}: {
  readonly planned: HeatView;
  readonly tried: HeatView;
  readonly plans: readonly [HeatPlan, HeatPlan];
}) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const untilH = Math.max(
    shownHours(plans[0], planned.timesH.at(-1) ?? 1),
    shownHours(plans[1], tried.timesH.at(-1) ?? 1),
  );
  const ceilingC = Math.max(...plans.flatMap(({ layers }) => layers.map((each) => each.ceilingC)));
  const highC = Math.min(ceilingC, Math.max(...planned.coreC, ...tried.coreC));
  const lowC = Math.min(...planned.roomC, ...tried.roomC);
  const x = scaleLinear([0, untilH], [margin.left, width - margin.right]);
  const y = scaleLinear([lowC, Math.max(highC, lowC + 10)], [heightDp - margin.bottom, margin.top])
    .nice(4)
    .clamp(true);
  const path = ({ timesH, coreC }: HeatView): string =>
    line<number>(
      (frame) => x(timesH[frame]!),
      (frame) => y(coreC[frame]!),
    )(Array.from(timesH.keys()).filter((frame) => timesH[frame]! <= untilH)) ?? '';
  const words = { fill: colours.ink, fontSize: 12, fontFamily: font.text };
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View
          role="img"
          aria-label="Core temperatures of both by hours after the first pour"
          style={{ height: heightDp }}
        >
          <Svg width={width} height={heightDp} aria-hidden>
            {y.ticks(4).map((celsius) => (
              <G key={celsius}>
                <Line
                  x1={margin.left}
                  x2={width - margin.right}
                  y1={y(celsius)}
                  y2={y(celsius)}
                  stroke={colours.line}
                />
                <SvgText {...words} x={margin.left - 6} y={y(celsius) + 4} textAnchor="end">
                  {celsius}
                </SvgText>
              </G>
            ))}
            {x.ticks(5).map((hours) => (
              <SvgText key={hours} {...words} x={x(hours)} y={heightDp - 8} textAnchor="middle">
                {hours}
              </SvgText>
            ))}
            <Path d={path(planned)} stroke={colours.resinDeep} strokeWidth={2.5} fill="none" />
            <Path
              d={path(tried)}
              stroke={colours.partB}
              strokeWidth={2.5}
              strokeDasharray="7 4"
              fill="none"
            />
          </Svg>
        </View>
      )}
      <Words size="small" colour="inkSoft">
        Cores in °C by hours: the line as planned, the dashes what if.
      </Words>
    </View>
  );
}
