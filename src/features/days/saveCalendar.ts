import { download } from '../../data/files/download';
import type { Clock } from '../../words/days';
import { sayTask, sayTaskDetail } from '../../words/days';
import type { NamedTask } from './dayTasks';

/** Hands the person what is still to come as a file for their calendar. The writer is fetched when it is wanted. */
export async function saveCalendar(all: readonly NamedTask[], clock: Clock): Promise<void> {
  const { calendarText } = await import('../../words/calendarFile');
  const toCome = all.filter(({ task: { done, kind } }) => !done && kind !== 'peak');
  const text = calendarText(
    toCome.map(({ task, job }) => ({
      task,
      title: `${job.name}: ${sayTask(task, job)}`,
      detail: sayTaskDetail(task, clock),
    })),
  );
  download('nipperkin.ics', text, 'text/calendar');
}
