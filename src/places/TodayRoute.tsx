import { useRouter } from 'expo-router';
import type { NamedTask } from '@/features/days/dayTasks';
import { OtherPours } from '@/features/bench/OtherPours';
import { TodayScreen } from '@/features/days/TodayScreen';
import { useWays } from '@/ui/frame/useWays';

/** Where a task is done: the bench, the list of what is prepared, or the days of its job. */
function stepOf({ task: { kind } }: NamedTask): 'pour' | 'prepare' | 'days' {
  if (kind === 'prepare') return 'prepare';
  return kind === 'pour' ? 'pour' : 'days';
}

export function TodayRoute() {
  const router = useRouter();
  const { here } = useWays('/today');
  return (
    <TodayScreen
      underWay={
        <OtherPours
          here={undefined}
          onPour={(id) => router.push({ pathname: '/bench/[id]', params: { id, ...here } })}
        />
      }
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
