import { useGesture } from '@use-gesture/react';
import type { RefObject } from 'react';
import {
  addPoint,
  closeOutline,
  edgeNear,
  insertPoint,
  movePoint,
  pointNear,
  type PointPlace,
  type Trace,
} from '../../core/measure/outline/traceEdit';
import { scalePoints, scalePointsNeeded, withScalePoints } from './scalePoints';
import type { TraceAction, Traced } from './traceHistory';
import { zoomed, type PictureView } from './useView';

/** What a tap does. */
export type Tool = 'scale' | 'outline';

/** How far the wheel turns, px, for e times nearer. */
const wheelForE = 400;
/** How near to a point a finger counts as on it, dp. */
const reachDp = 22;

type Held =
  | { readonly kind: 'point'; readonly place: PointPlace }
  | { readonly kind: 'scale'; readonly index: number }
  | { readonly kind: 'pan' };

interface OnPicture {
  readonly traced: Traced;
  readonly tool: Tool;
  readonly picture: PictureView;
  readonly dispatch: (action: TraceAction) => void;
}

/** Fingers on the picture: taps set points, drags move them, two fingers or the wheel zoom. */
export function useTraceGestures(
  box: RefObject<HTMLElement | null>,
  { traced, tool, picture: { view, setView, fit }, dispatch }: OnPicture,
): void {
  const { trace, scale } = traced;

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
}
