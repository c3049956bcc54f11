import { InputError } from '../../core/problem';
import { sayProblem } from '../../words/problems';
import { getDocumentAsync } from 'expo-document-picker';
import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { closeOutline, deletePoint, type Trace } from '../../core/measure/outline/traceEdit';
import { reducePhoto, tracedPhotoPx } from '../../data/files/reducePhoto';
import { ActionButton } from '../../ui/ActionButton';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { Screen } from '../../ui/frame/Screen';
import { SignButton } from '../../ui/SignButton';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { useWide } from '../../ui/theme/useWide';
import { ScaleFields } from './ScaleFields';
import { TraceCanvas } from './TraceCanvas';
import { TraceResult } from './TraceResult';
import { useKeptTrace, type TracePlace } from './useKeptTrace';
import type { Tool } from './useTraceGestures';

/** Looking an outline of this many points over takes longer than a finger waits from one picture to the next. */
const mostPointsLive = 800;
const isLong = ({ outlines }: Trace): boolean =>
  outlines.reduce((sum, points) => sum + points.length / 2, 0) > mostPointsLive;

interface TraceScreenProps {
  readonly place: TracePlace;
  readonly onBack: () => void;
}

/** An outline traced on a photo or a grid, full screen. What is set is kept as it is set. */
export function TraceScreen({ place, onBack }: TraceScreenProps) {
  const { history, dispatch, photo, isPhotoMissing, keep } = useKeptTrace(place);
  const notice = useNotice();
  const { now, past, future, moving } = history;
  const { trace, scale } = now;
  const [tool, setTool] = useState<Tool>('outline');
  const wide = useWide();

  async function choosePhoto(): Promise<void> {
    const chosen = await getDocumentAsync({ type: 'image/*', base64: false });
    const file = chosen.assets?.[0]?.file;
    if (file === undefined) return;
    try {
      await keep(await reducePhoto(file, tracedPhotoPx));
    } catch (error) {
      if (!(error instanceof InputError)) throw error;
      notice({ text: sayProblem(error) });
      return;
    }
    if (scale.by === 'grid') {
      dispatch({ type: 'change', to: { ...now, scale: { by: 'length', ends: [], length: '' } } });
    }
    setTool('scale');
  }

  /** The outlines as they were before a point was lifted. */
  const rested = past.at(-1)?.trace.outlines ?? trace.outlines;
  return (
    <Screen
      title="Trace the outline"
      onBack={onBack}
      fills
      notice={
        isPhotoMissing && (
          <Words size="small" colour="stop" role="alert" style={styles.missing}>
            The photo that this was traced on is not here, or cannot be read. What is traced stays.
          </Words>
        )
      }
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
        <TraceCanvas traced={now} tool={tool} dispatch={dispatch} photo={photo} />
        <View style={[styles.tools, wide && styles.toolsBeside]}>
          <View style={styles.result} testID="main-figure">
            <TraceResult
              scale={scale}
              outlines={moving && isLong(trace) ? rested : trace.outlines}
            />
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
              label={photo === undefined ? 'Photo' : 'Other photo'}
              onPress={() => void choosePhoto()}
            />
          </View>
          {tool === 'scale' && (
            <ScaleFields
              scale={scale}
              onGrid={photo === undefined}
              onChange={(next) => dispatch({ type: 'change', to: { ...now, scale: next } })}
            />
          )}
        </View>
      </View>
    </Screen>
  );
}

const styles = StyleSheet.create({
  missing: { padding: space.small, paddingHorizontal: space.large },
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
