import { G, Line, Path, Rect } from 'react-native-svg';
import type { PlannedLayer } from '../../core/plan/planTypes';
import type { Colours } from '../theme/tokens';
import { freeboardDp, type PlacedCavity } from './sectionLayout';

interface CavityProps {
  readonly cavity: PlacedCavity;
  readonly layers: readonly PlannedLayer[];
  readonly colours: Colours;
  /** Id of the hatching that this drawing's walls are filled with. */
  readonly hatch: string;
  readonly onPress?: (() => void) | undefined;
}

/** Half the width of the cut at a height, from the outline's straight sides. */
function halfWidthAt({ part }: PlacedCavity, heightMm: number): number {
  const [floor, rim] = part.outline;
  if (floor === undefined || rim === undefined) return 0;
  const share = heightMm / (rim.heightMm - floor.heightMm);
  return (floor.widthMm + (rim.widthMm - floor.widthMm) * share) / 2;
}

/** One cavity cut through: the form around it, and its layers from the floor up. */
export function Cavity({ cavity, layers, colours, hatch, onPress }: CavityProps) {
  const { centreX, floorY, acrossPerMm, upPerMm, depthMm, part, wallDp } = cavity;
  const x = (heightMm: number, side: 1 | -1): number =>
    centreX + side * halfWidthAt(cavity, heightMm) * acrossPerMm;
  const y = (heightMm: number): number => floorY - heightMm * upPerMm;
  const isCoat = part.shape === 'coat';
  const rim = y(depthMm) - freeboardDp;
  const body = (fromMm: number, toMm: number): string =>
    `M${x(fromMm, -1)} ${y(fromMm)}L${x(toMm, -1)} ${y(toMm)}L${x(toMm, 1)} ${y(toMm)}L${x(fromMm, 1)} ${y(fromMm)}Z`;
  // The form follows the cavity's sides; a coat lies on a board and has no sides.
  const outer = (side: 1 | -1): string =>
    `L${x(depthMm, side) + side * wallDp} ${rim}L${x(0, side) + side * wallDp} ${floorY + wallDp}`;
  const form = isCoat
    ? `M${x(0, -1)} ${floorY}h${x(0, 1) - x(0, -1)}v${wallDp}H${x(0, -1)}Z`
    : `M${x(depthMm, -1)} ${rim}${outer(-1)}L${x(0, 1) + wallDp} ${floorY + wallDp}L${x(depthMm, 1) + wallDp} ${rim}` +
      `L${x(depthMm, 1)} ${rim}L${x(depthMm, 1)} ${y(depthMm)}L${x(0, 1)} ${floorY}L${x(0, -1)} ${floorY}L${x(depthMm, -1)} ${y(depthMm)}Z`;
  const own = layers.flatMap(({ fromMm = 0, toMm = depthMm }, index) =>
    fromMm >= depthMm ? [] : [{ index, fromMm, toMm: Math.min(toMm, depthMm) }],
  );
  return (
    <G onPress={onPress}>
      <Path d={form} fill={`url(#${hatch})`} stroke={colours.ink} strokeWidth={1.2} />
      {own.map(({ index, fromMm, toMm }) => (
        <Path
          key={index}
          d={body(fromMm, toMm)}
          fill={colours.resin}
          fillOpacity={index % 2 === 0 ? 1 : 0.72}
        />
      ))}
      {own.slice(1).map(({ index, fromMm }) => (
        <Line
          key={index}
          x1={x(fromMm, -1)}
          x2={x(fromMm, 1)}
          y1={y(fromMm)}
          y2={y(fromMm)}
          stroke={colours.resinDeep}
          strokeWidth={1.4}
        />
      ))}
      <Line
        x1={x(depthMm, -1)}
        x2={x(depthMm, 1)}
        y1={y(depthMm)}
        y2={y(depthMm)}
        stroke={colours.resinDeep}
        strokeWidth={1.4}
        strokeDasharray="4 3"
      />
      {onPress !== undefined && (
        <Rect
          x={x(depthMm, -1) - wallDp}
          y={Math.min(rim, floorY - 48)}
          width={x(depthMm, 1) - x(depthMm, -1) + 2 * wallDp}
          height={Math.max(48, floorY - rim) + wallDp}
          fill="transparent"
        />
      )}
    </G>
  );
}
