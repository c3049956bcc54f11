import { useRouter } from 'expo-router';
import { ShelfScreen } from '@/features/shelf/ShelfScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';
import { ListLayout } from '@/ui/frame/ListLayout';

export function ShelfLayout() {
  const router = useRouter();
  return (
    <ListLayout
      path="/shelf"
      list={
        <ShelfScreen
          tabs={
            <ShelfTabs here="resins" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />
          }
          onOpen={(id) => router.push({ pathname: '/shelf/[id]', params: { id } })}
          onNew={() => router.push('/shelf/new')}
        />
      }
    />
  );
}
