import { useRouter } from 'expo-router';
import { BuyStep } from '@/features/buying/BuyStep';

export default function BuyRoute() {
  const router = useRouter();
  return (
    <BuyStep
      onCard={(id) => router.push({ pathname: '/shelf/[id]', params: { id } })}
      onAllJobs={() => router.navigate('/buying')}
    />
  );
}
