import { useEffect, type RefObject } from 'react';
import {
  closeOutline,
  deletePoint,
  movePoint,
  type Trace,
} from '../../core/measure/outline/traceEdit';
import type { TraceAction, Traced } from './traceHistory';

/**
 * Keys of the picture: arrows move the point in hand (Shift ten times as far), Delete takes it away, Enter ends the
 * outline, Ctrl Z undoes.
 * @param nudge how far an arrow moves it, in the picture's own numbers
 */
export function useTraceKeys(
  box: RefObject<HTMLElement | null>,
  traced: Traced,
  nudge: number,
  dispatch: (action: TraceAction) => void,
): void {
  useEffect(() => {
    const { trace } = traced;
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
  }, [box, traced, dispatch, nudge]);
}
