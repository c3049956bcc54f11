import { StyleSheet, View } from 'react-native';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';
import { Figure } from './Figure';

interface PartFigure {
  /** The figure to pour, as the scale shows it. */
  readonly figure: string;
  readonly unit: string;
  /** The same told in other ways. */
  readonly also: readonly string[];
}

interface AmountPairProps {
  readonly a: PartFigure;
  readonly b: PartFigure;
  readonly size?: 'large' | 'huge';
  /** A resin in one bottle has no B. */
  readonly onePart?: boolean;
}

/** A on the left in amber, B on the right in blue-green, the same everywhere. */
export function AmountPair({ a, b, size = 'huge', onePart = false }: AmountPairProps) {
  const colours = useColours();
  const side = (part: PartFigure, letter: 'A' | 'B', name: string) => (
    <View
      style={[styles.side, letter === 'B' && { borderLeftWidth: 1, borderLeftColor: colours.line }]}
      testID={`part-${letter}`}
    >
      <Words size="small" weight="bold" colour={letter === 'A' ? 'partA' : 'partB'}>
        {onePart ? 'Resin' : `${letter} ${name}`}
      </Words>
      <Figure size={size} figure={part.figure} unit={part.unit} />
      {part.also.map((text) => (
        <Words key={text} size="small" colour="inkSoft">
          {text}
        </Words>
      ))}
    </View>
  );
  return (
    <View style={[styles.pair, { borderColor: colours.line }]}>
      {side(a, 'A', 'resin')}
      {!onePart && side(b, 'B', 'hardener')}
    </View>
  );
}

const styles = StyleSheet.create({
  pair: { flexDirection: 'row', flexWrap: 'wrap', borderTopWidth: 1, borderBottomWidth: 1 },
  side: {
    flexGrow: 1,
    flexBasis: 140,
    paddingVertical: space.small,
    paddingHorizontal: space.medium,
  },
});
