import { G, Line, Path, Rect } from 'react-native-svg';
import type { PourPlan } from '../../core/plan/planTypes';
import type { Colours } from '../theme/tokens';
import type { ColourBand } from './colourBands';
import type { DrawnLayer, DrawnPart } from './pieceOf';
import { bends, halfWidthAt } from './outlines';
import { insertPath, placedInserts } from './placedInserts';
import { freeboardDp, type PlacedCavity } from './sectionLayout';

interface CavityProps {
  readonly cavity: PlacedCavity;
  /** What is poured into it, and what stands in it. */
  readonly drawn: DrawnPart;
  /** How a layer is divided into colours, from the left wall to the right one. */
  readonly bands: (layer: DrawnLayer) => readonly ColourBand[];
  readonly faceColour: (pour: PourPlan) => string;
  readonly colours: Colours;
  /** Id of the hatching that this drawing's walls are filled with. */
  readonly hatch: string;
  readonly onPress?: (() => void) | undefined;
}

/** One cavity cut through: the form around it, and its layers from the floor up. */
export function Cavity({ cavity, drawn, bands, faceColour, colours, hatch, onPress }: CavityProps) {
  const { layers, inserts, faces } = drawn;
  const { centreX, floorY, acrossPerMm, upPerMm, depthMm, part, wallDp } = cavity;
  const x = (heightMm: number, side: 1 | -1): number =>
    centreX + side * halfWidthAt(part.outline, heightMm) * acrossPerMm;
  const y = (heightMm: number): number => floorY - heightMm * upPerMm;
  /** What is poured round: the core of a ring, the master in a mould box. */
  const core = part.outline.filter(({ holeMm }) => holeMm !== undefined);
  const coreSide = (side: 1 | -1): string[] =>
    core.map(
      ({ heightMm, holeMm = 0 }) => `${centreX + (side * holeMm * acrossPerMm) / 2} ${y(heightMm)}`,
    );
  const isCoat = part.shape === 'coat';
  const rim = y(depthMm) - freeboardDp;
  const up = (side: 1 | -1, fromMm: number, toMm: number): string[] =>
    bends(part.outline, fromMm, toMm).map((heightMm) => `${x(heightMm, side)} ${y(heightMm)}`);
  /** A stretch of height between two shares of the width, 0 at the left wall and 1 at the right one. */
  const body = (fromMm: number, toMm: number, from: number, to: number): string => {
    const edge = (share: number): string[] =>
      bends(part.outline, fromMm, toMm).map(
        (heightMm) =>
          `${x(heightMm, -1) + share * (x(heightMm, 1) - x(heightMm, -1))} ${y(heightMm)}`,
      );
    return `M${edge(from).join('L')}L${edge(to).reverse().join('L')}Z`;
  };
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
  const own = layers.flatMap((layer, index) => {
    const { fromMm = 0, toMm = depthMm } = layer;
    return fromMm >= depthMm ? [] : [{ layer, index, fromMm, toMm: Math.min(toMm, depthMm) }];
  });
  const reachedMm = Math.max(0, ...own.map(({ toMm }) => toMm));
  return (
    <G onPress={onPress}>
      <Path d={form} fill={`url(#${hatch})`} stroke={colours.ink} strokeWidth={1.2} />
      {own.flatMap(({ layer, index, fromMm, toMm }) =>
        bands(layer).map(({ colour, from, to }) => (
          <Path
            key={`${index}/${from}`}
            d={body(fromMm, toMm, from, to)}
            fill={colour ?? colours.resin}
            fillOpacity={index % 2 === 0 ? 1 : 0.72}
          />
        )),
      )}
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
        x1={x(reachedMm, -1)}
        x2={x(reachedMm, 1)}
        y1={y(reachedMm)}
        y2={y(reachedMm)}
        stroke={colours.resinDeep}
        strokeWidth={1.4}
        strokeDasharray="4 3"
      />
      {faces.map(({ pour, sides, floor, surface, upToMm }) => {
        const topMm = Math.min(upToMm, depthMm);
        const right = up(1, 0, topMm);
        const left = up(-1, 0, topMm);
        const floorLine = `M${x(0, -1)} ${y(0)}L${x(0, 1)} ${y(0)}`;
        const line = [
          ...(sides ? [`M${left.join('L')}`, `M${right.join('L')}`] : []),
          ...(floor ? [floorLine] : []),
          ...(surface
            ? [`M${x(topMm, -1)} ${y(topMm) - 1.5}L${x(topMm, 1)} ${y(topMm) - 1.5}`]
            : []),
        ].join('');
        return (
          <Path
            key={pour.id}
            d={line}
            fill="none"
            stroke={faceColour(pour)}
            strokeWidth={3.5}
            testID={`face-${pour.index + 1}`}
          />
        );
      })}
      {placedInserts(inserts, part.outline).map(({ key, insert, middleMm }) => (
        <Path
          key={key}
          d={insertPath(insert, {
            x: (acrossMm) => centreX + (middleMm + acrossMm) * acrossPerMm,
            y,
          })}
          fill={colours.line}
          stroke={colours.ink}
          strokeWidth={1.2}
        />
      ))}
      {core.some(({ holeMm = 0 }) => holeMm > 0) && (
        <Path
          d={`M${coreSide(-1).join('L')}L${coreSide(1).reverse().join('L')}Z`}
          fill={`url(#${hatch})`}
          stroke={colours.ink}
          strokeWidth={1.2}
        />
      )}
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
