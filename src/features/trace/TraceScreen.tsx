import { getDocumentAsync } from 'expo-document-picker';
import { useDeferredValue, useEffect, useMemo, useReducer, useState } from 'react';
import { useFormContext } from 'react-hook-form';
import { StyleSheet, View } from 'react-native';
import {
  closeOutline,
  deletePoint,
  isIsland,
  type Trace,
} from '../../core/measure/outline/traceEdit';
import { readTrace } from '../../core/measure/parts/readTrace';
import type { TypedScale } from '../../core/measure/parts/outlineSchemas';
import { lengthRule } from '../../core/quantity/rules';
import type { JobDraft } from '../../data/draft/jobDraft';
import type { PartDraft } from '../../data/draft/partDraft';
import { reducePhoto, tracedPhotoPx } from '../../data/files/reducePhoto';
import { useKeepPhoto, usePhoto } from '../../data/hooks/usePhoto';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { Screen } from '../../ui/frame/Screen';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { sayArea } from '../../words/figures';
import { sayProblem } from '../../words/problems';
import { scalePoints, scalePointsNeeded } from './scalePoints';
import { TraceCanvas, type Tool } from './TraceCanvas';
import { beginTrace, traceReducer } from './traceHistory';

type PartPlace = `measure.parts.${number}` | `measure.inserts.${number}`;
/** A part that is traced, or the face that a coat covers. */
type TracePlace = PartPlace | `${PartPlace}.face`;

interface TraceScreenProps {
  readonly place: TracePlace;
  readonly onBack: () => void;
}

const usualScale: TypedScale = { by: 'grid', square: '10 mm' };

/** An outline traced on a photo or a grid, full screen. What is set is kept as it is set. */
export function TraceScreen({ place, onBack }: TraceScreenProps) {
  const { getValues, setValue } = useFormContext<JobDraft>();
  const [opened] = useState(
    () => getValues(place) as Pick<PartDraft, 'outlines' | 'scale' | 'photo'> | undefined,
  );
  const [history, dispatch] = useReducer(
    traceReducer,
    beginTrace(
      (opened?.outlines ?? []).map(({ points }) => points),
      opened?.scale ?? usualScale,
    ),
  );
  const [photoId, setPhotoId] = useState(opened?.photo);
  const photo = usePhoto(photoId);
  const keepPhoto = useKeepPhoto();
  const notice = useNotice();
  const { now, past, future, moving } = history;
  const { trace, scale } = now;
  const [tool, setTool] = useState<Tool>('outline');
  const wide = useWide();

  useEffect(() => {
    if (moving) return;
    const set = (key: keyof PartDraft, value: unknown): void =>
      setValue(`${place}.${key}` as 'name', value as never);
    const outlines = trace.outlines.filter((points) => points.length >= 6);
    set(
      'outlines',
      outlines.map((points) => ({ points })),
    );
    set('scale', scale);
    set('photo', photoId);
  }, [moving, trace.outlines, scale, photoId, place, setValue]);

  async function choosePhoto(): Promise<void> {
    const chosen = await getDocumentAsync({ type: 'image/*', base64: false });
    const file = chosen.assets?.[0]?.file;
    if (file === undefined) return;
    try {
      const reduced = await reducePhoto(file, tracedPhotoPx);
      setPhotoId(await keepPhoto(reduced));
    } catch (error) {
      if (!(error instanceof DOMException)) throw error;
      notice({ text: 'This picture cannot be read. Choose a JPEG or PNG.' });
      return;
    }
    if (scale.by === 'grid') {
      dispatch({ type: 'change', to: { ...now, scale: { by: 'length', ends: [], length: '' } } });
    }
    setTool('scale');
  }

  const picture = photo.data ?? undefined;
  /** The outlines as they were before a point was lifted. */
  const rested = past.at(-1)?.trace.outlines ?? trace.outlines;
  return (
    <Screen
      title="Trace the outline"
      onBack={onBack}
      fills
      foot={
        <>
          <SignButton
            icon="undo"
            label="Undo"
            disabled={past.length === 0}
            onPress={() => dispatch({ type: 'undo' })}
          />
          <SignButton
            icon="redo"
            label="Redo"
            disabled={future.length === 0}
            onPress={() => dispatch({ type: 'redo' })}
          />
          <SignButton
            icon="delete"
            label="Delete the point"
            disabled={trace.selected === undefined}
            onPress={() =>
              trace.selected !== undefined &&
              dispatch({
                type: 'change',
                to: { ...now, trace: deletePoint(trace, trace.selected) },
              })
            }
          />
          <ActionButton
            kind="main"
            label={trace.open === undefined ? 'Done' : 'Close outline'}
            onPress={() =>
              trace.open === undefined
                ? onBack()
                : dispatch({ type: 'change', to: { ...now, trace: closeOutline(trace) } })
            }
            style={styles.main}
          />
        </>
      }
    >
      <View style={[styles.all, wide && styles.beside]}>
        <TraceCanvas traced={now} tool={tool} dispatch={dispatch} photo={picture} />
        <View style={[styles.tools, wide && styles.toolsBeside]}>
          <View style={styles.result}>
            <Result scale={scale} outlines={moving && isLong(trace) ? rested : trace.outlines} />
          </View>
          <View style={styles.row}>
            <ChoiceField
              label="A tap sets"
              labelHidden
              value={tool}
              choices={[
                { value: 'outline', label: 'Outline' },
                { value: 'scale', label: 'Scale' },
              ]}
              onChange={setTool}
            />
            <ActionButton
              icon="camera"
              label={picture === undefined ? 'Photo' : 'Other photo'}
              onPress={() => void choosePhoto()}
            />
          </View>
          {tool === 'scale' && (
            <ScaleFields
              scale={scale}
              onGrid={picture === undefined}
              onChange={(next) => dispatch({ type: 'change', to: { ...now, scale: next } })}
            />
          )}
        </View>
      </View>
    </Screen>
  );
}

