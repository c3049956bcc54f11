import { useEffect, useMemo } from 'react';
import { useSettings } from '../../data/hooks/queries';
import { useNotice } from '../../ui/feedback/NoticeProvider';
import { sayTask } from '../../words/days';
import { sayClockAt } from '../../words/moments';
import { namedTasks, type NamedTask } from './dayTasks';
import { ring } from '../../ui/ring';
import { useDays } from './useDays';

const msPerMin = 60_000;

/** Reminds of what comes while the app is open: over every screen, by sound and vibration, through the browser where it was allowed. */
export function Reminders() {
  const { data: settings } = useSettings();
  const reminders = settings?.reminders;
  return reminders?.on === true && settings?.dated === true ? <Reminding {...reminders} /> : null;
}

interface RemindingProps {
  readonly beforeMin: number;
  readonly sound: boolean;
  readonly vibration: boolean;
  readonly notifications: boolean;
}

function Reminding({ beforeMin, sound, vibration, notifications }: RemindingProps) {
  const { days, zone } = useDays();
  const notice = useNotice();
  const next = useMemo(() => (days === undefined ? [] : toCome(namedTasks(days))), [days]);
  useEffect(() => {
    const timers = next.flatMap((named) => {
      const { task, job } = named;
      const before = task.hands === 'on' ? beforeMin : 0;
      const inMs = (task.from - before) * msPerMin - Date.now();
      // What is further off is set when it comes nearer; what is past was told.
      if (inMs < 0 || inMs > longestMs) return [];
      const text = `${sayClockAt(task.from, zone)} ${job.name}: ${sayTask(task, job)}`;
      return [
        setTimeout(() => {
          notice({ text });
          ring({ sound, vibration });
          if (notifications && globalThis.Notification?.permission === 'granted') {
            new Notification('Nipperkin', { body: text, tag: `${task.job}/${task.id}` });
          }
        }, inMs),
      ];
    });
    return () => timers.forEach(clearTimeout);
  }, [next, beforeMin, sound, vibration, notifications, zone, notice]);
  return null;
}

/** A timer is set for at most a day ahead: days are worked out anew long before. */
const longestMs = 24 * 60 * msPerMin;

const toCome = (all: readonly NamedTask[]): readonly NamedTask[] =>
  all.filter(
    ({ task: { hands, done, asleep, kind } }) =>
      hands !== 'none' && !done && kind !== 'peak' && !(asleep && hands === 'look'),
  );
