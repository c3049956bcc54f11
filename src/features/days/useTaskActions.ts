import { useCallback, useMemo } from 'react';
import { useChangeDays } from '../../data/hooks/useJobDays';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { ownZone } from '../../ui/useNow';
import { sayTask } from '../../words/days';
import { localTextOf, sayClockAt, sayDayAt } from '../../words/moments';
import type { NamedTask } from './dayTasks';

const msPerMin = 60_000;
const instant = (moment: number): string => new Date(moment * msPerMin).toISOString();

/** What can be done with a task: tick it off at its real time, take that back, pin it, let go of the pin. */
export function useTaskActions() {
  const { changeDates, changeTicks } = useChangeDays();
  const notice = useNotice();
  const zone = ownZone();
  const untick = useCallback(
    ({ task }: NamedTask): Promise<void> =>
      changeTicks(task.job, ({ lines, tasks }) => ({
        lines: lines.filter(({ id }) => !task.lines.includes(id)),
        tasks: tasks.filter(({ id }) => id !== task.id),
      })),
    [changeTicks],
  );
  /** @param from when it really began; just before now without it */
  const tick = useCallback(
    async ({ task, job }: NamedTask, now: number, from = now - (task.to - task.from)) => {
      const own = { id: task.id, from: instant(from), to: instant(from + (task.to - task.from)) };
      const lines = task.lines.map((id) => ({ id, at: own.to }));
      await changeTicks(task.job, ({ lines: before, tasks }) => ({
        lines: [...before.filter(({ id }) => !task.lines.includes(id)), ...lines],
        tasks: [...tasks.filter(({ id }) => id !== task.id), own],
      }));
      notice({
        text: `Done: ${sayTask(task, job)}`,
        undo: async () => {
          await untick({ task, job });
          return 'undone';
        },
      });
    },
    [changeTicks, untick, notice],
  );
  const unpin = useCallback(
    ({ task }: NamedTask): Promise<void> =>
      changeDates(task.job, (before) => ({
        ...before,
        pins: before.pins.filter((pin) => pin.task !== task.id),
      })),
    [changeDates],
  );
  /** Puts a task somewhere, where it stays; the first pour sets when the job starts. */
  const pin = useCallback(
    async ({ task, job }: NamedTask, at: number) => {
      const local = localTextOf(at, zone);
      await changeDates(task.job, (before) =>
        task.id === job.root
          ? { ...before, start: local, due: undefined }
          : {
              ...before,
              pins: [
                ...before.pins.filter((each) => each.task !== task.id),
                { task: task.id, at: local },
              ],
            },
      );
      notice({ text: `${sayTask(task, job)}: ${sayDayAt(at, zone)} ${sayClockAt(at, zone)}` });
    },
    [changeDates, notice, zone],
  );
  return useMemo(() => ({ tick, untick, pin, unpin }), [tick, untick, pin, unpin]);
}
