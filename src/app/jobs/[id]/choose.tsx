import { useLocalSearchParams, useRouter } from 'expo-router';
import { CompareScreen } from '@/features/resin/CompareScreen';

export default function ChooseRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <CompareScreen
      onBack={() => router.navigate({ pathname: '/jobs/[id]/resin', params: { id } })}
      onAddResin={() => router.push('/shelf/new')}
    />
  );
}
