import { useEffect, useState, type KeyboardEvent } from 'react';
import { PanResponder, StyleSheet, View } from 'react-native';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space } from '../../ui/theme/tokens';
import { sayTask } from '../../words/days';
import { sayClockAt, sayMoment } from '../../words/moments';
import type { DaysScale } from './daysScale';
import type { NamedTask } from './dayTasks';

interface TaskHandleProps {
  readonly named: NamedTask;
  readonly scale: DaysScale;
  readonly zone: string;
  readonly now: number;
  readonly top: number;
  readonly height: number;
  readonly onMove: (at: number) => void;
}

/** A drag goes by so much, min; so does a key, and more with shift. */
const stepMin = 15;
const keys: Readonly<Record<string, number>> = {
  ArrowLeft: -stepMin,
  ArrowDown: -stepMin,
  ArrowRight: stepMin,
  ArrowUp: stepMin,
  PageDown: -240,
  PageUp: 240,
};
/** Keys that follow one another are one move. */
const pauseMs = 600;

interface Held {
  readonly at: number;
  readonly perMin: number;
  readonly show: (at: number | undefined) => void;
  readonly move: (at: number) => void;
}

/** A drag along the days, told at its end; it lives on while the days change under it. */
class TaskDrag {
  private begun = 0;
  private held: Held | undefined;
  private at = 0;
  readonly panHandlers = PanResponder.create({
    onStartShouldSetPanResponder: () => true,
    onPanResponderGrant: () => {
      this.begun = this.held?.at ?? 0;
      this.at = this.begun;
    },
    onPanResponderMove: (_, { dx }) => {
      if (this.held === undefined) return;
      this.at = Math.round((this.begun + dx / this.held.perMin) / stepMin) * stepMin;
      this.held.show(this.at);
    },
    onPanResponderRelease: () => this.let(true),
    onPanResponderTerminate: () => this.let(false),
  }).panHandlers;

  hold(held: Held): void {
    this.held = held;
  }

  private let(moves: boolean): void {
    if (moves && this.at !== this.begun) this.held?.move(this.at);
    else this.held?.show(undefined);
  }
}

/** Something that is done with hands, to be moved along the days: dragged, or by keys. Where it is put it stays. */
export function TaskHandle({ named, scale, zone, now, top, height, onMove }: TaskHandleProps) {
  const colours = useColours();
  const { task, job } = named;
  const [shown, show] = useState<number>();
  const [was, setWas] = useState(task.from);
  if (was !== task.from) {
    setWas(task.from);
    show(undefined);
  }
  const at = shown ?? task.from;
  const [drag] = useState(() => new TaskDrag());
  useEffect(
    () =>
      drag.hold({
        at: task.from,
        perMin: scale.perMin,
        show,
        move: (next) => {
          show(next);
          onMove(next);
        },
      }),
    [drag, task.from, scale.perMin, onMove],
  );
  const [byKeys, setByKeys] = useState<number>();
  useEffect(() => {
    if (byKeys === undefined) return undefined;
    const timer = setTimeout(() => {
      setByKeys(undefined);
      onMove(byKeys);
    }, pauseMs);
    return () => clearTimeout(timer);
  }, [byKeys, onMove]);
  const width = Math.max(minDp, scale.x(at + task.to - task.from) - scale.x(at));
  const isHeld = shown !== undefined && shown !== task.from;
  return (
    <View
      {...drag.panHandlers}
      {...{
        onKeyDown: (event: KeyboardEvent) => {
          const by = keys[event.key];
          if (by === undefined) return;
          event.preventDefault();
          const next = at + by * (event.shiftKey ? 4 : 1);
          show(next);
          setByKeys(next);
        },
      }}
      role="slider"
      tabIndex={0}
      aria-label={`${job.name}: ${sayTask(task, job)}`}
      aria-valuenow={at}
      aria-valuemin={scale.from}
      aria-valuemax={scale.to}
      aria-valuetext={`${sayMoment(at, now, zone)}${task.pinned ? ', pinned' : ''}`}
      testID={`handle-${task.job}-${task.id}`}
      style={[styles.handle, { left: scale.x(at) + (barDp - minDp) / 2, width, top, height }]}
    >
      {isHeld && (
        <View style={[styles.told, { backgroundColor: colours.sheet, borderColor: colours.ink }]}>
          <Words size="small" weight="semibold" lines={1}>
            {sayClockAt(at, zone)}
          </Words>
        </View>
      )}
    </View>
  );
}

/** Wide enough for a finger, round a bar that may be thin. */
const minDp = 28;
const barDp = 8;

const styles = StyleSheet.create({
  handle: {
    position: 'absolute',
    cursor: 'pointer',
    // A finger that moves a task must not scroll the page.
    touchAction: 'none',
  } as object,
  told: {
    position: 'absolute',
    top: -22,
    left: 0,
    borderWidth: 1,
    borderRadius: corner,
    paddingHorizontal: space.tight,
  },
});
