import { useId } from 'react';
import { ClipPath, Defs, G, Path } from 'react-native-svg';
import { settledBands } from '../../core/plan/piece/settledBands';
import type { DrawnLayer, DrawnPart } from '../../core/plan/piece/pieceOf';
import type { PieceThing } from '../../core/plan/piece/things';
import type { PourPlan } from '../../core/plan/planTypes';
import type { Colours } from '../theme/tokens';
import type { ColourBand } from './colourBands';
import { cavityPaths, type LayerInCavity } from './cavityPaths';
import { insertPath, placedInserts } from './placedInserts';
import type { SectionPatternIds } from './SectionPatterns';
import type { PlacedCavity } from './sectionLayout';

interface CavityProps {
  readonly cavity: PlacedCavity;
  /** What is poured into it, and what stands in it. */
  readonly drawn: DrawnPart;
  /** How a layer is divided into colours, from the left wall to the right one. */
  readonly bands: (layer: DrawnLayer) => readonly ColourBand[];
  readonly faceColour: (pour: PourPlan) => string;
  readonly colours: Colours;
  /** Ids of the patterns that this drawing's walls are filled with. */
  readonly patterns: SectionPatternIds;
  /** How high a layer stands by now, mm; undefined: all are drawn as they will be. */
  readonly levelIn?: ((layer: LayerInCavity) => number) | undefined;
  /** Layers of a pour that something is painted under: they are left open, and so is the form. */
  readonly openPour?: number | undefined;
  readonly isSelected: (thing: PieceThing) => boolean;
  readonly onSelect?: ((thing: PieceThing) => void) | undefined;
}

/** A face is a line: what a finger hits is wider. */
const hitDp = 18;

