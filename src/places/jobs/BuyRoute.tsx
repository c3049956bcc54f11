import { useRouter } from 'expo-router';
import { BuyStep } from '@/features/buying/BuyStep';
import { useWays } from '@/ui/frame/useWays';

export function BuyRoute() {
  const router = useRouter();
  const { here } = useWays('/jobs');
  return (
    <BuyStep
      onCard={(id) => router.push({ pathname: '/shelf/[id]', params: { id, ...here } })}
      onAllJobs={() => router.navigate('/buying')}
    />
  );
}
