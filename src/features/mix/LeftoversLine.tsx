import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { mouldInJob } from '../../core/measure/mould/mouldInJob';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { SwitchField } from '../../ui/fields/SwitchField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayLeftover } from '../../words/leftovers';
import { sayProblem } from '../../words/problems';

/** Small moulds to set out beforehand, so that what is left over has a home. */
export function LeftoversLine() {
  const { setValue } = useFormContext<JobDraft>();
  const chosen = useWatch<JobDraft, 'leftoverMoulds'>({ name: 'leftoverMoulds' }) ?? [];
  const { moulds } = useShelf();
  const { pour: plan, outdated, problems } = useOpenJob();
  const problem = problems.find(({ field }) => field.startsWith('leftoverMoulds'));
  const toggle = (id: string | undefined, on: boolean): void => {
    const others = chosen.filter((mould) => mould.id !== id);
    const mould = moulds.find((each) => each.id === id);
    const next = on && mould !== undefined ? [...others, mouldInJob(mould)] : others;
    setValue('leftoverMoulds', next.length === 0 ? undefined : next);
  };
  return (
    <SettingLine
      label="Moulds for leftover resin"
      value={chosen.length === 0 ? 'none' : chosen.map(({ name }) => name).join(', ')}
      assumed={chosen.length === 0}
      wrong={problem !== undefined}
      testID="leftovers"
    >
      {moulds.length === 0 && (
        <Words>There is no mould in the library yet. Keep small ones there for leftovers.</Words>
      )}
      {moulds.map((mould) => (
        <SwitchField
          key={mould.id}
          label={mould.name}
          value={chosen.some(({ id }) => id === mould.id)}
          onChange={(on) => toggle(mould.id, on)}
        />
      ))}
      {problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(problem)}
        </Words>
      )}
      {plan !== undefined && !outdated && chosen.length > 0 && (
        <View style={styles.stack} role="status">
          {plan.leftovers.map((leftover) => (
            <Words key={leftover.batch}>{sayLeftover(leftover, plan.batches.length)}</Words>
          ))}
        </View>
      )}
    </SettingLine>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small } });
