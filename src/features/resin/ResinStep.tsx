import { useController } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import type { Resin } from '../../core/resin/resinSchema';
import { readResin } from '../../core/resin/readResin';
import type { JobDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { useShelf } from '../../data/hooks/queries';
import { useResinActions } from '../../data/hooks/useCardActions';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayProblem } from '../../words/problems';
import { sayRatio } from '../../words/figures';
import { familyNames } from '../../words/names';

/** A card that came with a file has no place on the shelf yet. */
const ownCard = 'own';

const noteOf = (resin: Resin): string => {
  const ratio = sayRatio(readResin(resin).ratio);
  const stated =
    resin.ratio.by === 'volume' ? `${ratio.byVolume} by volume` : `${ratio.byWeight} by weight`;
  return `${familyNames[resin.family]} · ${stated}`;
};

/** Which resin, of those on the shelf. */
export function ResinStep({ onAddResin }: { readonly onAddResin: () => void }) {
  const { resins } = useShelf();
  const { problems } = useOpenJob();
  const actions = useResinActions();
  const { field } = useController<JobDraft, 'resin'>({ name: 'resin' });
  const chosen = field.value;
  const isOwn = chosen !== undefined && !resins.some(({ id }) => id === chosen.id);
  const problem = problems.find((each) => each.field.startsWith('resin'));

  async function putOnShelf(card: Resin): Promise<void> {
    const { resin } = await actions.save(card);
    field.onChange(resin);
  }

  return (
    <View style={styles.stack}>
      <ChoiceField
        label="Resin"
        value={isOwn ? ownCard : chosen?.id}
        choices={[
          ...(isOwn ? [{ value: ownCard, label: chosen.name, note: noteOf(chosen) }] : []),
          ...resins.map((resin) => ({
            value: resin.id ?? '',
            label: resin.name,
            note: noteOf(resin),
          })),
        ]}
        onChange={(value) => {
          const resin = resins.find(({ id }) => id === value);
          if (resin !== undefined) field.onChange(resin);
        }}
      />
      {isOwn && (
        <Panel title="Not on the shelf">
          <Words>
            {chosen.name} came with this job. Put its card on the shelf to use it again.
          </Words>
          <ActionButton label="Put it on the shelf" onPress={() => void putOnShelf(chosen)} />
        </Panel>
      )}
      {problem !== undefined && <Words colour="stop">Choose a resin. {sayProblem(problem)}</Words>}
      <View style={styles.row}>
        <ActionButton icon="plus" label="Add a resin to the shelf" onPress={onAddResin} />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.large },
  row: { flexDirection: 'row' },
});
