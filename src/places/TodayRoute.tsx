import { useRouter } from 'expo-router';
import type { NamedTask } from '@/features/days/dayTasks';
import { TodayScreen } from '@/features/days/TodayScreen';
import { useWays } from '@/ui/frame/useWays';

/** Where a task is done: its amounts, the list of what is prepared, or the days of its job. */
function stepOf({ task: { kind } }: NamedTask): 'mix' | 'prepare' | 'days' {
  if (kind === 'prepare') return 'prepare';
  return kind === 'pour' ? 'mix' : 'days';
}

export function TodayRoute() {
  const router = useRouter();
  const { here } = useWays('/today');
  return (
    <TodayScreen
      onTask={(named) => {
        const { job, pour } = named.task;
        router.push({
          pathname: `/jobs/[id]/${stepOf(named)}`,
          params: { id: job, ...(pour ? { pour: String(pour + 1) } : {}), ...here },
        });
      }}
      onJobs={() => router.navigate('/jobs')}
    />
  );
}
