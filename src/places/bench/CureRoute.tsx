import { useLocalSearchParams, useRouter } from 'expo-router';
import { CureScreen } from '@/features/bench/cure/CureScreen';
import { useWays } from '@/ui/frame/useWays';

export function CureRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { back, here } = useWays('/today');
  return (
    <CureScreen
      key={id}
      id={id}
      onBack={back}
      onBench={() => router.push({ pathname: '/bench/[id]', params: { id, ...here } })}
    />
  );
}
