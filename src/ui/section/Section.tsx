import { useId, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Defs, Line, Pattern, Rect } from 'react-native-svg';
import type { Plan } from '../../core/plan/planTypes';
import { sayHeight, sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { shapeNames } from '../../words/names';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';
import { Cavity } from './Cavity';
import { colourBands } from './colourBands';
import { DepthRule } from './DepthRule';
import { LayerWords } from './LayerWords';
import { colourOfPour } from './colourOfPour';
import { pieceOf } from './pieceOf';
import { sectionLayout, type PlacedCavity } from './sectionLayout';

interface SectionProps {
  readonly plan: Plan;
  /** Height of the deepest cavity on the screen, at the most. */
  readonly greatestHeight: number;
  /** The drawing alone, without rule and words: for a card in a list. */
  readonly small?: boolean;
  readonly onPressPart?: (index: number) => void;
}

/** Room under a cavity for its name and its volume, a line each. */
const captionLineDp = 22;
/** Room for the rule's figures at the left and the layers' words at the right of a single cavity. */
const ruleDp = 52;
const layerWordsDp = 104;
/** Below this width the layers' words go under the drawing. */
const wordsBesideFrom = 330;

const nameOf = ({ part }: PlacedCavity): string =>
  `${part.name ?? shapeNames[part.shape]}${part.count > 1 ? ` × ${part.count}` : ''}`;

/** The heart of Nipperkin: the piece cut through, to scale, as it will be poured. Drawn from the plan alone. */
export function Section(props: SectionProps) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && <SectionDrawing {...props} width={width} />}
    </View>
  );
}

/** The Section at a width, dp. */
export function SectionDrawing({
  plan,
  greatestHeight,
  small = false,
  onPressPart,
  width,
}: SectionProps & { readonly width: number }) {
  const colours = useColours();
  const hatch = useId();
  const piece = useMemo(() => pieceOf(plan), [plan]);
  const parts = useMemo(() => piece.map(({ part }) => part), [piece]);
  const single = !small && parts.length === 1;
  const layers = piece[0]?.layers ?? [];
  const several = plan.pours.length > 1;
  const wordsBeside = single && layers.length > 1 && width >= wordsBesideFrom;
  const rule = single ? ruleDp : 0;
  const aside = wordsBeside ? layerWordsDp : 0;
  const captions = small ? 0 : single ? captionLineDp : 2 * captionLineDp;
  const layout = useMemo(
    () =>
      sectionLayout(parts, {
        width: width - rule - aside,
        greatestHeight,
        captionHeight: captions,
      }),
    [parts, width, rule, aside, greatestHeight, captions],
  );
  /** One pour is drawn in the colour of resin; of several each has its own. */
  const pourColour = ({ index }: { readonly index: number }): string =>
    several ? colourOfPour(colours, index) : colours.resin;
  const { cavities, hidden, height } = layout;
  const [first] = cavities;
  const stretched = cavities.filter(({ exaggeration }) => exaggeration > 1);
  const spoken = [
    ...cavities.map(
      (cavity) => `${nameOf(cavity)}, ${sayHeight(cavity.depthMm)} deep, ${sayMl(cavity.part.ml)}`,
    ),
    ...(several ? plan.pours.map((pour) => `${sayPour(pour)}: ${sayPlace(pour, plan)}`) : []),
  ].join('; ');
  const openPart = (index: number): (() => void) | undefined => {
    const formPart = piece[index]?.formPart;
    return onPressPart === undefined || formPart === undefined
      ? undefined
      : () => onPressPart(formPart);
  };

  return (
    <View>
      {first !== undefined && (
        <View role="img" aria-label={`Section: ${spoken}`} style={{ height }}>
          <Svg width={width} height={height} aria-hidden>
            <Defs>
              <Pattern id={hatch} width={5} height={5} patternUnits="userSpaceOnUse">
                <Rect width={5} height={5} fill={colours.paper} />
                <Line x1={0} y1={5} x2={5} y2={0} stroke={colours.wall} strokeWidth={0.9} />
              </Pattern>
            </Defs>
            {cavities.map((cavity) => (
              <Cavity
                key={cavity.index}
                cavity={{ ...cavity, centreX: cavity.centreX + rule }}
                drawn={piece[cavity.index]!}
                bands={({ pour, layer }) =>
                  colourBands(pour, piece[cavity.index]!.cavity, layer, pourColour(pour))
                }
                faceColour={pourColour}
                colours={colours}
                hatch={hatch}
                onPress={openPart(cavity.index)}
              />
            ))}
            {single && (
              <DepthRule
                cavity={first}
                heightsMm={[0, ...layers.map(({ toMm }) => toMm ?? first.depthMm)]}
                colours={colours}
                x={ruleDp - 12}
              />
            )}
          </Svg>
          {!small &&
            cavities.map((cavity) => (
              <View
                key={cavity.index}
                style={[
                  styles.caption,
                  { left: cavity.left + rule, width: cavity.room, top: cavity.floorY + 12 },
                ]}
              >
                {!single && (
                  <Words size="small" weight="semibold" lines={1} style={styles.centre}>
                    {nameOf(cavity)}
                  </Words>
                )}
                <Words size="small" colour="inkSoft" lines={1} style={styles.centre}>
                  {sayMl(cavity.part.ml)}
                </Words>
              </View>
            ))}
          {wordsBeside && (
            <LayerWords
              layers={layers}
              named={several}
              cavity={first}
              left={width - layerWordsDp + space.small}
            />
          )}
        </View>
      )}
      {!small && (
        <Words size="small" colour="inkSoft" style={styles.centre}>
          {first === undefined
            ? 'A known amount has no form to draw.'
            : [
                stretched.length === 0
                  ? 'Section, to scale'
                  : `Section; depth of ${stretched.map(nameOf).join(', ')} drawn × ${Math.max(...stretched.map(({ exaggeration }) => exaggeration))}`,
                ...(single ? ['heights in mm'] : []),
                ...(hidden > 0 ? [`${hidden} more not drawn`] : []),
              ].join(' · ')}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  caption: { position: 'absolute' },
  centre: { textAlign: 'center' },
});
