import { useRouter } from 'expo-router';
import { useCallback } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFieldArray } from 'react-hook-form';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useJobId, useOpenJob } from '../../data/draft/openJob';
import { useMeasuredForm } from '../../data/draft/useMeasuredForm';
import { emptyPart, type PartDraft } from '../../data/draft/partDraft';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { MainFigure } from '../../ui/frame/MainFigure';
import { useWays } from '../../ui/frame/useWays';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayPlusMinus } from '../../words/doubts';
import { sayAlso, sayMl, sayUsVolume } from '../../words/figures';
import { shapeNames } from '../../words/names';
import { HeightCurve } from './HeightCurve';
import { PartEditor } from './PartEditor';

/** What is poured: the cavities and what stands in them. */
export function MeasureStep() {
  const parts = useFieldArray<JobDraft, 'measure.parts'>({ name: 'measure.parts' });
  const inserts = useFieldArray<JobDraft, 'measure.inserts'>({ name: 'measure.inserts' });
  const removePart = useRemoval(parts);
  const removeInsert = useRemoval(inserts);
  const keep = useKeepAsMould();

  return (
    <View style={styles.stack}>
      <MeasuredFigure />
      {parts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="part"
          index={index}
          among={parts.fields.length}
          onRemove={parts.fields.length > 1 ? removePart : undefined}
          onKeep={keep}
        />
      ))}
      {inserts.fields.map(({ id }, index) => (
        <PartEditor
          key={id}
          kind="insert"
          index={index}
          among={inserts.fields.length}
          onRemove={removeInsert}
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
        {parts.fields.length > 1 && <KeepAll onPress={() => keep(undefined)} />}
      </View>
      <HeightCurve />
    </View>
  );
}

interface PartList {
  readonly remove: (index: number) => void;
  readonly insert: (index: number, part: PartDraft) => void;
}

/** Takes a part out of a list, with a way back. */
function useRemoval({ remove, insert }: PartList): (index: number, part: PartDraft) => void {
  const notice = useNotice();
  return useCallback(
    (index, part) => {
      remove(index);
      notice({
        text: `Removed ${part.name || shapeNames[part.shape].toLowerCase()}`,
        undo: async () => insert(index, part),
      });
    },
    [remove, insert, notice],
  );
}

/** Opens a new mould of what is measured: of one cavity, or of all. */
function useKeepAsMould(): (part: number | undefined) => void {
  const id = useJobId();
  const { push } = useRouter();
  const { from } = useWays('/jobs').here;
  return useCallback(
    (part) =>
      push({
        pathname: '/jobs/[id]/mould',
        params: { id, ...(part === undefined ? {} : { part }), from },
      }),
    [id, from, push],
  );
}

function KeepAll({ onPress }: { readonly onPress: () => void }) {
  const { outdated } = useOpenJob();
  if (outdated) return null;
  return (
    <ActionButton label="Keep all cavities as one mould" icon="cup-outline" onPress={onPress} />
  );
}

/** What there is to fill: what is measured less what stands in it, and how sure that is. */
function MeasuredFigure() {
  const { plan, outdated } = useOpenJob();
  const form = useMeasuredForm();
  const toldMl = form?.cavityMl ?? plan?.together.cavityMl;
  if (toldMl === undefined) {
    return (
      <MainFigure>
        <Words colour="inkSoft">No amounts yet: the volume stands here as you type.</Words>
      </MainFigure>
    );
  }
  return (
    <MainFigure>
      {plan !== undefined && outdated && (
        <Words size="small" weight="semibold" role="status">
          Last good figures
        </Words>
      )}
      <View style={[styles.figure, plan !== undefined && outdated && styles.outdated]}>
        <Words size="title" weight="bold">
          {sayMl(toldMl)}
        </Words>
        {form !== undefined && form.cavityPlusMinusMl > 0 && (
          <Words colour="inkSoft">
            {sayPlusMinus({ plusMinusMl: form.cavityPlusMinusMl, errs: form.cavityErrs })}
          </Words>
        )}
        <Words colour="inkSoft" style={styles.toMix}>
          {plan === undefined
            ? sayAlso('no resin yet', sayUsVolume(toldMl))
            : sayAlso(`to mix ${sayMl(plan.together.totalMl)}`, sayUsVolume(plan.together.totalMl))}
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