/** One cavity cut through: the form around it, and its layers from the floor up. */
export function Cavity({
  cavity,
  drawn,
  bands,
  faceColour,
  colours,
  patterns,
  levelIn,
  openPour,
  isSelected,
  onSelect,
}: CavityProps) {
  const { centreX, acrossPerMm, part, index } = cavity;
  const paths = cavityPaths(cavity);
  const { reach, y } = paths;
  const layers = paths.layersIn(drawn.layers);
  const reachedMm = Math.max(0, ...layers.map(({ toMm }) => toMm));
  const core = paths.core();
  const isTimber = part.shape === 'channel';
  const isMould = part.shape === 'mould' || part.shape === 'mesh';
  const isOpen = openPour !== undefined;
  const form: PieceThing = { kind: 'form', part: index };
  const press = (thing: PieceThing) => (onSelect === undefined ? undefined : () => onSelect(thing));
  const outline = (thing: PieceThing, usual: number): number => (isSelected(thing) ? 3 : usual);
  const clip = useId();
  // As a path: what is drawn so glides where the figures change.
  const level = (heightMm: number) => ({
    d: `M${reach(heightMm, -1)} ${y(heightMm)}L${reach(heightMm, 1)} ${y(heightMm)}`,
    stroke: isOpen ? colours.ink : colours.resinDeep,
    strokeWidth: 1.4,
  });
  return (
    <G>
      <Path
        d={paths.form()}
        fill={isMould ? colours.mould : `url(#${isTimber ? patterns.timber : patterns.form})`}
        // What is painted of the form is seen through it.
        fillOpacity={isOpen ? 0.4 : 1}
        fillRule="evenodd"
        stroke={colours.ink}
        strokeWidth={outline(form, 1.2)}
        onPress={press(form)}
      />
      {isTimber && (
        <Path d={paths.edges()} fill="none" stroke={colours.timberEdge} strokeWidth={3} />
      )}
      {paths.bounds !== undefined && (
        <Defs>
          <ClipPath id={clip}>
            <Path d={paths.bounds} clipRule="evenodd" />
          </ClipPath>
        </Defs>
      )}
      <G {...(paths.bounds === undefined ? {} : { clipPath: `url(#${clip})` })}>
        {layers.map((drawnLayer) => {
          const { layer, index: at, fromMm, toMm } = drawnLayer;
          const levelMm = levelIn?.(drawnLayer) ?? toMm;
          const thing: PieceThing = {
            kind: 'layer',
            part: index,
            pour: layer.pour.index,
            layer: layer.layer,
          };
          const isPainted = layer.pour.index === openPour;
          return (
            <G key={at} onPress={press(thing)}>
              {bands(layer).map(({ colour, from, to }) => (
                <Path
                  key={from}
                  d={paths.body(fromMm, levelMm, from, to)}
                  fill={isPainted ? 'transparent' : (colour ?? colours.resin)}
                  fillOpacity={at % 2 === 0 ? 1 : 0.72}
                />
              ))}
              {!isPainted &&
                settledBands(layer.pour, layer.layer).map(({ name, from, to }) => (
                  <Path
                    key={name}
                    d={paths.body(
                      fromMm + (levelMm - fromMm) * from,
                      fromMm + (levelMm - fromMm) * to,
                      0,
                      1,
                    )}
                    fill={`url(#${patterns.grains})`}
                    testID="settled-band"
                  />
                ))}
              {levelMm < toMm && (
                <Path
                  d={paths.body(levelMm, toMm, 0, 1)}
                  fill="none"
                  stroke={colours.edge}
                  strokeDasharray="2 4"
                />
              )}
              {isSelected(thing) && (
                <Path
                  d={paths.body(fromMm, toMm, 0, 1)}
                  fill="none"
                  stroke={colours.ink}
                  strokeWidth={3}
                />
              )}
            </G>
          );
        })}
        {layers.slice(1).map(({ index: at, fromMm }) => (
          <Path key={at} {...level(fromMm)} />
        ))}
        <Path {...level(reachedMm)} strokeDasharray="4 3" />
      </G>
      {drawn.faces.map((face) => {
        const thing: PieceThing = { kind: 'face', part: index, pour: face.pour.index };
        return (
          <G key={face.pour.id} onPress={press(thing)}>
            <Path
              d={paths.face(face)}
              fill="none"
              stroke={faceColour(face.pour)}
              strokeWidth={outline(thing, 3.5) + (isSelected(thing) ? 3 : 0)}
              testID={`face-${face.pour.index + 1}`}
            />
            {onSelect !== undefined && (
              <Path d={paths.face(face)} fill="none" stroke="transparent" strokeWidth={hitDp} />
            )}
          </G>
        );
      })}
      {placedInserts(drawn.inserts, part.outline).map(({ key, insert, middleMm }) => {
        const thing: PieceThing = {
          kind: 'insert',
          part: index,
          insert: drawn.inserts.indexOf(insert),
        };
        const d = insertPath(insert, {
          x: (acrossMm) => centreX + (middleMm + acrossMm) * acrossPerMm,
          y,
        });
        return (
          <G key={key} onPress={press(thing)}>
            <Path
              d={d}
              fill={isOpen ? 'transparent' : colours.line}
              stroke={colours.ink}
              strokeWidth={outline(thing, 1.2)}
            />
            {onSelect !== undefined && (
              <Path d={d} fill="transparent" stroke="transparent" strokeWidth={hitDp} />
            )}
          </G>
        );
      })}
      {(part.held ?? []).map(({ fromMm, toMm }) => (
        <Path
          key={fromMm}
          d={paths.held(fromMm, toMm)}
          stroke={colours.stop}
          strokeWidth={3}
          testID="held"
        />
      ))}
      {(part.rods ?? []).map(({ xMm, widthMm, fromMm, toMm }) => (
        <Path
          key={`${xMm}/${fromMm}/${toMm}`}
          d={paths.rod(xMm, widthMm, fromMm, toMm)}
          fill={`url(#${patterns.form})`}
          stroke={colours.ink}
          strokeWidth={1}
          testID="rod"
        />
      ))}
      {core !== undefined && (
        <Path
          d={core}
          fillRule="evenodd"
          fill={`url(#${patterns.form})`}
          stroke={colours.ink}
          strokeWidth={1.2}
        />
      )}
    </G>
  );
}
