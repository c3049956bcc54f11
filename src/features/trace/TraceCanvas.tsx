import { useGesture } from '@use-gesture/react';
import { useEffect, useMemo, useRef, useState } from 'react';
import { StyleSheet, View as Box } from 'react-native';
import Svg, { G, Image, Path } from 'react-native-svg';
import {
  addPoint,
  closeOutline,
  deletePoint,
  edgeNear,
  insertPoint,
  movePoint,
  pointNear,
  type PointPlace,
  type Trace,
} from '../../core/measure/outline/traceEdit';
import { useColours } from '../../ui/theme/theme';
import { closedPath, crossPath, gridPath, handlesPath } from './paths';
import { scalePoints, scalePointsNeeded, withScalePoints } from './scalePoints';
import type { TraceAction, Traced } from './traceHistory';
import { useView, zoomed } from './useView';

/** What a tap does. */
export type Tool = 'scale' | 'outline';

interface TraceCanvasProps {
  readonly traced: Traced;
  readonly tool: Tool;
  readonly dispatch: (action: TraceAction) => void;
  /** The photo, or nothing for a grid. */
  readonly photo:
    { readonly picture: string; readonly widthPx: number; readonly heightPx: number } | undefined;
}

/** How far the wheel turns, px, for e times nearer. */
const wheelForE = 400;
/** How near to a point a finger counts as on it, dp. */
const reachDp = 22;
/** A grid is as many squares wide and high. */
const gridSquares = { width: 20, height: 26 };

type Held =
  | { readonly kind: 'point'; readonly place: PointPlace }
  | { readonly kind: 'scale'; readonly index: number }
  | { readonly kind: 'pan' };

