import { useRouter } from 'expo-router';
import { TodayScreen } from '@/features/days/TodayScreen';
import { useWays } from '@/ui/frame/useWays';

export function TodayRoute() {
  const router = useRouter();
  const { here } = useWays('/');
  return (
    <TodayScreen
      onJob={(id) => router.push({ pathname: '/jobs/[id]', params: { id, ...here } })}
      onJobs={() => router.navigate('/jobs')}
    />
  );
}
