import { useRef, useState } from 'react';
import { StyleSheet, View as Box } from 'react-native';
import { useColours } from '../../ui/theme/theme';
import { gridSquares, type Photo } from './picture';
import { TraceDrawing } from './TraceDrawing';
import type { TraceAction, Traced } from './traceHistory';
import { useTraceGestures, type Tool } from './useTraceGestures';
import { useTraceKeys } from './useTraceKeys';
import { useView } from './useView';

interface TraceCanvasProps {
  readonly traced: Traced;
  readonly tool: Tool;
  readonly dispatch: (action: TraceAction) => void;
  /** The photo, or nothing for a grid. */
  readonly photo: Photo | undefined;
}

/** The picture with what is traced on it: taps set points, drags move them, two fingers or the wheel zoom. */
export function TraceCanvas({ traced, tool, dispatch, photo }: TraceCanvasProps) {
  const colours = useColours();
  const box = useRef<HTMLElement>(null);
  const [room, setRoom] = useState({ width: 1, height: 1 });
  const picture =
    photo === undefined ? gridSquares : { width: photo.widthPx, height: photo.heightPx };
  const shown = useView(picture, room);
  const nudge = photo === undefined ? 0.1 : 1;

  useTraceGestures(box, { traced, tool, picture: shown, dispatch });
  useTraceKeys(box, traced, nudge, dispatch);

  return (
    <Box
      // The gestures and keys need the element itself, which a View is on the web.
      ref={box as never}
      tabIndex={0}
      role="application"
      aria-label="Picture to trace on. Arrow keys move the point, Delete takes it away, Enter ends the outline."
      testID="trace-canvas"
      onLayout={({ nativeEvent: { layout } }) =>
        setRoom({ width: layout.width, height: layout.height })
      }
      style={[styles.canvas, { backgroundColor: colours.sheet }]}
    >
      <TraceDrawing traced={traced} photo={photo} view={shown.view} room={room} />
    </Box>
  );
}

const styles = StyleSheet.create({
  // Without this the browser would scroll and zoom the page instead. React Native does not know the key.
  canvas: { flex: 1, minHeight: 240, overflow: 'hidden', touchAction: 'none' } as object,
});
