import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { choiceFigureNames, sayChoice, sayFit, suitsNames } from '../../words/choices';
import { sayChoiceName, type ChoicesProps } from './choicesProps';
import { familyOf } from '../../core/resin/families';

/** What a card shows of a choice; the table has all of it. */
const onCard = ['layers', 'done', 'cost', 'potLife'] as const;

/** Choices as cards, for a phone: a tap takes one. */
export function ChoiceList({ choices, currency, isChosen, onChoose }: ChoicesProps) {
  const colours = useColours();
  return (
    <View role="radiogroup" aria-label="Resin" style={styles.list}>
      {choices.map((choice) => {
        const chosen = isChosen(choice);
        const name = sayChoiceName(choice);
        const said = sayChoice(choice, currency);
        const words = chosen ? 'onAction' : 'ink';
        const soft = chosen ? 'onAction' : 'inkSoft';
        return (
          <TouchableRipple
            key={`${choice.resinId ?? choice.name}/${choice.hardenerName}`}
            role="radio"
            aria-checked={chosen}
            aria-label={`${name}. ${suitsNames[choice.suits]}`}
            onPress={() => onChoose(choice)}
            style={[
              styles.card,
              { borderColor: chosen ? colours.ink : colours.edge },
              chosen && { backgroundColor: colours.action },
            ]}
          >
            <View style={styles.inside}>
              <View style={styles.head}>
                <Words weight="bold" colour={words} style={styles.grow}>
                  {name}
                </Words>
                <Words size="small" weight="semibold" colour={words}>
                  {suitsNames[choice.suits]}
                </Words>
              </View>
              <Words size="small" colour={soft}>
                {familyOf(choice.family).name}
              </Words>
              <View style={styles.figures}>
                {onCard.map((figure) => (
                  <View key={figure} style={styles.figure}>
                    <Words size="small" colour={soft}>
                      {choiceFigureNames[figure]}
                    </Words>
                    <Words weight="semibold" colour={words}>
                      {said[figure]}
                    </Words>
                  </View>
                ))}
              </View>
              {choice.reasons.map(sayFit).map((reason) => (
                <Words key={reason} size="small" colour={words}>
                  {reason}
                </Words>
              ))}
            </View>
          </TouchableRipple>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.small },
  card: { minHeight: touch.table, borderWidth: 1, borderRadius: corner, padding: space.medium },
  inside: { gap: space.tight },
  head: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  grow: { flexGrow: 1, flexShrink: 1 },
  figure: { flexShrink: 1, maxWidth: '100%' },
  figures: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.large, rowGap: space.tight },
});
