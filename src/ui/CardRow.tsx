import type { ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { SignButton } from './SignButton';
import { Words } from './text/Words';
import { useColours } from './theme/theme';
import { corner, space } from './theme/tokens';

interface CardRowProps {
  readonly name: string;
  /** Stands before the words. */
  readonly picture?: ReactNode;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
  /** What there is to say of it, under its name. */
  readonly children: ReactNode;
}

/** A card of the shelf in a list: a tap opens it; it is duplicated or deleted from here. */
export function CardRow({ name, picture, onOpen, onDuplicate, onDelete, children }: CardRowProps) {
  const colours = useColours();
  return (
    <View style={[styles.card, { backgroundColor: colours.sheet, borderColor: colours.line }]}>
      <TouchableRipple role="link" aria-label={`Open ${name}`} onPress={onOpen} style={styles.open}>
        <View style={styles.inside}>
          {picture}
          <View style={styles.words}>
            <Words weight="bold">{name}</Words>
            {children}
          </View>
        </View>
      </TouchableRipple>
      <View style={styles.signs}>
        <SignButton icon="content-duplicate" label={`Duplicate ${name}`} onPress={onDuplicate} />
        <SignButton icon="delete" label={`Delete ${name}`} onPress={onDelete} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  card: { flexDirection: 'row', flexWrap: 'wrap', borderWidth: 1, borderRadius: corner },
  open: { flexGrow: 1, flexShrink: 1, flexBasis: 200, padding: space.medium },
  inside: { flexDirection: 'row', flexWrap: 'wrap', gap: space.medium },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 120 },
  signs: { justifyContent: 'center', marginLeft: 'auto' },
});
