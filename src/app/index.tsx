import { useRouter } from 'expo-router';
import { useWays } from '@/ui/frame/useWays';
import { QuickMixScreen } from '@/features/quick/QuickMixScreen';

export default function QuickMixRoute() {
  const router = useRouter();
  const { here } = useWays('/');
  return (
    <QuickMixScreen
      onAddResin={() => router.push({ pathname: '/shelf/[id]', params: { id: 'new', ...here } })}
    />
  );
}
