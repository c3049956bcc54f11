import { StyleSheet, View } from 'react-native';
import { Words, type WordsProps } from '../../ui/text/Words';

const sizes = {
  huge: { fontSize: 96, lineHeight: 100 },
  great: { fontSize: 60, lineHeight: 66 },
  large: { fontSize: 38, lineHeight: 44 },
} as const;

interface BigFigureProps {
  readonly figure: string;
  readonly unit?: string;
  readonly size?: keyof typeof sizes;
  readonly colour?: NonNullable<WordsProps['colour']>;
  /** What it is, under it. */
  readonly caption?: string | undefined;
  readonly testID?: string;
}

/** From so many digits on the largest figure is set smaller, so that a phone holds it: beside a cup, and alone. */
const longFrom = { beside: 4, alone: 6 } as const;

/** A figure that is read from two metres. */
export function BigFigure({
  figure,
  unit,
  size = 'huge',
  colour = 'ink',
  caption,
  testID,
}: BigFigureProps) {
  const fits =
    size === 'huge' && figure.length >= longFrom[unit === undefined ? 'alone' : 'beside']
      ? 'great'
      : size;
  return (
    <View testID={testID}>
      <Words weight="bold" colour={colour} style={sizes[fits]}>
        {figure}
        {unit !== undefined && <Words size="title">{`\u00a0${unit}`}</Words>}
      </Words>
      {caption !== undefined && (
        <Words size="large" colour="inkSoft" style={styles.caption}>
          {caption}
        </Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ caption: { flexShrink: 1 } });
