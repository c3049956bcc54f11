import { useRouter } from 'expo-router';
import { ResinStep } from '@/features/resin/ResinStep';

export default function ResinRoute() {
  const router = useRouter();
  return <ResinStep onAddResin={() => router.push('/shelf/new')} />;
}
