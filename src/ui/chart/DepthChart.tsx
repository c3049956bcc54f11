import { line } from 'd3-shape';
import { View } from 'react-native';
import { Circle, Path } from 'react-native-svg';
import type { RoomDepths } from '../../core/plan/heat/roomDepth';
import type { DepthPoint } from '../../core/thermal/greatestDepth';
import { ChartFrame, type Chart } from './ChartFrame';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { sayDegrees, sayMm } from '../../words/figures';

const margin = { left: 44, right: 12, top: 12, bottom: 30 };

/** The chart goes up to this many times what matters here. */
const topsOut = 2.5;

const millimetres = ({ depthM }: DepthPoint): number => (depthM ?? 0) * 1000;

const pathOf = (points: readonly DepthPoint[], { x, y }: Chart): string =>
  line<DepthPoint>(
    ({ roomC }) => x(roomC),
    (point) => y(millimetres(point)),
  )([...points]) ?? '';

/** Greatest depth against the room's temperature, still and with a fan, and the pour as a point on it. */
export function DepthChart({ depths }: { readonly depths: RoomDepths }) {
  const colours = useColours();
  const { still, fan, own, hereMm, limitC } = depths;
  const roomsC = [...still.map(({ roomC }) => roomC), own.roomC];
  // A narrow form in a cool room could be as deep as one likes: that runs along the top edge.
  const deepest = Math.min(
    Math.max(...still.map(millimetres), ...fan.map(millimetres), own.depthMm),
    topsOut * Math.max(own.depthMm, hereMm ?? 0),
  );
  const here =
    hereMm === undefined
      ? 'In your room it would get hotter than that at any depth.'
      : `In your room: up to ${sayMm(hereMm)}. You plan ${sayMm(own.depthMm)}.`;
  return (
    <View>
      <Words testID="depth-here">{here}</Words>
      <ChartFrame
        label={`Greatest depth against the temperature of the room. ${here}`}
        heightDp={220}
        margin={margin}
        units={{ across: '°C', upwards: 'mm' }}
        across={[Math.min(...roomsC), Math.max(...roomsC)]}
        upwards={[0, deepest]}
      >
        {(chart) => (
          <>
            <Path
              d={pathOf(still, chart)}
              stroke={colours.resinDeep}
              strokeWidth={2.5}
              fill="none"
            />
            <Path
              d={pathOf(fan, chart)}
              stroke={colours.partB}
              strokeWidth={2.5}
              strokeDasharray="7 4"
              fill="none"
            />
            <Circle cx={chart.x(own.roomC)} cy={chart.y(own.depthMm)} r={6} fill={colours.ink} />
          </>
        )}
      </ChartFrame>
      <Words size="small" colour="inkSoft">
        {`By the temperature of the room: the line is still air, the dashes a fan, the point your pour. Each peaks at ${sayDegrees(limitC)}.`}
      </Words>
    </View>
  );
}
