import { useRouter } from 'expo-router';
import { PlaceStep } from '@/features/measure/pours/PlaceStep';

export function PlaceRoute() {
  const router = useRouter();
  return <PlaceStep onPour={(index) => router.setParams({ pour: String(index + 1) })} />;
}