/** The picture with what is traced on it: taps set points, drags move them, two fingers or the wheel zoom. */
export function TraceCanvas({ traced, tool, dispatch, photo }: TraceCanvasProps) {
  const colours = useColours();
  const box = useRef<HTMLElement>(null);
  const [room, setRoom] = useState({ width: 1, height: 1 });
  const picture =
    photo === undefined ? gridSquares : { width: photo.widthPx, height: photo.heightPx };
  const { view, setView, fit } = useView(picture, room);
  const { trace, scale } = traced;
  const nudge = photo === undefined ? 0.1 : 1;

  /** A place on the screen in the picture's own numbers. */
  function placeOf(client: readonly [number, number]): readonly [number, number] {
    const [x, y] = onCanvas(client);
    return [(x - view.x) / view.scale, (y - view.y) / view.scale];
  }

  function heldAt(x: number, y: number): Held {
    const reach = reachDp / view.scale;
    if (tool === 'scale') {
      const points = scalePoints(scale);
      const found = pointNear({ ...trace, outlines: [points] }, x, y, reach);
      return found === undefined ? { kind: 'pan' } : { kind: 'scale', index: found.point };
    }
    const place = pointNear(trace, x, y, reach);
    return place === undefined ? { kind: 'pan' } : { kind: 'point', place };
  }

  function tap(x: number, y: number): void {
    // From the first tap on the picture stays where it is, however the room about it changes.
    setView((now) => now);
    const held = heldAt(x, y);
    if (held.kind === 'point') {
      // The first point of the open outline ends it; any other is taken in hand.
      const closes =
        held.place.outline === trace.open &&
        held.place.point === 0 &&
        (trace.outlines[held.place.outline]?.length ?? 0) >= 6;
      const next = { ...trace, selected: held.place };
      dispatch({ type: 'change', to: { ...traced, trace: closes ? closeOutline(next) : next } });
      return;
    }
    if (held.kind === 'scale') return;
    if (tool === 'scale') {
      const points = scalePoints(scale);
      const full = points.length / 2 >= scalePointsNeeded(scale);
      const next = full ? [x, y] : [...points, x, y];
      dispatch({ type: 'change', to: { ...traced, scale: withScalePoints(scale, next) } });
      return;
    }
    const edge = edgeNear(trace, x, y, reachDp / view.scale);
    const next: Trace =
      edge !== undefined && trace.open === undefined
        ? insertPoint(trace, edge, x, y)
        : addPoint(trace, x, y);
    dispatch({ type: 'change', to: { ...traced, trace: next } });
  }

  function drag(held: Held, x: number, y: number, first: boolean): void {
    const type = first ? 'lift' : 'follow';
    if (held.kind === 'point') {
      dispatch({ type, to: { ...traced, trace: movePoint(trace, held.place, x, y) } });
    } else if (held.kind === 'scale') {
      const points = scalePoints(scale).slice();
      points[2 * held.index] = x;
      points[2 * held.index + 1] = y;
      dispatch({ type, to: { ...traced, scale: withScalePoints(scale, points) } });
    }
  }

  /** What is left of a place of the page when the canvas's own corner is taken off. */
  function onCanvas([x, y]: readonly [number, number]): readonly [number, number] {
    const { left = 0, top = 0 } = box.current?.getBoundingClientRect() ?? {};
    return [x - left, y - top];
  }

  useGesture(
    {
      onDrag: ({ tap: isTap, first, last, xy, initial, delta, pinching, memo, cancel }) => {
        if (pinching === true) {
          cancel();
          return undefined;
        }
        const [x, y] = placeOf(xy);
        if (isTap) {
          tap(x, y);
          return undefined;
        }
        const held = (memo as Held | undefined) ?? heldAt(...placeOf(initial));
        if (held.kind === 'pan') {
          setView((before) => ({ ...before, x: before.x + delta[0], y: before.y + delta[1] }));
        } else drag(held, x, y, first);
        if (last) dispatch({ type: 'rest' });
        return held;
      },
      onPinch: ({ origin, delta: [change], offset: [after] }) => {
        const before = after - change;
        const factor = before > 0 ? after / before : 1;
        setView((now) => zoomed(now, factor, ...onCanvas(origin), fit));
      },
      onWheel: ({ event, delta: [, down] }) => {
        event.preventDefault();
        const factor = Math.exp(-down / wheelForE);
        setView((now) => zoomed(now, factor, ...onCanvas([event.clientX, event.clientY]), fit));
      },
    },
    {
      target: box,
      eventOptions: { passive: false },
      // The arrow keys are the point's own, below.
      drag: { filterTaps: true, threshold: 4, pointer: { keys: false } },
    },
  );

  useEffect(() => {
    const element = box.current;
    if (element === null) return undefined;
    const press = (event: KeyboardEvent): void => {
      const step = nudge * (event.shiftKey ? 10 : 1);
      const move = {
        ArrowLeft: [-step, 0],
        ArrowRight: [step, 0],
        ArrowUp: [0, -step],
        ArrowDown: [0, step],
      }[event.key];
      const { selected } = trace;
      const changed = (next: Trace): void => {
        event.preventDefault();
        dispatch({ type: 'change', to: { ...traced, trace: next } });
      };
      if ((event.ctrlKey || event.metaKey) && event.key.toLowerCase() === 'z') {
        event.preventDefault();
        dispatch({ type: event.shiftKey ? 'redo' : 'undo' });
      } else if (event.key === 'Enter') changed(closeOutline(trace));
      else if (selected !== undefined && move !== undefined) {
        const points = trace.outlines[selected.outline] ?? [];
        const [dx = 0, dy = 0] = move;
        const x = (points[2 * selected.point] ?? 0) + dx;
        changed(movePoint(trace, selected, x, (points[2 * selected.point + 1] ?? 0) + dy));
      } else if (selected !== undefined && ['Delete', 'Backspace'].includes(event.key)) {
        changed(deletePoint(trace, selected));
      }
    };
    element.addEventListener('keydown', press);
    return () => element.removeEventListener('keydown', press);
  }, [trace, traced, dispatch, nudge]);

  const { closed, opened } = useMemo(() => {
    const paths = trace.outlines.map((points, index) =>
      closedPath(points, view, index !== trace.open),
    );
    return {
      closed: paths.filter((_, index) => index !== trace.open).join(''),
      opened: trace.open === undefined ? '' : (paths[trace.open] ?? ''),
    };
  }, [trace.outlines, trace.open, view]);
  const handles = useMemo(() => handlesPath(trace, view, room), [trace, view, room]);
  const marks = scalePoints(scale);
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
      <Svg width={room.width} height={room.height} aria-hidden style={styles.drawing}>
        {photo === undefined ? (
          <Path d={gridPath(gridSquares, view)} stroke={colours.line} strokeWidth={1} />
        ) : (
          <G transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>
            <Image href={photo.picture} width={photo.widthPx} height={photo.heightPx} />
          </G>
        )}
        <Path
          d={closed}
          fill={colours.resin}
          fillOpacity={0.45}
          fillRule="evenodd"
          stroke={colours.paper}
          strokeWidth={4}
        />
        <Path d={opened} fill="none" stroke={colours.paper} strokeWidth={4} />
        <Path d={closed + opened} fill="none" stroke={colours.ink} strokeWidth={2} />
        <Path d={handles.points} fill={colours.paper} stroke={colours.ink} strokeWidth={1.5} />
        <Path d={handles.selected} fill={colours.partB} stroke={colours.paper} strokeWidth={2} />
        <Path
          d={closedPath(marks, view, marks.length === 8)}
          fill="none"
          stroke={colours.partB}
          strokeWidth={2}
          strokeDasharray="6 4"
        />
        <Path d={crossPath(marks, view)} fill="none" stroke={colours.paper} strokeWidth={5} />
        <Path d={crossPath(marks, view)} fill="none" stroke={colours.partB} strokeWidth={2.5} />
      </Svg>
    </Box>
  );
}

const styles = StyleSheet.create({
  // Without this the browser would scroll and zoom the page instead. React Native does not know the key.
  canvas: { flex: 1, minHeight: 240, overflow: 'hidden', touchAction: 'none' } as object,
  drawing: { pointerEvents: 'none' },
});
