import { line } from 'd3-shape';
import { View } from 'react-native';
import { Path } from 'react-native-svg';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import type { HeatView } from '../../core/plan/heat/heatView';
import { ChartFrame, type Chart } from './ChartFrame';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { shownHours } from './shownHours';

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
  const untilH = Math.max(
    shownHours(plans[0], planned.timesH.at(-1) ?? 1),
    shownHours(plans[1], tried.timesH.at(-1) ?? 1),
  );
  const ceilingC = Math.max(...plans.flatMap(({ layers }) => layers.map((each) => each.ceilingC)));
  const highC = Math.min(ceilingC, Math.max(...planned.coreC, ...tried.coreC));
  const lowC = Math.min(...planned.roomC, ...tried.roomC);
  const pathOf = ({ timesH, coreC }: HeatView, { x, y }: Chart): string =>
    line<number>(
      (frame) => x(timesH[frame]!),
      (frame) => y(coreC[frame]!),
    )(Array.from(timesH.keys()).filter((frame) => timesH[frame]! <= untilH)) ?? '';
  return (
    <View>
      <ChartFrame
        label="Core temperatures of both by hours after the first pour"
        heightDp={200}
        margin={margin}
        units={{ across: 'h', upwards: '°C' }}
        across={[0, untilH]}
        upwards={[lowC, Math.max(highC, lowC + 10)]}
      >
        {(chart) => (
          <>
            <Path
              d={pathOf(planned, chart)}
              stroke={colours.resinDeep}
              strokeWidth={2.5}
              fill="none"
            />
            <Path
              d={pathOf(tried, chart)}
              stroke={colours.partB}
              strokeWidth={2.5}
              strokeDasharray="7 4"
              fill="none"
            />
          </>
        )}
      </ChartFrame>
      <Words size="small" colour="inkSoft">
        Cores, hours after the first pour: the line as planned, the dashes what if.
      </Words>
    </View>
  );
}
