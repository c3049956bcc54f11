import { useRouter } from 'expo-router';
import { RepairScreen } from '@/features/repair/RepairScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';

export function RepairRoute() {
  const router = useRouter();
  return (
    <RepairScreen
      tabs={<ShelfTabs here="repair" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />}
    />
  );
}
