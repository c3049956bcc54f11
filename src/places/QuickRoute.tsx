import { useRouter } from 'expo-router';
import { useWays } from '@/ui/frame/useWays';
import { QuickMixScreen } from '@/features/quick/QuickMixScreen';
import { useRest } from '@/places/later';

/** Comes with the first load: nothing of the rest is in it. */
export function QuickRoute() {
  const router = useRouter();
  const { here } = useWays('/quick');
  const rest = useRest();
  return (
    <>
      <QuickMixScreen
        whole={rest}
        onAddResin={({ ratio, by }) =>
          router.push({ pathname: '/shelf/[id]', params: { id: 'new', ratio, by, ...here } })
        }
      />
      {rest !== undefined && <rest.WholeStart />}
    </>
  );
}
