import { StyleSheet, View } from 'react-native';
import type { Held } from '../../data/workshop/heldAgainst';
import type { Kept } from '../../data/workshop/kept';
import { canKeepBoth, type Choice } from '../../data/workshop/taking';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayHere, useNow } from '../../ui/useNow';

interface ConflictsProps {
  readonly keys: readonly string[];
  readonly held: Held;
  readonly here: Kept;
  readonly choices: ReadonlyMap<string, Choice>;
  readonly onChoose: (choices: ReadonlyMap<string, Choice>) => void;
}

/** More than this are not asked about one by one. */
const mostAsked = 30;

/** When a record says that it was changed; not all do. */
function changedAt(text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  try {
    const { updatedAt } = JSON.parse(text) as { readonly updatedAt?: unknown };
    const moment = typeof updatedAt === 'string' ? Date.parse(updatedAt) : NaN;
    return Number.isFinite(moment) ? moment : undefined;
  } catch {
    return undefined;
  }
}

/** `Here: today 9:12. In the file: deleted.` */
function sayWhen(key: string, { file }: Held, here: Kept, now: number): string {
  const one = (where: string, text: string | undefined): string => {
    if (text === undefined) return `${where}: deleted.`;
    const moment = changedAt(text);
    return moment === undefined ? '' : `${where}: ${sayHere(moment, now)}.`;
  };
  return [one('Here', here.records.get(key)), one('In the file', file.records.get(key))]
    .filter((text) => text !== '')
    .join(' ');
}

const choicesOf = (key: string, isBoth: boolean): readonly { value: Choice; label: string }[] => [
  { value: 'keep-here', label: 'Keep mine' },
  { value: 'take-theirs', label: 'Take the file’s' },
  ...(isBoth && canKeepBoth(key) ? [{ value: 'keep-both', label: 'Keep both' } as const] : []),
];

/** What was changed here and in the file: each is chosen by itself, or all alike; what is not chosen stays as it is here. */
export function Conflicts({ keys, held, here, choices, onChoose }: ConflictsProps) {
  const all = (choice: Choice): void => onChoose(new Map(keys.map((key) => [key, choice])));
  const now = useNow();
  const shown = keys.slice(0, mostAsked);
  return (
    <View style={styles.stack} testID="conflicts">
      <Words weight="bold">Changed here and in the file</Words>
      <Words size="small" colour="inkSoft">
        Neither has grown out of the other. What you do not choose stays as it is here, and is asked
        again the next time.
      </Words>
      {keys.length > 1 && (
        <View style={styles.row}>
          <ActionButton label="Keep all of mine" onPress={() => all('keep-here')} />
          <ActionButton label="Take all of the file’s" onPress={() => all('take-theirs')} />
        </View>
      )}
      {shown.map((key) => {
        const isBoth = here.records.has(key) && held.file.records.has(key);
        return (
          <View key={key} style={styles.one}>
            <ChoiceField<Choice>
              label={held.names.get(key) ?? key}
              value={choices.get(key)}
              choices={choicesOf(key, isBoth)}
              onChange={(choice) => onChoose(new Map([...choices, [key, choice]]))}
            />
            <Words size="small" colour="inkSoft">
              {sayWhen(key, held, here, now)}
            </Words>
          </View>
        );
      })}
      {keys.length > shown.length && (
        <Words size="small">and {keys.length - shown.length} more, as chosen for all</Words>
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  one: { gap: space.hair },
});
