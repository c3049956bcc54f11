import { useRouter } from 'expo-router';
import { StyleSheet, View } from 'react-native';
import type { NamedTask } from '@/features/days/dayTasks';
import { CuringPours } from '@/features/bench/cure/CuringPours';
import { OtherPours } from '@/features/bench/OtherPours';
import { TodayScreen } from '@/features/days/TodayScreen';
import { useWays } from '@/ui/frame/useWays';
import { space } from '@/ui/theme/tokens';

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
        <>
          <OtherPours
            here={undefined}
            onPour={(id) => router.push({ pathname: '/bench/[id]', params: { id, ...here } })}
          />
          <View style={styles.curing}>
            <CuringPours
              onPour={(id) =>
                router.push({ pathname: '/bench/[id]/cure', params: { id, ...here } })
              }
            />
          </View>
        </>
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

const styles = StyleSheet.create({ curing: { paddingHorizontal: space.large, gap: space.small } });
