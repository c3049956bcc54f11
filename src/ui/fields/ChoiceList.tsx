import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { corner, space, touch } from '../theme/tokens';
import { TextField } from './TextField';
import { useRadioKeys } from './useRadioKeys';

export interface Choice<T extends string> {
  readonly value: T;
  readonly label: string;
  readonly note?: string;
}

interface ChoiceListProps<T extends string> {
  readonly label: string;
  readonly value: T | undefined;
  /** Those that are used most come first. */
  readonly choices: readonly Choice<T>[];
  /** Goes to another one; by keys one goes on choosing. */
  readonly onChange: (value: T) => void;
  /** One was taken: by a tap, or by Enter. */
  readonly onTaken?: () => void;
}

/** So many choices stand in sight; with more there is a search. */
export const mostInSight = 8;

const holds = <T extends string>(
  { label, note = '' }: Choice<T>,
  words: readonly string[],
): boolean => {
  const text = `${label} ${note}`.toLowerCase();
  return words.every((word) => text.includes(word));
};

/** One of many, one under the other: a short list, with a search where it would be long. */
export function ChoiceList<T extends string>({
  label,
  value,
  choices,
  onChange,
  onTaken,
}: ChoiceListProps<T>) {
  const [search, setSearch] = useState('');
  const [all, setAll] = useState(false);
  const many = choices.length > mostInSight;
  const words = search.toLowerCase().split(/\s+/).filter(Boolean);
  const found = choices.filter((choice) => holds(choice, words));
  const first = all ? found : found.slice(0, mostInSight);
  const chosen = found.find((choice) => choice.value === value);
  // What is chosen is always in sight.
  const shown = chosen === undefined || first.includes(chosen) ? first : [chosen, ...first];
  const at = shown.findIndex((choice) => choice.value === value);
  const { groupKeys, radioKeys } = useRadioKeys(at, (index) => onChange(shown[index]!.value));
  return (
    <View style={styles.all}>
      {many && (
        <TextField label={`Search ${label.toLowerCase()}`} value={search} onChange={setSearch} />
      )}
      <View {...groupKeys} aria-label={label}>
        {shown.map((choice, index) => (
          <Row
            key={choice.value}
            choice={choice}
            chosen={index === at}
            keys={radioKeys(index)}
            onPress={() => {
              onChange(choice.value);
              onTaken?.();
            }}
          />
        ))}
      </View>
      {found.length === 0 && <Words colour="inkSoft">Nothing is called that.</Words>}
      {found.length > shown.length && (
        <TouchableRipple role="button" onPress={() => setAll(true)} style={styles.row}>
          <Words weight="semibold">Show all {found.length}</Words>
        </TouchableRipple>
      )}
    </View>
  );
}

interface RowProps<T extends string> {
  readonly choice: Choice<T>;
  readonly chosen: boolean;
  readonly keys: object;
  readonly onPress: () => void;
}

function Row<T extends string>({ choice, chosen, keys, onPress }: RowProps<T>) {
  const colours = useColours();
  return (
    <TouchableRipple {...keys} onPress={onPress} style={styles.row}>
      <View style={styles.inside}>
        <View style={[styles.mark, { borderColor: colours.ink }]}>
          {chosen && <View style={[styles.dot, { backgroundColor: colours.ink }]} />}
        </View>
        <Words weight={chosen ? 'semibold' : 'text'} style={styles.label}>
          {choice.label}
        </Words>
        {choice.note !== undefined && (
          <Words size="small" colour="inkSoft" style={styles.note}>
            {choice.note}
          </Words>
        )}
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  all: { gap: space.small },
  row: { minHeight: touch.table, justifyContent: 'center' },
  inside: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    columnGap: space.medium,
    paddingVertical: space.tight,
  },
  mark: {
    width: 20,
    height: 20,
    borderWidth: 1.5,
    borderRadius: 10,
    alignItems: 'center',
    justifyContent: 'center',
  },
  dot: { width: 10, height: 10, borderRadius: 2 * corner + 1 },
  label: { flexShrink: 1 },
  note: { flexShrink: 1, marginLeft: 'auto', textAlign: 'right' },
});
