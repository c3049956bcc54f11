import { useLocalSearchParams } from 'expo-router';
import { isDated, useDatesOf } from '@/data/hooks/useJobDays';
import { useDays } from '@/features/days/useDays';
import { MixingSheetScreen } from '@/features/mix/MixingSheetScreen';
import { useWays } from '@/ui/frame/useWays';
import { ThemeProvider } from '@/ui/ThemeProvider';
import { sayTask } from '@/words/days';
import { sayLongDayAt, sayClockAt } from '@/words/moments';

/** What is done for a job and when, as it stands on paper: days by their names, since a sheet does not know what today is. */
function useDayLines(job: string): readonly string[] {
  const isInDays = isDated(useDatesOf(job));
  const { days, zone } = useDays(undefined, isInDays);
  const own = days?.jobs.find((each) => each.job === job);
  if (days === undefined || own === undefined) return [];
  return days.tasks
    .filter((task) => task.job === job && task.hands === 'on')
    .map(
      (task) =>
        `${sayLongDayAt(task.from, zone)}, ${sayClockAt(task.from, zone)}: ${sayTask(task, own)}`,
    );
}

export function SheetRoute() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const { back } = useWays({ pathname: '/jobs/[id]/mix', params: { id } });
  const days = useDayLines(id);
  return (
    <ThemeProvider asPaper>
      <MixingSheetScreen days={days} onBack={back} />
    </ThemeProvider>
  );
}
