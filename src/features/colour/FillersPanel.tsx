import { StyleSheet, View } from 'react-native';
import { fillerKindNames, fillerKindOf } from '../../core/mix/fillers/fillerKinds';
import {
  bodyDensityRule,
  bulkDensityRule,
  doseRule,
  massRule,
  volumeRule,
} from '../../core/quantity/rules';
import type { FillerDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart, usePourProblems } from '../../data/draft/pourInHand';
import { ActionButton } from '../../ui/ActionButton';
import { SignButton } from '../../ui/SignButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { sayG, sayMl, sayPercent } from '../../words/figures';
import { fillerWayNames, type FillerWay } from '../../words/fillers';
import { sayProblem } from '../../words/problems';

/** Where fillers stand: those of the whole pour, or of one colour of it. */
export type FillersPath = 'fillers' | `portions.${number}.fillers`;

const wayOf = ({ share, volume, perResin, potBefore }: FillerDraft): FillerWay =>
  share !== undefined
    ? 'share'
    : volume !== undefined
      ? 'volume'
      : perResin !== undefined
        ? 'perResin'
        : potBefore !== undefined
          ? 'pot'
          : 'mass';

const begin: Readonly<Record<FillerWay, Partial<FillerDraft>>> = {
  mass: { mass: '' },
  share: { share: '' },
  volume: { volume: '' },
  perResin: { perResin: '1' },
  pot: { potBefore: '', potAfter: '' },
};

/** Sand, chips, beads: solids in the mix, each with its amount and its densities. */
export function FillersPanel({ path }: { readonly path: FillersPath }) {
  const [fillers, setFillers] = usePourPart(path);
  const { pour, outdated } = useOpenJob();
  const notice = useNotice();
  const list = fillers ?? [];
  const change = (next: FillerDraft[]): void => setFillers(next.length === 0 ? undefined : next);
  const ofPour = path === 'fillers';
  return (
    <FoldPanel
      title={ofPour ? 'Sand, chips, beads in the mix' : 'Sand, chips, beads in this colour'}
      summary={list.map(({ name, kind }) => name || fillerKindOf(kind).name).join(', ')}
      open={list.length > 0}
      testID={ofPour ? 'fillers' : undefined}
    >
      {list.map((filler, index) => (
        <FillerEditor
          key={index}
          path={`${path}.${index}` as FillerPath}
          filler={filler}
          onChange={(next) => change(list.map((each, at) => (at === index ? next : each)))}
          onRemove={() => {
            change(list.filter((_, at) => at !== index));
            notice({ text: 'Removed a filler', undo: async () => change(list) });
          }}
        />
      ))}
      <View style={styles.row}>
        <ActionButton
          icon="plus"
          label="Add a filler"
          onPress={() => change([...list, { kind: 'sand', mass: '' }])}
        />
      </View>
      {ofPour && !outdated && pour?.fillers !== undefined && (
        <View role="status">
          <Words weight="semibold">
            {sayMl(pour.totalMl)} of resin in {sayMl(pour.filledMl ?? pour.totalMl)} of mix
          </Words>
          {pour.fillers.map(({ name, g, looseMl, share }) => (
            <Words key={name}>
              {name} {sayG(g)}: {sayMl(looseMl)} loose, {sayPercent(share)} of the mix
            </Words>
          ))}
        </View>
      )}
    </FoldPanel>
  );
}

type FillerPath = `fillers.${number}` | `portions.${number}.fillers.${number}`;

function FillerEditor({
  path,
  filler,
  onChange,
  onRemove,
}: {
  readonly path: FillerPath;
  readonly filler: FillerDraft;
  readonly onChange: (next: FillerDraft) => void;
  readonly onRemove: () => void;
}) {
  const usual = fillerKindOf(filler.kind);
  const name = usePourField(`${path}.name`);
  const grain = usePourField(`${path}.grainDensity`);
  const bulk = usePourField(`${path}.bulkDensity`);
  const way = wayOf(filler);
  const place = path.replace(/\.(\d+)(?=\.|$)/g, '[$1]');
  const problem = usePourProblems().find(({ field }) => field === place);
  const { name: called, kind, grainDensity, bulkDensity } = filler;
  return (
    <Panel
      title={called || usual.name}
      actions={
        <SignButton icon="delete" label={`Remove ${called || usual.name}`} onPress={onRemove} />
      }
    >
      <ChoiceField
        label="It is"
        value={kind}
        choices={fillerKindNames.map((value) => ({ value, label: fillerKindOf(value).name }))}
        onChange={(next) =>
          // What was measured of the one says nothing of the other.
          onChange({ ...filler, kind: next, grainDensity: undefined, bulkDensity: undefined })
        }
      />
      <TextField label="Name (if you like)" {...name} />
      <ChoiceField
        label="How much of it"
        value={way}
        choices={(Object.keys(fillerWayNames) as FillerWay[]).map((value) => ({
          value,
          label: fillerWayNames[value],
        }))}
        onChange={(next) =>
          onChange({ name: called, kind, grainDensity, bulkDensity, ...begin[next] })
        }
      />
      <HowMuch path={path} way={way} />
      {problem !== undefined && (
        <Words colour="stop" role="alert">
          {sayProblem(problem)}
        </Words>
      )}
      <FieldRow>
        <QuantityField
          label="Of the grain"
          {...grain}
          placeholder={`${usual.grainGPerMl} g/ml assumed`}
          unit="g/ml"
          rule={bodyDensityRule}
        />
        <QuantityField
          label="Of a loose heap"
          {...bulk}
          placeholder={`${usual.bulkGPerMl} g/ml assumed`}
          unit="g/ml"
          rule={bulkDensityRule}
        />
      </FieldRow>
    </Panel>
  );
}

function HowMuch({ path, way }: { readonly path: FillerPath; readonly way: FillerWay }) {
  const mass = usePourField(`${path}.mass`);
  const share = usePourField(`${path}.share`);
  const volume = usePourField(`${path}.volume`);
  const perResin = usePourField(`${path}.perResin`);
  const before = usePourField(`${path}.potBefore`);
  const after = usePourField(`${path}.potAfter`);
  switch (way) {
    case 'mass':
      return <QuantityField label="In all" {...mass} unit="g" rule={massRule} />;
    case 'share':
      return <QuantityField label="Of the mixed volume" {...share} unit="%" rule={doseRule} />;
    case 'volume':
      return <QuantityField label="As a loose heap" {...volume} unit="ml" rule={volumeRule} />;
    case 'perResin':
      return <TextField label="Loose parts to one of resin" numeric {...perResin} />;
    case 'pot':
      return (
        <FieldRow>
          <QuantityField label="Pot before" {...before} unit="g" rule={massRule} />
          <QuantityField label="Pot after" {...after} unit="g" rule={massRule} />
        </FieldRow>
      );
  }
}

const styles = StyleSheet.create({ row: { flexDirection: 'row', gap: space.small } });
