import { useRouter } from 'expo-router';
import { BuyingScreen } from '@/features/buying/BuyingScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';

export function BuyingRoute() {
  const router = useRouter();
  return (
    <BuyingScreen
      tabs={<ShelfTabs here="buying" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />}
    />
  );
}
