import { StyleSheet, View } from 'react-native';
import { copyText } from '../../ui/copyText';
import { shoppingOf } from '../../core/plan/shoppingOf';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { useCurrency } from '../../data/hooks/useKept';
import { today } from '../../data/today';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { shoppingText } from '../../words/buying';
import { capital, sayMl } from '../../words/figures';
import { sayPour } from '../../words/pours';
import { sayBuyFigure } from '../../words/steps';
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
    return (
      <MainFigure>
        <Words>The job has no amounts yet. Measure a cavity and choose a resin first.</Words>
      </MainFigure>
    );
  }
  const onShelf = (id: string | undefined): boolean =>
    id !== undefined && resins.some((card) => card.id === id);
  const copy = async (): Promise<void> => {
    const list = shoppingOf([plan], today());
    const copied = await copyText(shoppingText(list, currency));
    notice({ text: copied ? 'Copied the shopping list' : 'The browser did not allow copying.' });
  };
  return (
    <View style={styles.stack}>
      <MainFigure>
        <Words size="title" weight="bold" style={outdated && styles.outdated}>
          {capital(sayBuyFigure(plan, currency))}
        </Words>
      </MainFigure>
      <View style={[styles.stack, outdated && styles.outdated]} testID="buying">
        {plan.buying.map(({ card, pours, pouredMl, buying }) => (
          <View key={card.id ?? card.name} style={styles.resin}>
            <Words weight="bold">{card.name}</Words>
            {plan.pours.length > 1 && (
              <Words size="small" colour="inkSoft">
                For {pours.map((index) => sayPour(plan.pours[index]!)).join(', ')}
              </Words>
            )}
            {pouredMl !== undefined && (
              <Words testID="poured-already">
                {buying.needMl > 0
                  ? `${sayMl(pouredMl)} more are poured already.`
                  : `All ${sayMl(pouredMl)} are poured already.`}
              </Words>
            )}
            <BuyingFigures buying={buying} currency={currency} />
            {onShelf(card.id) && (
              <View style={styles.row}>
                <ActionButton
                  icon="pencil"
                  label={
                    plan.buying.length === 1
                      ? 'Kits and lots of this resin'
                      : `Kits and lots of ${card.name}`
                  }
                  onPress={() => onCard(card.id ?? '')}
                />
              </View>
            )}
          </View>
        ))}
      </View>
      <View style={styles.row}>
        <ActionButton icon="content-copy" label="Copy the list" onPress={() => void copy()} />
        <ActionButton icon="jobs" label="Buy for all jobs" onPress={onAllJobs} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  resin: { gap: space.small },
  outdated: { opacity: 0.5 },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
