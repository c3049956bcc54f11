import { useState, type ReactNode } from 'react';
import { StyleSheet, View } from 'react-native';
import { PressLink } from './PressLink';
import { ActionButton } from './ActionButton';
import { SignButton } from './SignButton';
import { Words } from './text/Words';
import { useColours } from './theme/theme';
import { corner, space } from './theme/tokens';

interface CardRowProps {
  readonly name: string;
  /** Stands before the words. */
  readonly picture?: ReactNode;
  /** As high as it will be, dp, where something of it comes later. */
  readonly leastHigh?: number;
  readonly onOpen: () => void;
  readonly onDuplicate: () => void;
  readonly onDelete: () => void;
  /** What there is to say of it, under its name. */
  readonly children: ReactNode;
}

/** A card in a list: a tap opens it; what else can be done with it opens under it, by its sign or by holding it. */
export function CardRow({
  name,
  picture,
  leastHigh,
  onOpen,
  onDuplicate,
  onDelete,
  children,
}: CardRowProps) {
  const colours = useColours();
  const [more, setMore] = useState(false);
  return (
    <View style={[styles.card, { backgroundColor: colours.sheet, borderColor: colours.line }]}>
      <View style={[styles.row, leastHigh !== undefined && { minHeight: leastHigh }]}>
        <PressLink
          aria-label={`Open ${name}`}
          onPress={onOpen}
          onLongPress={() => setMore(true)}
          style={styles.open}
        >
          <View style={styles.inside}>
            {picture}
            <View style={styles.words}>
              <Words weight="bold">{name}</Words>
              {children}
            </View>
          </View>
        </PressLink>
        <View style={styles.sign}>
          <SignButton
            icon="dots-vertical"
            label={`More for ${name}`}
            expanded={more}
            onPress={() => setMore(!more)}
          />
        </View>
      </View>
      {more && (
        <View style={styles.more}>
          <ActionButton
            icon="content-duplicate"
            label="Duplicate"
            spoken={`Duplicate ${name}`}
            onPress={() => {
              setMore(false);
              onDuplicate();
            }}
          />
          <ActionButton icon="delete" label="Delete" spoken={`Delete ${name}`} onPress={onDelete} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  card: { borderWidth: 1, borderRadius: corner },
  row: { flexDirection: 'row' },
  open: { flex: 1, minWidth: 0, padding: space.medium, justifyContent: 'center' },
  inside: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.medium },
  words: { flexGrow: 1, flexShrink: 1, flexBasis: 120 },
  sign: { justifyContent: 'center' },
  more: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    gap: space.small,
    padding: space.medium,
    paddingTop: 0,
  },
});
