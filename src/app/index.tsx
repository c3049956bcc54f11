import { useRouter } from 'expo-router';
import { QuickMixScreen } from '@/features/quick/QuickMixScreen';

export default function QuickMixRoute() {
  const router = useRouter();
  return <QuickMixScreen onAddResin={() => router.push('/shelf/new')} />;
}
