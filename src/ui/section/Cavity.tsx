import { G, Line, Path, Rect } from 'react-native-svg';
import type { WidthAtHeight } from '../../core/measure/form/solid';
import type { MeasuredInsert } from '../../core/measure/inserts/placeInserts';
import type { PlannedLayer } from '../../core/plan/planTypes';
import type { Colours } from '../theme/tokens';
import { freeboardDp, type PlacedCavity } from './sectionLayout';

interface CavityProps {
  readonly cavity: PlacedCavity;
  readonly layers: readonly PlannedLayer[];
  /** What stands in this cavity. */
  readonly inserts: readonly MeasuredInsert[];
  readonly colours: Colours;
  /** Id of the hatching that this drawing's walls are filled with. */
  readonly hatch: string;
  readonly onPress?: (() => void) | undefined;
}

/** Half the width of the cut at a height, straight between the points of the outline. */
function halfWidthAt(outline: readonly WidthAtHeight[], heightMm: number): number {
  const next = outline.findIndex((point) => point.heightMm >= heightMm);
  const above = outline[next === -1 ? outline.length - 1 : next];
  const below = outline[next - 1];
  if (above === undefined) return 0;
  if (below === undefined || next === -1) return above.widthMm / 2;
  const share = (heightMm - below.heightMm) / (above.heightMm - below.heightMm);
  return (below.widthMm + (above.widthMm - below.widthMm) * share) / 2;
}

/** Heights at which the sides of a stretch bend, its ends among them. */
function bends(outline: readonly WidthAtHeight[], fromMm: number, toMm: number): number[] {
  const between = outline
    .map(({ heightMm }) => heightMm)
    .filter((heightMm) => heightMm > fromMm && heightMm < toMm);
  return [fromMm, ...between, toMm];
}

/** One cavity cut through: the form around it, and its layers from the floor up. */
export function Cavity({ cavity, layers, inserts, colours, hatch, onPress }: CavityProps) {
  const { centreX, floorY, acrossPerMm, upPerMm, depthMm, part, wallDp } = cavity;
  const x = (heightMm: number, side: 1 | -1): number =>
    centreX + side * halfWidthAt(part.outline, heightMm) * acrossPerMm;
  const y = (heightMm: number): number => floorY - heightMm * upPerMm;
  const isCoat = part.shape === 'coat';
  const rim = y(depthMm) - freeboardDp;
  const up = (side: 1 | -1, fromMm: number, toMm: number): string[] =>
    bends(part.outline, fromMm, toMm).map((heightMm) => `${x(heightMm, side)} ${y(heightMm)}`);
  const body = (fromMm: number, toMm: number): string =>
    `M${up(-1, fromMm, toMm).join('L')}L${up(1, fromMm, toMm).reverse().join('L')}Z`;
  // The form stands around the cavity at its widest; a coat lies on a board and has no sides.
  const widest = Math.max(...part.outline.map(({ heightMm }) => x(heightMm, 1))) - centreX;
  const straight = part.outline.length === 2;
  const outer = (side: 1 | -1): readonly [string, string] => [
    `${(straight ? x(depthMm, side) : centreX + side * widest) + side * wallDp} ${rim}`,
    `${(straight ? x(0, side) : centreX + side * widest) + side * wallDp} ${floorY + wallDp}`,
  ];
  const [leftTop, leftFoot] = outer(-1);
  const [rightTop, rightFoot] = outer(1);
  const inside = [
    `${x(depthMm, 1)} ${rim}`,
    ...up(1, 0, depthMm).reverse(),
    ...up(-1, 0, depthMm),
    `${x(depthMm, -1)} ${rim}`,
  ];
  const form = isCoat
    ? `M${x(0, -1)} ${floorY}h${x(0, 1) - x(0, -1)}v${wallDp}H${x(0, -1)}Z`
    : `M${leftTop}L${leftFoot}L${rightFoot}L${rightTop}L${inside.join('L')}Z`;
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
      {placedInserts(inserts, part.outline).map(({ key, insert, middleMm }) => (
        <Path
          key={key}
          d={insertPath(insert, {
            x: (acrossMm) => centreX + (middleMm + acrossMm) * acrossPerMm,
            y,
          })}
          fill={colours.sheet}
          stroke={colours.ink}
          strokeWidth={1.2}
        />
      ))}
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

/** More than this many of one insert are not drawn. */
const mostDrawn = 5;

/** Inserts side by side, evenly over the width of the cavity. */
function placedInserts(
  inserts: readonly MeasuredInsert[],
  outline: readonly WidthAtHeight[],
): { readonly key: string; readonly insert: MeasuredInsert; readonly middleMm: number }[] {
  const each = inserts.flatMap((insert, index) =>
    Array.from({ length: Math.min(insert.count, mostDrawn) }, (_, copy) => ({
      key: `${index}/${copy}`,
      insert,
    })),
  );
  const narrowest = Math.min(
    ...inserts.map(({ heightMm }) => 2 * halfWidthAt(outline, heightMm)),
    Math.max(...outline.map(({ widthMm }) => widthMm)),
  );
  return each.map((one, place) => ({
    ...one,
    middleMm: ((place + 0.5) / each.length - 0.5) * narrowest * (each.length > 1 ? 1 : 0),
  }));
}

/** The cut through an insert where it stands. */
function insertPath(
  { outline, heightMm }: MeasuredInsert,
  place: { readonly x: (acrossMm: number) => number; readonly y: (heightMm: number) => number },
): string {
  const side = (sign: 1 | -1): string[] =>
    outline.map(
      (point) => `${place.x((sign * point.widthMm) / 2)} ${place.y(heightMm + point.heightMm)}`,
    );
  return `M${side(-1).join('L')}L${side(1).reverse().join('L')}Z`;
}
