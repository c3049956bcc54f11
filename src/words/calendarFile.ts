import { createEvents, type EventAttributes } from 'ics';
import type { PlacedTask } from '../core/timetable/tasks';

/** A task with the words that a calendar shows of it. */
export interface CalendarTask {
  readonly task: PlacedTask;
  readonly title: string;
  readonly detail: string | undefined;
}

const msPerMin = 60_000;
/** Somebody is told so long before a task of hands. */
const alarmMin = 15;

const utc = (moment: number): EventAttributes['start'] => {
  const at = new Date(moment * msPerMin);
  return [
    at.getUTCFullYear(),
    at.getUTCMonth() + 1,
    at.getUTCDate(),
    at.getUTCHours(),
    at.getUTCMinutes(),
  ];
};

/** Stays with a task, so that a calendar that takes the file in again changes what it has. */
const uidOf = ({ job, id }: PlacedTask): string => `${job}/${id}@nipperkin`;

/**
 * Tasks as an iCalendar file (RFC 5545), in UTC, so that it is right across a change of clocks.
 * @throws RangeError what the writer says of a task that it cannot write
 */
export function calendarText(tasks: readonly CalendarTask[]): string {
  const { error, value } = createEvents(
    tasks.map(({ task, title, detail }): EventAttributes => ({
      uid: uidOf(task),
      title,
      ...(detail === undefined ? {} : { description: detail }),
      start: utc(task.from),
      startInputType: 'utc',
      startOutputType: 'utc',
      end: utc(Math.max(task.to, task.from + 1)),
      endInputType: 'utc',
      endOutputType: 'utc',
      busyStatus: task.hands === 'on' ? 'BUSY' : 'FREE',
      transp: task.hands === 'on' ? 'OPAQUE' : 'TRANSPARENT',
      alarms:
        task.hands === 'none'
          ? []
          : [
              {
                action: 'display',
                description: title,
                trigger: { minutes: task.hands === 'on' ? alarmMin : 0, before: true },
              },
            ],
      productId: 'nipperkin',
      calName: 'Nipperkin',
    })),
  );
  if (value === undefined || value === null)
    throw new RangeError(error?.message ?? 'no calendar was written');
  return value;
}
