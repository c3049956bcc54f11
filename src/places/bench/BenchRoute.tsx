import { useLocalSearchParams, useRouter } from 'expo-router';
import { LiveBench } from '@/features/bench/LiveBench';
import { useWays } from '@/ui/frame/useWays';

export function BenchRoute() {
  const router = useRouter();
  const { id } = useLocalSearchParams<{ id: string }>();
  const { back, here } = useWays('/jobs');
  return (
    <LiveBench
      key={id}
      id={id}
      onLeave={back}
      onJob={(job) => router.navigate({ pathname: '/jobs/[id]', params: { id: job } })}
      onRecord={(record) => router.navigate({ pathname: '/records/[id]', params: { id: record } })}
      onCure={() => router.push({ pathname: '/bench/[id]/cure', params: { id, ...here } })}
      onPour={(other) => router.replace({ pathname: '/bench/[id]', params: { id: other } })}
    />
  );
}
