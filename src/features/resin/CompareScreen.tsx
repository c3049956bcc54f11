import { ScrollView, StyleSheet } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { Screen } from '../../ui/frame/Screen';
import { space } from '../../ui/theme/tokens';
import { sayC } from '../../words/figures';
import { ChoiceTable } from './ChoiceTable';
import { ResinStep } from './ResinStep';

interface CompareScreenProps {
  readonly onBack: () => void;
  readonly onAddResin: () => void;
}

/** All resins of the shelf for one job, with the whole width for their figures. */
export function CompareScreen({ onBack, onAddResin }: CompareScreenProps) {
  const { pour: plan } = useOpenJob();
  return (
    <Screen
      title="Which resin"
      subtitle={plan && `${plan.name} · room ${sayC(plan.roomTemperatureC)}`}
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
