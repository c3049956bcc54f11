import { StyleSheet, View } from 'react-native';
import type { BatchLane } from '../../core/bench/lanes';
import type { Poured } from '../../core/mix/correction';
import { correctBatch, type BatchCorrection } from '../../core/plan/correctBatch';
import type { PourPlan } from '../../core/plan/planTypes';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayCorrection } from '../../words/correction';
import { sayOnScale } from '../../words/figures';
import { BigFigure } from './BigFigure';
import { useWeighed, type Weigher } from './useWeighing';
import type { PartWeight } from '../../core/bench/partWeight';

/** What follows for both parts once one of them is as it is now. */
function correctedBy(
  pour: PourPlan,
  { inCup: { aG, bG }, batch }: BatchLane,
  now: Poured,
): BatchCorrection | undefined {
  if (pour.resin.ratio === undefined) return undefined;
  const before = { ...(aG === undefined ? {} : { aG }), ...(bG === undefined ? {} : { bG }) };
  return correctBatch(pour, batch.group.id, { ...before, ...now });
}

interface OverPouredProps {
  readonly weigher: Weigher;
  readonly weight: PartWeight;
  readonly lane: BatchLane;
  readonly pour: PourPlan;
}

/** Past the figure: what it is now, at once. Nothing is poured back. */
export function OverPoured({ weigher, weight, lane, pour }: OverPouredProps) {
  const { part, stepG, targetG, otherG, inG } = weight;
  const contentG = useWeighed(weigher).weighing.contentG ?? inG;
  const poured = contentG - otherG;
  const after = correctedBy(pour, lane, part === 'a' ? { aG: poured } : { bG: poured });
  const otherLetter = part === 'a' ? 'B' : 'A';
  return (
    <View style={styles.stack} testID="over-poured">
      <Words size="title" weight="bold" colour="stop" role="alert">
        {sayOnScale(contentG - targetG, stepG)} g over. Pour nothing back.
      </Words>
      {after !== undefined && (
        <>
          <BigFigure
            figure={sayOnScale(part === 'a' ? after.onScale.bG : after.onScale.aG, stepG)}
            unit="g"
            colour={part === 'a' ? 'partB' : 'partA'}
            caption={`of ${otherLetter} now, ${sayOnScale(after.onScale.totalG, stepG)} g in all`}
          />
          {sayCorrection(after, pour).more.map(({ text, stop }) => (
            <Words key={text} size="large" colour={stop ? 'stop' : 'ink'}>
              {text}
            </Words>
          ))}
        </>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small } });
