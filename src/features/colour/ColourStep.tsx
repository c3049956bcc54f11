import { StyleSheet, View } from 'react-native';
import { coloursFrom } from '../../core/colour/colourSchemas';
import type { PortionDraft } from '../../data/draft/jobDraft';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { coloursFromNames } from '../../words/names';
import { sayProblem } from '../../words/problems';
import { PortionEditor } from './PortionEditor';
import { FillersPanel } from './FillersPanel';
import { TintPanel } from './TintPanel';
import { usePourPart, usePourProblems } from '../../data/draft/pourInHand';

/** A new colour takes what the others leave; where one does that already, it begins with a share. */
function newPortion(portions: readonly PortionDraft[]): PortionDraft {
  const name = `Colour ${portions.length + 1}`;
  const hasRest = portions.some(({ share, volume }) => share === undefined && volume === undefined);
  return hasRest ? { name, share: '', pigments: [] } : { name, rest: true, pigments: [] };
}

/** Colours of the pour: one tint in all of A, or portions with their own pigments. */
export function ColourStep() {
  const [portions = [], setPortions] = usePourPart('portions');
  const [from = 'own-batches', setColoursFrom] = usePourPart('coloursFrom');
  const problems = usePourProblems();
  const notice = useNotice();
  const change = (next: PortionDraft[]): void => setPortions(next.length === 0 ? undefined : next);
  const remove = (index: number): void => {
    change(portions.filter((_, at) => at !== index));
    notice({
      text: `Removed ${portions[index]?.name || 'a colour'}`,
      undo: async () => change(portions),
    });
  };
  // Some problems are of a portion as a whole; those of a field stand at the field.
  const whole = problems.find(({ field }) => /^portions(\[\d+\])?$/.test(field));
  return (
    <View style={styles.stack}>
      {portions.length === 0 && (
        <Words>
          All of it is poured as it is. Tint all of A for one colour in every layer, or divide the
          pour into colours.
        </Words>
      )}
      {whole !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(whole)}
        </Words>
      )}
      {portions.map((_, index) => (
        <PortionEditor key={index} index={index} onRemove={() => remove(index)} />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a colour"
          onPress={() => change([...portions, newPortion(portions)])}
        />
      </View>
      {portions.length > 1 && (
        <ChoiceField
          label="The colours are mixed"
          value={from}
          choices={coloursFrom.map((value) => ({ value, label: coloursFromNames[value] }))}
          onChange={(value) => setColoursFrom(value)}
        />
      )}
      <TintPanel />
      <FillersPanel path="fillers" />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
