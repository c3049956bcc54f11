import { useEffect, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { useFieldArray, useWatch } from 'react-hook-form';
import type { ChannelDetail } from '../../../core/measure/channel/station';
import { nextPlace } from '../../../core/measure/channel/nextPlace';
import { lengthRule, positionRule } from '../../../core/quantity/rules';
import type { JobDraft } from '../../../data/draft/jobDraft';
import { useDraftField } from '../../../data/draft/pourInHand';
import { ActionButton } from '../../../ui/ActionButton';
import { useNotice } from '../../../ui/feedback/NoticeProvider';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { focusFirstField } from '../../../ui/fields/focusFirstField';
import { QuantityField } from '../../../ui/fields/QuantityField';
import { SwitchField } from '../../../ui/fields/SwitchField';
import { SignButton } from '../../../ui/SignButton';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { sayMl, sayMm } from '../../../words/figures';
import { fieldPath, type DraftPlace } from '../draftPlace';
import { ChannelDrawing } from '../drawings/ChannelDrawing';
import { PartQuantity } from '../PartQuantity';

interface ChannelEditorProps {
  readonly place: DraftPlace;
  readonly detail: ChannelDetail | undefined;
}

/** A channel stepped through with a tape: a place and a width, and on to the next. */
export function ChannelEditor({ place, detail }: ChannelEditorProps) {
  const notice = useNotice();
  const stations = useFieldArray({ name: `${place}.stations` } as {
    name: `measure.parts.${number}.stations`;
  });
  const part = useWatch<JobDraft, DraftPlace>({ name: place });
  const typed = part?.stations ?? [];
  const [ownDepths, setOwnDepths] = useState(typed.some(({ depth }) => (depth ?? '') !== ''));

  const [added, setAdded] = useState<{ readonly index: number }>();
  // Its place first: a guess stands there, which Enter takes and typing replaces.
  useEffect(() => {
    if (added !== undefined) focusFirstField(stationTestId(place, added.index));
  }, [place, added]);
  const add = (): void => {
    setAdded({ index: typed.length });
    stations.append(
      { at: nextPlace(typed.map(({ at }) => at)), width: '' },
      { shouldFocus: false },
    );
  };

  function remove(index: number): void {
    const station = typed[index];
    stations.remove(index);
    if (station === undefined) return;
    notice({
      text: `Removed station ${index + 1}`,
      undo: async () => stations.insert(index, station),
    });
  }

  return (
    <View style={styles.stack}>
      <ChannelDrawing stations={typed} />
      <PartQuantity place={place} name="depth" label={ownDepths ? 'Depth elsewhere' : 'Depth'} />
      <SwitchField label="The depth differs along it" value={ownDepths} onChange={setOwnDepths} />
      {stations.fields.map(({ id }, index) => (
        <Station
          key={id}
          place={place}
          index={index}
          withDepth={ownDepths}
          onLast={index === stations.fields.length - 1 ? add : undefined}
          onRemove={stations.fields.length > 2 ? () => remove(index) : undefined}
        />
      ))}
      <ActionButton
        kind="main"
        icon="plus"
        label="Next station"
        onPress={add}
        style={styles.next}
      />
      {detail !== undefined && (
        <View>
          <Words size="small">
            {sayMm(detail.lengthMm)} long, {sayMm(detail.meanWidthMm)} wide on average,{' '}
            {detail.rule === 'simpson'
              ? 'by Simpson’s rule, as the stations are even.'
              : 'straight from station to station.'}
          </Words>
          {detail.nextStation !== undefined && (
            <Words size="small" colour="inkSoft">
              One more at {sayMm(Math.round(detail.nextStation.atMm))} would cut the ± by about{' '}
              {sayMl(detail.nextStation.buysMl)}.
            </Words>
          )}
        </View>
      )}
    </View>
  );
}

interface StationProps {
  readonly place: DraftPlace;
  readonly index: number;
  readonly withDepth: boolean;
  /** What Enter does in its last field; of the last station it begins another. */
  readonly onLast: (() => void) | undefined;
  readonly onRemove: (() => void) | undefined;
}

const stationTestId = (place: DraftPlace, index: number): string => `${place}.station-${index + 1}`;

function Station({ place, index, withDepth, onLast, onRemove }: StationProps) {
  const at = useDraftField(fieldPath(place, `stations.${index}.at`));
  const width = useDraftField(fieldPath(place, `stations.${index}.width`));
  const depth = useDraftField(fieldPath(place, `stations.${index}.depth`));
  // A station that has just been added is not a mistake yet.
  const atProblem = at.value === '' ? undefined : at.problem;
  const widthProblem = width.value === '' ? undefined : width.problem;
  return (
    <View style={styles.station} testID={stationTestId(place, index)}>
      <View style={styles.fields}>
        <FieldRow>
          <QuantityField
            label={`Station ${index + 1} at`}
            {...at}
            problem={atProblem}
            unit="mm"
            rule={positionRule}
          />
          <QuantityField
            label={`Width ${index + 1}`}
            {...width}
            problem={widthProblem}
            unit="mm"
            rule={lengthRule}
            {...(withDepth || onLast === undefined ? {} : { onEnter: onLast })}
          />
          {withDepth && (
            <QuantityField
              label={`Depth ${index + 1}`}
              {...depth}
              unit="mm"
              rule={lengthRule}
              {...(onLast === undefined ? {} : { onEnter: onLast })}
            />
          )}
        </FieldRow>
      </View>
      {onRemove !== undefined && (
        <SignButton icon="delete" label={`Remove station ${index + 1}`} onPress={onRemove} />
      )}
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.medium },
  station: { flexDirection: 'row', alignItems: 'flex-end', gap: space.small },
  fields: { flex: 1 },
  next: { minHeight: 64 },
});
