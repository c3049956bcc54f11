import { memo, useContext, useId, useMemo, useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg from 'react-native-svg';
import type { Plan } from '../../core/plan/planTypes';
import { heightsIn, sayHeight, sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { sayPartName, sayThing } from '../../words/piece';
import { keyOfThing, thingsOf, type PieceThing } from '../../core/plan/piece/things';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';
import { BorderHandles, type MovableBorders } from './BorderHandles';
import { Cavity } from './Cavity';
import { colourBands } from './colourBands';
import { DepthRule } from './DepthRule';
import { LayerWords } from './LayerWords';
import { colourOfPour } from './colourOfPour';
import { HoldDrawnContext, HoldMarks } from './HoldMarks';
import { PouredContext } from './poured';
import { levelOf } from '../../core/plan/piece/levelOf';
import { pieceOf } from '../../core/plan/piece/pieceOf';
import { SectionPatterns } from './SectionPatterns';
import { thingBox } from './thingBox';
import { ThingTargets } from './ThingTargets';
import { sectionLayout, type PlacedCavity } from './sectionLayout';

interface SectionProps {
  readonly plan: Plan;
  /** Height of the deepest cavity on the screen, at the most. */
  readonly greatestHeight: number;
  /** The drawing alone, without rule and words: for a card in a list. */
  readonly small?: boolean;
  /** What is selected, by its key; and what selects another. Without it nothing can be pointed at. */
  readonly selected?: string | undefined;
  readonly onSelect?: (thing: PieceThing) => void;
  /** Borders between layers that can be moved, where there is one cavity. */
  readonly borders?: MovableBorders | undefined;
  /** Something painted under its lines: one pour's layers are left open for it. */
  readonly paint?: SectionPaint | undefined;
}

export interface SectionPaint {
  /** The pour whose layers are painted, and the cavity, by their places. */
  readonly pour: number;
  readonly part: number;
  /** A coat is a line there: its colour, once it is known. */
  readonly lineColour: string | undefined;
  readonly draw: (place: {
    readonly cavity: PlacedCavity;
    readonly width: number;
    readonly height: number;
  }) => ReactNode;
}

/** Room under a cavity for its name and its volume, a line each. */
const captionLineDp = 22;
/** Room for the rule's figures at the left and the layers' words at the right of a single cavity. */
const ruleDp = 52;
const layerWordsDp = 104;
/** Below this width the layers' words go under the drawing. */
const wordsBesideFrom = 330;

/** The heart of Nipperkin: the piece cut through, to scale, as it will be poured. Drawn from the plan alone. */
export const Section = memo(function Section(props: SectionProps) {
  const [width, setWidth] = useState(0);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && <SectionDrawing {...props} width={width} />}
    </View>
  );
});

/** The Section at a width, dp. */
export function SectionDrawing({
  plan,
  greatestHeight,
  small = false,
  selected,
  onSelect,
  borders,
  paint,
  width,
}: SectionProps & { readonly width: number }) {
  const colours = useColours();
  const held = useContext(HoldDrawnContext);
  const hold = small ? undefined : held;
  const poured = useContext(PouredContext);
  const id = useId();
  const patterns = { form: `${id}form`, timber: `${id}timber`, grains: `${id}grains` };
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
      (cavity) =>
        `${sayPartName(cavity)}, ${sayHeight(cavity.depthMm)} deep, ${sayMl(cavity.part.ml)}`,
    ),
    ...(several ? plan.pours.map((pour) => `${sayPour(pour)}: ${sayPlace(pour, plan)}`) : []),
  ].join('; ');
  const placed = cavities.map((cavity) => ({ ...cavity, centreX: cavity.centreX + rule }));
  const targets =
    onSelect === undefined
      ? []
      : thingsOf(plan).flatMap((thing) => {
          const cavity = placed.find(({ index }) => index === thing.part);
          const drawn = piece[thing.part];
          return cavity === undefined || drawn === undefined
            ? []
            : [{ thing, said: sayThing(plan, thing), box: thingBox(cavity, drawn, thing) }];
        });
  const painted = placed.find(({ index }) => index === paint?.part);

  return (
    // What is small, in a list or a head, does not glide.
    <View testID={small ? undefined : 'section'}>
      {first !== undefined && (
        <View
          {...(onSelect === undefined
            ? { role: 'img' as const, 'aria-label': `Section: ${spoken}` }
            : {})}
          style={{ height }}
        >
          {painted !== undefined && paint?.draw({ cavity: painted, width, height })}
          <Svg width={width} height={height} aria-hidden style={styles.lines}>
            <SectionPatterns ids={patterns} />
            {placed.map((cavity) => (
              <Cavity
                key={cavity.index}
                cavity={cavity}
                drawn={piece[cavity.index]!}
                bands={({ pour, layer }) =>
                  colourBands(pour, piece[cavity.index]!.cavity, layer, pourColour(pour))
                }
                faceColour={(pour) =>
                  (pour.index === paint?.pour ? paint.lineColour : undefined) ?? pourColour(pour)
                }
                colours={colours}
                patterns={patterns}
                levelIn={
                  poured === undefined
                    ? undefined
                    : ({ layer: { pour, layer }, fromMm, toMm }) =>
                        levelOf(plan.form?.heightCurve ?? [], fromMm, toMm, poured(pour, layer))
                }
                openPour={cavity === painted ? paint?.pour : undefined}
                isSelected={(thing) => keyOfThing(thing) === selected}
                onSelect={onSelect}
              />
            ))}
            {hold !== undefined &&
              placed.map((cavity) => (
                <HoldMarks
                  key={cavity.index}
                  cavity={cavity}
                  drawn={piece[cavity.index]!}
                  hold={hold}
                  placeOf={(insert) => plan.form?.inserts.indexOf(insert) ?? -1}
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
          {onSelect !== undefined && (
            <ThingTargets
              label={`Section: ${spoken}`}
              things={targets}
              selected={selected}
              onSelect={onSelect}
            />
          )}
          {single && borders !== undefined && (
            <BorderHandles borders={borders} cavity={placed[0]!} />
          )}
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
                    {sayPartName(cavity)}
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
                  : `Section; depth of ${stretched.map(sayPartName).join(', ')} drawn × ${Math.max(...stretched.map(({ exaggeration }) => exaggeration))}`,
                ...(single ? [`heights in ${heightsIn()}`] : []),
                ...(hidden > 0 ? [`${hidden} more not drawn`] : []),
              ].join(' · ')}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  caption: { position: 'absolute' },
  lines: { zIndex: 1 },
  centre: { textAlign: 'center' },
});