/** Looking an outline of this many points over takes longer than a finger waits from one picture to the next. */
const mostPointsLive = 800;
const isLong = ({ outlines }: Trace): boolean =>
  outlines.reduce((sum, points) => sum + points.length / 2, 0) > mostPointsLive;

/** What is traced so far, or what is missing. */
function Result({
  scale,
  outlines,
}: {
  readonly scale: TypedScale;
  readonly outlines: readonly (readonly number[])[];
}) {
  const settled = useDeferredValue(outlines);
  const found = useMemo(() => readTrace(settled, scale), [settled, scale]);
  const islands = settled.filter((_, index) => isIsland(settled, index)).length;
  if ('problem' in found) {
    return (
      <Words role="status" size="small">
        {found.problem.code === 'no-outlines'
          ? 'Tap round the cavity, point by point. Islands inside it are outlines of their own.'
          : sayProblem(found.problem)}
      </Words>
    );
  }
  return (
    <Words role="status" weight="semibold">
      {sayArea(found.areaMm2)} ±{'\u00a0'}
      {sayArea(found.plusMinusMm2)}
      {islands > 0 && `, ${islands} ${islands === 1 ? 'island' : 'islands'} taken out`}
    </Words>
  );
}

/** How the picture gets its scale. */
function ScaleFields({
  scale,
  onGrid,
  onChange,
}: {
  readonly scale: TypedScale;
  readonly onGrid: boolean;
  readonly onChange: (scale: TypedScale) => void;
}) {
  if (onGrid && scale.by === 'grid') {
    return (
      <QuantityField
        label="One square is"
        value={scale.square}
        onChange={(square) => onChange({ by: 'grid', square })}
        unit="mm"
        rule={lengthRule}
      />
    );
  }
  const missing = scalePointsNeeded(scale) - scalePoints(scale).length / 2;
  return (
    <>
      <ChoiceField
        label="Known"
        labelHidden
        value={scale.by}
        choices={[
          { value: 'length', label: 'A length' },
          { value: 'rectangle', label: 'A rectangle' },
        ]}
        onChange={(by) =>
          onChange(
            by === 'length'
              ? { by, ends: [], length: '' }
              : { by: 'rectangle', corners: [], width: '210 mm', height: '297 mm' },
          )
        }
      />
      <Words size="small" colour="inkSoft">
        {scale.by === 'rectangle'
          ? `Tap the four corners in order; the first side is the width. ${missing > 0 ? `${missing} to go.` : ''}`
          : `Tap both ends of a length you know, photographed squarely. ${missing > 0 ? `${missing} to go.` : ''}`}
      </Words>
      <FieldRow>
        {scale.by === 'length' && (
          <QuantityField
            label="It is long"
            value={scale.length}
            onChange={(length) => onChange({ ...scale, length })}
            unit="mm"
            rule={lengthRule}
          />
        )}
        {scale.by === 'rectangle' && (
          <QuantityField
            label="Width"
            value={scale.width}
            onChange={(width) => onChange({ ...scale, width })}
            unit="mm"
            rule={lengthRule}
          />
        )}
        {scale.by === 'rectangle' && (
          <QuantityField
            label="Height"
            value={scale.height}
            onChange={(height) => onChange({ ...scale, height })}
            unit="mm"
            rule={lengthRule}
          />
        )}
      </FieldRow>
    </>
  );
}

const styles = StyleSheet.create({
  all: { flex: 1 },
  // On a wide screen the tools stand at the right of the picture.
  beside: { flexDirection: 'row' },
  toolsBeside: { width: 360 },
  tools: { padding: space.medium, gap: space.small },
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
  // Room for two lines, so that the picture does not move when one takes their place.
  result: { minHeight: 48, justifyContent: 'center' },
  main: { flexGrow: 1 },
});
