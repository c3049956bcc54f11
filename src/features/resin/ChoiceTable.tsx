import { StyleSheet, View } from 'react-native';
import { DataTable } from 'react-native-paper';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import {
  choiceFigureNames,
  choiceFigures,
  sayChoice,
  sayFit,
  suitsNames,
} from '../../words/choices';
import { ChoiceList } from './ChoiceList';
import { sayChoiceName, type ChoicesProps } from './choicesProps';

/** Choices as a table, one row each, where there is room for it; as cards where there is not. */
export function ChoiceTable(props: ChoicesProps) {
  const { choices, currency, isChosen, onChoose } = props;
  const colours = useColours();
  const wide = useWide();
  if (!wide) return <ChoiceList {...props} />;
  return (
    <DataTable testID="choice-table">
      <DataTable.Header style={styles.row}>
        <DataTable.Title style={styles.name}>Resin</DataTable.Title>
        <DataTable.Title style={styles.suits}>Suits</DataTable.Title>
        {choiceFigures.map((figure) => (
          <DataTable.Title key={figure} numeric style={styles.figure}>
            {choiceFigureNames[figure]}
          </DataTable.Title>
        ))}
      </DataTable.Header>
      {choices.map((choice) => {
        const said = sayChoice(choice, currency);
        const name = sayChoiceName(choice);
        const chosen = isChosen(choice);
        return (
          <DataTable.Row
            key={`${choice.resinId ?? choice.name}/${choice.hardenerName}`}
            onPress={() => onChoose(choice)}
            aria-label={`${name}${chosen ? ', chosen' : ''}`}
            style={[styles.row, chosen && { backgroundColor: colours.warnSheet }]}
          >
            <View style={styles.name}>
              <Words weight={chosen ? 'bold' : 'semibold'}>{chosen ? `✓ ${name}` : name}</Words>
              {choice.reasons.map(sayFit).map((reason) => (
                <Words key={reason} size="small" colour="inkSoft">
                  {reason}
                </Words>
              ))}
            </View>
            <View style={styles.suits}>
              <Words>{suitsNames[choice.suits]}</Words>
            </View>
            {choiceFigures.map((figure) => (
              <View key={figure} style={styles.figure}>
                <Words style={styles.right}>{said[figure]}</Words>
              </View>
            ))}
          </DataTable.Row>
        );
      })}
    </DataTable>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: touch.table },
  name: {
    flexGrow: 3,
    flexShrink: 1,
    flexBasis: 200,
    minWidth: 0,
    alignSelf: 'center',
    paddingVertical: space.small,
  },
  suits: { flexGrow: 0, flexShrink: 0, flexBasis: 76, alignSelf: 'center' },
  figure: {
    flexGrow: 1,
    flexShrink: 1,
    flexBasis: 76,
    minWidth: 0,
    alignSelf: 'center',
    paddingLeft: space.small,
  },
  right: { textAlign: 'right' },
});
