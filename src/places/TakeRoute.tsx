import { useRouter } from 'expo-router';
import { useEffect, useState } from 'react';
import { TakeScreen } from '@/features/take/TakeScreen';
import { useWays } from '@/ui/frame/useWays';
import { hashOfAddress } from './firstHash';

export function TakeRoute() {
  const router = useRouter();
  const { back } = useWays('/jobs');
  const [hash, setHash] = useState(hashOfAddress);
  useEffect(() => {
    // Another link that is opened in this window changes nothing but the end of its address.
    const changed = (): void => setHash(window.location.hash);
    window.addEventListener('hashchange', changed);
    return () => window.removeEventListener('hashchange', changed);
  }, []);
  return (
    <TakeScreen
      hash={hash}
      onOpen={(id) => router.replace({ pathname: '/jobs/[id]', params: { id } })}
      onBack={back}
    />
  );
}
