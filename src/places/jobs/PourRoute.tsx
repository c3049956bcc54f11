import { useRouter } from 'expo-router';
import { useJobId } from '@/data/draft/openJob';
import { PourStep } from '@/features/bench/PourStep';
import { useWays } from '@/ui/frame/useWays';

export function PourRoute() {
  const router = useRouter();
  const id = useJobId();
  const { here } = useWays('/jobs');
  return (
    <PourStep
      onBench={(live) => router.push({ pathname: '/bench/[id]', params: { id: live, ...here } })}
      onRecord={(record) =>
        router.push({ pathname: '/records/[id]', params: { id: record, ...here } })
      }
      onCure={(live) =>
        router.push({ pathname: '/bench/[id]/cure', params: { id: live, ...here } })
      }
      onPractice={(pour) =>
        router.push({
          pathname: '/bench/practice',
          params: { job: id, ...(pour > 0 ? { pour: String(pour + 1) } : {}), ...here },
        })
      }
    />
  );
}
