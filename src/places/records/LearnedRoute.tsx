import { useRouter } from 'expo-router';
import { LearnedScreen } from '@/features/learn/LearnedScreen';
import { useWays } from '@/ui/frame/useWays';

export function LearnedRoute() {
  const router = useRouter();
  const { here, back } = useWays('/records');
  return (
    <LearnedScreen
      onBack={back}
      onCard={(id) => router.push({ pathname: '/shelf/[id]', params: { id, ...here } })}
    />
  );
}
