import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWays } from '@/ui/frame/useWays';
import { ResinStep } from '@/features/resin/ResinStep';

export function ResinStepRoute() {
  const router = useRouter();
  const { here } = useWays('/jobs');
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <ResinStep
      onAddResin={() => router.push({ pathname: '/shelf/[id]', params: { id: 'new', ...here } })}
      onCompare={() => router.push({ pathname: '/jobs/[id]/choose', params: { id, ...here } })}
    />
  );
}
