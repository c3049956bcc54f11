import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import { useFieldArray } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { emptyPart, type PartDraft } from '../../data/draft/partDraft';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { MainFigure } from '../../ui/frame/MainFigure';
import { useWays } from '../../ui/frame/useWays';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayPlusMinus } from '../../words/doubts';
import { sayMl } from '../../words/figures';
import { shapeNames } from '../../words/names';
import { HeightCurve } from './HeightCurve';
import { PartEditor } from './PartEditor';

/** What is poured: the cavities and what stands in them. */
export function MeasureStep() {
  const { record, outdated } = useOpenJob();
  const parts = useFieldArray<JobDraft, 'measure.parts'>({ name: 'measure.parts' });
  const inserts = useFieldArray<JobDraft, 'measure.inserts'>({ name: 'measure.inserts' });
  const notice = useNotice();
  const router = useRouter();
  const { here } = useWays('/jobs');

  const keep = (part: number | undefined): void =>
    router.push({
      pathname: '/jobs/[id]/mould',
      params: { id: record.id, ...(part === undefined ? {} : { part }), ...here },
    });

  const removed = (
    list: { readonly insert: (index: number, part: PartDraft) => void },
    index: number,
    part: PartDraft,
  ): void =>
    notice({
      text: `Removed ${part.name || shapeNames[part.shape].toLowerCase()}`,
      undo: async () => list.insert(index, part),
    });

  return (
    <View style={styles.stack}>
      <MeasuredFigure />
      {parts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="part"
          index={index}
          among={parts.fields.length}
          onRemove={
            parts.fields.length > 1
              ? (part) => {
                  parts.remove(index);
                  removed(parts, index, part);
                }
              : undefined
          }
          onKeep={() => keep(index)}
        />
      ))}
      {inserts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="insert"
          index={index}
          among={inserts.fields.length}
          onRemove={(part) => {
            inserts.remove(index);
            removed(inserts, index, part);
          }}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          label="Add a cavity"
          icon="plus"
          onPress={() => parts.append(emptyPart('box'))}
        />
        <ActionButton
          label="Add an insert"
          icon="plus"
          onPress={() => inserts.append(emptyPart('cylinder'))}
        />
        {parts.fields.length > 1 && !outdated && (
          <ActionButton
            label="Keep all cavities as one mould"
            icon="cup-outline"
            onPress={() => keep(undefined)}
          />
        )}
      </View>
      <HeightCurve />
    </View>
  );
}

/** What there is to fill: what is measured less what stands in it, and how sure that is. */
function MeasuredFigure() {
  const { plan, outdated } = useOpenJob();
  if (plan === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">No amounts yet: the volume stands here as you type.</Words>
      </MainFigure>
    );
  }
  const { form, together } = plan;
  const toldMl = form?.cavityMl ?? together.cavityMl;
  return (
    <MainFigure>
      {outdated && (
        <Words size="small" weight="semibold" role="status">
          Last good figures
        </Words>
      )}
      <View style={[styles.figure, outdated && styles.outdated]}>
        <Words size="title" weight="bold">
          {sayMl(toldMl)}
        </Words>
        {form !== undefined && form.cavityPlusMinusMl > 0 && (
          <Words colour="inkSoft">
            {sayPlusMinus({ plusMinusMl: form.cavityPlusMinusMl, errs: form.cavityErrs })}
          </Words>
        )}
        <Words colour="inkSoft" style={styles.toMix}>
          to mix {sayMl(together.totalMl)}
        </Words>
      </View>
    </MainFigure>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  figure: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    columnGap: space.medium,
  },
  toMix: { marginLeft: 'auto' },
  outdated: { opacity: 0.5 },
});
