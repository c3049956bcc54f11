import { usualFill } from '../../core/mix/mixingSchema';
import { sayPart } from '../../words/figures';
import { useState } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import { fillRule, volumeRule } from '../../core/quantity/rules';
import { usualContainer, type ContainerDraft, type JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob, usePourIndex } from '../../data/draft/openJob';
import { useDraftField, usePourPart, useSeveralPours } from '../../data/draft/pourInHand';
import { useAttempt } from '../../data/hooks/useAttempt';
import { useKept } from '../../data/hooks/useKept';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { ChoiceList } from '../../ui/fields/ChoiceList';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

/** Where the containers stand in the form: with the job, or with the pour that has its own. */
type Place = '' | `pours.${number}.`;

/** What it is mixed in: the job's cups and buckets, or the pour's own where it has any. */
export function Containers() {
  const { getValues, setValue } = useFormContext<JobDraft>();
  const [one, setOne] = usePourPart('container');
  const [set, setSet] = usePourPart('containers');
  const own: Place = `pours.${usePourIndex()}.`;
  const differs = one !== undefined || set !== undefined;
  const several = useSeveralPours();
  return (
    <>
      {(several || differs) && (
        <SwitchField
          label="Another cup or bucket for this pour than for the job"
          value={differs}
          onChange={(on) => {
            if (on) setValue(`${own}container`, getValues('container') ?? usualContainer);
            else {
              setOne(undefined);
              setSet(undefined);
            }
          }}
        />
      )}
      <ContainersAt key={differs ? own : ''} at={differs ? own : ''} />
    </>
  );
}

type Way = 'container' | 'set' | 'none';

/** One cup or bucket, the best of the person's own, or one batch whatever it takes. */
function ContainersAt({ at }: { readonly at: Place }) {
  const { setValue } = useFormContext<JobDraft>();
  const container = useWatch<JobDraft, `${Place}container`>({ name: `${at}container` });
  const containers = useWatch<JobDraft, `${Place}containers`>({ name: `${at}containers` });
  const { items: kept } = useKept('containers');
  // Going to another way and back brings the same container again.
  const [before, setBefore] = useState(container ?? usualContainer);
  const way: Way =
    container !== undefined ? 'container' : containers !== undefined ? 'set' : 'none';
  const choose = (next: Way): void => {
    if (container !== undefined) setBefore(container);
    setValue(`${at}container`, next === 'container' ? before : undefined);
    const own = kept.length > 0 ? kept.map((each) => ({ ...each })) : [{ capacity: '' }];
    setValue(`${at}containers`, next === 'set' ? own : undefined);
  };
  const { problems } = useOpenJob();
  const fields = at.replace(/\.(\d+)\./, '[$1].');
  const isWrong = problems.some(({ field }) => field.startsWith(`${fields}container`));
  return (
    <SettingLine
      label="Mixed in"
      value={sayContainers(container, containers)}
      assumed={
        container?.capacity === usualContainer.capacity && container.fill === usualContainer.fill
      }
      wrong={isWrong}
      testID="mixed-in"
    >
      <ChoiceList
        label="Mixed in"
        value={way}
        choices={[
          { value: 'container', label: 'A cup or bucket' },
          { value: 'set', label: 'The best of several' },
          // What a pour does not say is as its job says: only the job can want none.
          ...(at === '' ? [{ value: 'none' as const, label: 'Whatever the pot life allows' }] : []),
        ]}
        onChange={choose}
      />
      {way === 'container' && <OneContainer at={at} />}
      {way === 'set' && <ContainerSet at={at} containers={containers ?? []} />}
    </SettingLine>
  );
}

function sayContainers(
  one: ContainerDraft | undefined,
  set: readonly ContainerDraft[] | undefined,
): string {
  if (one !== undefined) {
    return `${one.capacity || 'a container'}${one.fill ? `, filled to ${one.fill}` : ''}`;
  }
  return set === undefined ? 'whatever the pot life allows' : `the best of ${set.length}`;
}

function OneContainer({ at }: { readonly at: Place }) {
  const capacity = useDraftField(`${at}container.capacity`);
  const fill = useDraftField(`${at}container.fill`);
  return (
    <FieldRow>
      <QuantityField label="Container holds" {...capacity} unit="l" rule={volumeRule} />
      <QuantityField label="Filled to" {...fill} unit="%" rule={fillRule} />
    </FieldRow>
  );
}

/** Cups and buckets to choose from; the plan takes the one with the fewest batches, of those the smallest. */
function ContainerSet({
  at,
  containers,
}: {
  readonly at: Place;
  readonly containers: readonly ContainerDraft[];
}) {
  const { setValue } = useFormContext<JobDraft>();
  const { replace } = useKept('containers');
  const notice = useNotice();
  const keeping = useAttempt();
  const change = (next: ContainerDraft[]): void => setValue(`${at}containers`, next);
  const keep = async (): Promise<void> => {
    await keeping.attempt(async () => {
      await replace(whole);
      notice({ text: 'Kept: other jobs can be mixed in these too' });
    });
  };
  const whole = containers.filter(({ capacity }) => capacity !== '');
  return (
    <View style={styles.stack}>
      {containers.map((container, index) => (
        <ContainerRow
          key={index}
          at={at}
          index={index}
          container={container}
          onChange={(changed) =>
            change(containers.map((each, at) => (at === index ? { ...each, ...changed } : each)))
          }
          onRemove={() => change(containers.filter((_, at) => at !== index))}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a cup or bucket"
          onPress={() => change([...containers, { capacity: '' }])}
        />
        <ActionButton kind="bare" label="Keep these as mine" onPress={() => void keep()} />
      </View>
      <FileProblem problem={keeping.problem} />
    </View>
  );
}

interface ContainerRowProps {
  readonly at: Place;
  readonly index: number;
  readonly container: ContainerDraft;
  readonly onChange: (changed: Partial<ContainerDraft>) => void;
  readonly onRemove: () => void;
}

function ContainerRow({ at, index, container, onChange, onRemove }: ContainerRowProps) {
  const name = useDraftField(`${at}containers.${index}.name`);
  const capacity = useDraftField(`${at}containers.${index}.capacity`);
  return (
    <View style={styles.stack} testID={`container-${index + 1}`}>
      <View style={styles.head}>
        <Words weight="semibold">{container.name || `Container ${index + 1}`}</Words>
        <SignButton icon="delete" label={`Remove container ${index + 1}`} onPress={onRemove} />
      </View>
      <FieldRow>
        <TextField label={`Name of container ${index + 1}`} {...name} />
        <QuantityField
          label={`Container ${index + 1} holds`}
          {...capacity}
          // One that has just been added is not a mistake yet.
          problem={capacity.value === '' ? undefined : capacity.problem}
          unit="l"
          rule={volumeRule}
        />
      </FieldRow>
      <ChoiceField
        label="Used for"
        value={container.use ?? 'stir'}
        choices={[
          { value: 'stir', label: 'Stirring', note: `filled to ${sayPart(usualFill.stir)}` },
          { value: 'vacuum', label: 'Vacuum', note: `filled to ${sayPart(usualFill.vacuum)}` },
        ]}
        onChange={(use) => onChange({ use, fill: undefined })}
      />
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  head: { flexDirection: 'row', alignItems: 'center', justifyContent: 'space-between' },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
