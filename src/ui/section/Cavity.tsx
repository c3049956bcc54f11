import { G, Line, Path, Rect } from 'react-native-svg';
import type { PourPlan } from '../../core/plan/planTypes';
import { touch, type Colours } from '../theme/tokens';
import type { ColourBand } from './colourBands';
import { cavityPaths } from './cavityPaths';
import type { DrawnLayer, DrawnPart } from './pieceOf';
import { insertPath, placedInserts } from './placedInserts';
import type { PlacedCavity } from './sectionLayout';

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
  const { centreX, floorY, acrossPerMm, depthMm, part, wallDp } = cavity;
  const paths = cavityPaths(cavity);
  const { x, y, rim } = paths;
  const layers = paths.layersIn(drawn.layers);
  const reachedMm = Math.max(0, ...layers.map(({ toMm }) => toMm));
  const core = paths.core();
  const level = (heightMm: number) => ({
    x1: x(heightMm, -1),
    x2: x(heightMm, 1),
    y1: y(heightMm),
    y2: y(heightMm),
    stroke: colours.resinDeep,
    strokeWidth: 1.4,
  });
  return (
    <G onPress={onPress}>
      <Path d={paths.form()} fill={`url(#${hatch})`} stroke={colours.ink} strokeWidth={1.2} />
      {layers.flatMap(({ layer, index, fromMm, toMm }) =>
        bands(layer).map(({ colour, from, to }) => (
          <Path
            key={`${index}/${from}`}
            d={paths.body(fromMm, toMm, from, to)}
            fill={colour ?? colours.resin}
            fillOpacity={index % 2 === 0 ? 1 : 0.72}
          />
        )),
      )}
      {layers.slice(1).map(({ index, fromMm }) => (
        <Line key={index} {...level(fromMm)} />
      ))}
      <Line {...level(reachedMm)} strokeDasharray="4 3" />
      {drawn.faces.map((face) => (
        <Path
          key={face.pour.id}
          d={paths.face(face)}
          fill="none"
          stroke={faceColour(face.pour)}
          strokeWidth={3.5}
          testID={`face-${face.pour.index + 1}`}
        />
      ))}
      {placedInserts(drawn.inserts, part.outline).map(({ key, insert, middleMm }) => (
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
      {core !== undefined && (
        <Path d={core} fill={`url(#${hatch})`} stroke={colours.ink} strokeWidth={1.2} />
      )}
      {onPress !== undefined && (
        <Rect
          x={x(depthMm, -1) - wallDp}
          y={Math.min(rim, floorY - touch.table)}
          width={x(depthMm, 1) - x(depthMm, -1) + 2 * wallDp}
          height={Math.max(touch.table, floorY - rim) + wallDp}
          fill="transparent"
        />
      )}
    </G>
  );
}
