import { setStringAsync } from 'expo-clipboard';
import { StyleSheet, View } from 'react-native';
import { shoppingOf } from '../../core/plan/shoppingOf';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { useCurrency } from '../../data/hooks/useKept';
import { today } from '../../data/today';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { shoppingText } from '../../words/buying';
import { BuyingFigures } from './BuyingFigures';

interface BuyStepProps {
  readonly onCard: (id: string) => void;
  readonly onAllJobs: () => void;
}

/** What this job takes from the shelf and from the shop. */
export function BuyStep({ onCard, onAllJobs }: BuyStepProps) {
  const { plan, job, outdated } = useOpenJob();
  const { resins } = useShelf();
  const { currency } = useCurrency();
  const notice = useNotice();
  if (plan === undefined || job === undefined) {
    return <Words>The job has no amounts yet. Measure a cavity and choose a resin first.</Words>;
  }
  const card = resins.find(({ id }) => id !== undefined && id === job.resin.id);
  const copy = async (): Promise<void> => {
    const list = shoppingOf([{ plan, card: card ?? job.resin }], today());
    const copied = await setStringAsync(shoppingText(list, currency));
    notice({ text: copied ? 'Copied the shopping list' : 'The browser did not allow copying.' });
  };
  return (
    <View style={[styles.stack, outdated && styles.outdated]} testID="buying">
      <Words weight="bold">{plan.resin.name}</Words>
      <BuyingFigures buying={plan.buying} currency={currency} />
      <View style={styles.row}>
        <ActionButton icon="content-copy" label="Copy the list" onPress={() => void copy()} />
        {card?.id !== undefined && (
          <ActionButton
            icon="pencil"
            label="Kits and lots of this resin"
            onPress={() => onCard(card.id ?? '')}
          />
        )}
        <ActionButton icon="jobs" label="Buy for all jobs" onPress={onAllJobs} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  outdated: { opacity: 0.5 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
