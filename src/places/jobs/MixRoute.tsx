import { useLocalSearchParams, useRouter } from 'expo-router';
import { MixStep } from '@/features/mix/MixStep';
import { useWays } from '@/ui/frame/useWays';

export function MixRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { here } = useWays('/jobs');
  return (
    <MixStep
      onSheet={() => router.push({ pathname: '/jobs/[id]/sheet', params: { id, ...here } })}
    />
  );
}
