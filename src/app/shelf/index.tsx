import { useRouter } from 'expo-router';
import { ShelfScreen } from '@/features/shelf/ShelfScreen';

export default function ShelfRoute() {
  const router = useRouter();
  return (
    <ShelfScreen
      onOpen={(id) => router.push({ pathname: '/shelf/[id]', params: { id } })}
      onNew={() => router.push('/shelf/new')}
    />
  );
}
