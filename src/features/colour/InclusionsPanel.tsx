import { StyleSheet, View } from 'react-native';
import { inclusionKindNames, inclusionKindOf } from '../../core/flow/inclusionKinds';
import type { PlannedInclusion } from '../../core/flow/inclusionsOf';
import { bodyDensityRule, grainSizeRule, lengthRule } from '../../core/quantity/rules';
import type { InclusionDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { SignButton } from '../../ui/SignButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { capital, sayFineMm } from '../../words/figures';
import {
  sayFirstSpeed,
  sayFlowBy,
  sayInclusion,
  sayWhenToAdd,
  sayWhereTo,
} from '../../words/inclusions';

/** Glitter, flakes, beads, stones: what is to be seen in the resin, how far it moves, and when it is put in. */
export function InclusionsPanel() {
  const [said, setSaid] = usePourPart('inclusions');
  const { pour, outdated } = useOpenJob();
  const notice = useNotice();
  const list = said ?? [];
  const change = (next: InclusionDraft[]): void => setSaid(next.length === 0 ? undefined : next);
  const planned = outdated ? [] : (pour?.flow?.inclusions ?? []);
  return (
    <FoldPanel
      title="Glitter, flakes, stones in it"
      summary={list.map(({ name, kind }) => name || inclusionKindOf(kind).name).join(', ')}
      open={list.length > 0}
      testID="inclusions"
    >
      {list.map((inclusion, index) => (
        <InclusionEditor
          key={index}
          index={index}
          inclusion={inclusion}
          planned={planned[index]}
          onChange={(next) => change(list.map((each, at) => (at === index ? next : each)))}
          onRemove={() => {
            change(list.filter((_, at) => at !== index));
            notice({
              text: `Removed ${inclusion.name || inclusionKindOf(inclusion.kind).name.toLowerCase()}`,
              undo: async () => change(list),
            });
          }}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add glitter, flakes or stones"
          onPress={() => change([...list, { kind: 'flake' }])}
        />
      </View>
      {list.length > 0 && pour?.flow !== undefined && !outdated && (
        <Words size="small" colour="inkSoft">
          {sayFlowBy(pour.flow)} A flake sinks flat, as a disc; anything else as a ball.
        </Words>
      )}
      {list.length > 0 && pour !== undefined && pour.flow === undefined && (
        <Words colour="inkSoft">A known amount has no depth to sink through: measure a form.</Words>
      )}
    </FoldPanel>
  );
}

function InclusionEditor({
  index,
  inclusion,
  planned,
  onChange,
  onRemove,
}: {
  readonly index: number;
  readonly inclusion: InclusionDraft;
  readonly planned: PlannedInclusion | undefined;
  readonly onChange: (next: InclusionDraft) => void;
  readonly onRemove: () => void;
}) {
  const path = `inclusions.${index}` as const;
  const usual = inclusionKindOf(inclusion.kind);
  const name = usePourField(`${path}.name`);
  const size = usePourField(`${path}.size`);
  const thickness = usePourField(`${path}.thickness`);
  const density = usePourField(`${path}.density`);
  const may = usePourField(`${path}.within`);
  const title = inclusion.name || usual.name;
  return (
    <Panel
      title={title}
      actions={<SignButton icon="delete" label={`Remove ${title}`} onPress={onRemove} />}
    >
      {planned !== undefined && <Outcome planned={planned} />}
      <ChoiceLine
        label="It is"
        value={inclusion.kind}
        choices={inclusionKindNames.map((value) => ({
          value,
          label: inclusionKindOf(value).name,
        }))}
        // What was measured of the one says nothing of the other.
        onChange={(kind) => onChange({ kind, name: inclusion.name, within: inclusion.within })}
      />
      <TextField label="Name (if you like)" {...name} />
      <FieldRow>
        <QuantityField
          label="Across"
          {...size}
          placeholder={sayFineMm(usual.sizeMm)}
          unit="mm"
          rule={grainSizeRule}
        />
        {usual.thicknessMm !== undefined && (
          <QuantityField
            label="Thick"
            {...thickness}
            placeholder={sayFineMm(usual.thicknessMm)}
            unit="mm"
            rule={grainSizeRule}
          />
        )}
      </FieldRow>
      <FieldRow>
        <QuantityField
          label="Density"
          {...density}
          placeholder={`${usual.densityGPerMl} g/ml`}
          unit="g/ml"
          rule={bodyDensityRule}
        />
        <QuantityField
          label="May move by"
          {...may}
          placeholder="2 mm"
          unit="mm"
          rule={lengthRule}
        />
      </FieldRow>
    </Panel>
  );
}

/** Where it ends up and when it is put in, layer by layer. */
function Outcome({ planned }: { readonly planned: PlannedInclusion }) {
  const { layers, withinMm } = planned;
  return (
    <View role="status">
      {layers.map((layer) => (
        <Words key={layer.layer}>
          <Words weight="semibold">
            {capital(
              `${layers.length > 1 ? `in layer ${layer.layer} it ` : 'it '}${sayWhereTo({ ...layer, withinMm })}`,
            )}
            .
          </Words>{' '}
          {layer.addAfterH === 0
            ? 'Stir it into the mix.'
            : `To stay it is put in ${sayWhenToAdd(layer)}.`}
        </Words>
      ))}
      <Words size="small" colour="inkSoft">
        {capital(sayInclusion(planned))}
        {planned.assumed.length > 0 ? `, ${planned.assumed.join(', ')} assumed` : ''}.{' '}
        {sayFirstSpeed(planned)}.
      </Words>
    </View>
  );
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.small } });
