import { useLocalSearchParams, useRouter } from 'expo-router';
import { useWays } from '@/ui/frame/useWays';
import { CompareScreen } from '@/features/resin/CompareScreen';

export function ChooseRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { here, back } = useWays({ pathname: '/jobs/[id]/resin', params: { id } });
  return (
    <CompareScreen
      onBack={back}
      onAddResin={() => router.push({ pathname: '/shelf/[id]', params: { id: 'new', ...here } })}
    />
  );
}
