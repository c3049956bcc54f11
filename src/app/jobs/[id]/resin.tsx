import { useLocalSearchParams, useRouter } from 'expo-router';
import { ResinStep } from '@/features/resin/ResinStep';

export default function ResinRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <ResinStep
      onAddResin={() => router.push('/shelf/new')}
      onCompare={() => router.push({ pathname: '/jobs/[id]/choose', params: { id } })}
    />
  );
}
