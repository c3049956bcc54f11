import { StyleSheet, View } from 'react-native';
import type { PourRecord } from '../../core/record/recordSchema';
import { withReadings } from '../../core/record/withReadings';
import { useSettings } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FoldPanel } from '../../ui/FoldPanel';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { ownZone } from '../../ui/useNow';
import { MouldOfRecord } from './MouldOfRecord';
import { ReadingsFromTable } from './ReadingsFromTable';
import {
  saidNames,
  saidOfPour,
  sayBatch,
  sayLayer,
  sayLook,
  sayLotUsed,
  sayPourCost,
  sayPourFacts,
  type SaidOfPour,
} from '../../words/record';

interface PourOfRecordProps {
  readonly pour: PourRecord;
  /** Of the pours before it: batches are counted over the whole piece. */
  readonly batchesBefore: number;
  readonly several: boolean;
  readonly onChange: (change: (before: PourRecord) => PourRecord) => void;
  /** Puts right by hand what was written of it. */
  readonly onByHand: () => void;
}

const yesOrNo = [
  { value: '', label: 'not noted' },
  { value: 'yes', label: 'yes' },
  { value: 'no', label: 'no' },
] as const;

/** How many batches these layers took. */
export const countOf = (layers: PourRecord['layers']): number =>
  layers.reduce((sum, { batches }) => sum + batches.length, 0);

/** One pour of a record: its batches as they were weighed, layer by layer, and what was noted besides. */
export function PourOfRecord({
  pour,
  batchesBefore,
  several,
  onChange,
  onByHand,
}: PourOfRecordProps) {
  const facts = sayPourFacts(pour);
  const cost = sayPourCost(pour, useSettings().data?.currency ?? '');
  const noted = saidOfPour.filter((what) => pour[what] !== undefined).length;
  return (
    <Panel title={several && pour.name !== '' ? `${pour.name}: ${pour.resin}` : pour.resin}>
      {facts !== '' && <Words colour="inkSoft">{facts}</Words>}
      {cost !== '' && <Words size="small">{cost}</Words>}
      {pour.lots.map((lot) => (
        <Words key={lot.name} size="small" testID="record-lot">
          {sayLotUsed(lot)}
        </Words>
      ))}
      {pour.mould !== undefined && <MouldOfRecord mould={pour.mould} />}
      {pour.looks.map((look) => (
        <Words key={look.at} size="small">
          {sayLook(look, ownZone())}
        </Words>
      ))}
      {pour.layers.map((layer, at) => (
        <View key={at} style={styles.layer}>
          <Words weight="semibold">{sayLayer(layer, at + 1, ownZone())}</Words>
          {layer.batches.map((batch, inLayer) => {
            const place = countOf(pour.layers.slice(0, at)) + inLayer + 1;
            const { title, a, b, more } = sayBatch(batch, batchesBefore + place);
            return (
              <View key={batch.id} testID={`record-${batch.id}`}>
                <View style={styles.weights}>
                  <Words size="small" style={styles.title}>
                    {title}
                  </Words>
                  <Words weight="bold" colour="partA">
                    A {a}
                  </Words>
                  <Words weight="bold" colour="partB">
                    B {b}
                  </Words>
                </View>
                {more !== '' && (
                  <Words size="small" colour="inkSoft">
                    {more}
                  </Words>
                )}
              </View>
            );
          })}
        </View>
      ))}
      <ReadingsFromTable
        pour={pour}
        onTake={(more) =>
          onChange((before) => ({ ...before, readings: withReadings(before.readings, more) }))
        }
      />
      <FoldPanel
        title="What was made ready"
        summary={noted === 0 ? 'nothing noted' : `${noted} of ${saidOfPour.length} noted`}
      >
        {saidOfPour.map((what) => (
          <ChoiceLine
            key={what}
            label={saidNames[what]}
            value={yesOrNoOf(pour[what])}
            choices={yesOrNo}
            assumed={pour[what] === undefined}
            onChange={(said) =>
              onChange((before) => ({
                ...before,
                ...saidAs(what, said),
                said: [...new Set([...before.said, what])],
              }))
            }
          />
        ))}
      </FoldPanel>
      <View style={styles.row}>
        <ActionButton icon="pencil" label="Put it right by hand" onPress={onByHand} />
      </View>
    </Panel>
  );
}

const yesOrNoOf = (said: boolean | undefined): (typeof yesOrNo)[number]['value'] =>
  said === undefined ? '' : said ? 'yes' : 'no';

const saidAs = (
  what: SaidOfPour,
  said: (typeof yesOrNo)[number]['value'],
): Partial<PourRecord> => ({
  [what]: said === '' ? undefined : said === 'yes',
});

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  layer: { gap: space.small },
  weights: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'baseline',
    columnGap: space.medium,
  },
  title: { flexGrow: 0, flexBasis: 64 },
});
