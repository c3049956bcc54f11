import { ScrollView, StyleSheet } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { useJobName } from '../../data/draft/useJobName';
import { Screen } from '../../ui/frame/Screen';
import { space } from '../../ui/theme/tokens';
import { sayC } from '../../words/figures';
import { sayPour } from '../../words/pours';
import { ChoiceTable } from './ChoiceTable';
import { ResinStep } from './ResinStep';

interface CompareScreenProps {
  readonly onBack: () => void;
  readonly onAddResin: () => void;
}

/** All resins of the shelf for one job, with the whole width for their figures. */
export function CompareScreen({ onBack, onAddResin }: CompareScreenProps) {
  const { plan, pour } = useOpenJob();
  const name = useJobName();
  // With several pours it is one of them that a resin is chosen for.
  const ofPour = plan !== undefined && plan.pours.length > 1 ? pour && sayPour(pour) : undefined;
  const room = pour && `room ${sayC(pour.roomTemperatureC)}`;
  return (
    <Screen
      title="Which resin"
      subtitle={[name, ofPour, room].filter((each) => each !== undefined).join(' · ')}
      onBack={onBack}
      fills
    >
      <ScrollView contentContainerStyle={styles.content}>
        <ResinStep onAddResin={onAddResin} choicesAs={ChoiceTable} />
      </ScrollView>
    </Screen>
  );
}

const styles = StyleSheet.create({ content: { padding: space.large } });
