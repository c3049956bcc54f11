import { StyleSheet, View } from 'react-native';
import { useOpenJob } from '../../data/draft/openJob';
import { ActionButton } from '../../ui/ActionButton';
import { MainFigure } from '../../ui/frame/MainFigure';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { CorrectionLine } from '../../ui/figures/CorrectionLine';
import { CupMarksLine } from './CupMarksLine';
import { LeftoversLine } from './LeftoversLine';
import { MixFigures, useBatchInHand } from './MixFigures';
import { MixSettings } from './MixSettings';

/** What is weighed, what to do when it goes wrong, and how it is mixed. */
export function MixStep({ onSheet }: { readonly onSheet: () => void }) {
  const { pour: plan, outdated } = useOpenJob();
  const { batch, choose } = useBatchInHand(plan);
  return (
    <View style={styles.stack}>
      {plan === undefined || batch === undefined ? (
        <MainFigure>
          <Words colour="inkSoft">
            No amounts yet: measure a cavity and choose a resin, then A and B stand here.
          </Words>
        </MainFigure>
      ) : (
        <MixFigures plan={plan} outdated={outdated} batch={batch} onBatch={choose} />
      )}
      <View>
        {plan !== undefined && batch !== undefined && !outdated && (
          <CorrectionLine key={batch.id} plan={plan} batch={batch} />
        )}
        <LeftoversLine />
        <CupMarksLine />
      </View>
      <MixSettings />
      {plan !== undefined && (
        <View style={styles.row}>
          <ActionButton label="Mixing sheet" icon="printer" onPress={onSheet} />
        </View>
      )}
      <Words size="small" colour="inkSoft">
        Estimates: the label and the safety data sheet of the resin decide.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
