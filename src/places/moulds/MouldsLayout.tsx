import { useRouter } from 'expo-router';
import { MouldListScreen } from '@/features/moulds/MouldListScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';
import { ListLayout } from '@/ui/frame/ListLayout';

export function MouldsLayout() {
  const router = useRouter();
  return (
    <ListLayout
      path="/moulds"
      list={
        <MouldListScreen
          tabs={
            <ShelfTabs here="moulds" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />
          }
          onOpen={(id) => router.push({ pathname: '/moulds/[id]', params: { id } })}
          onNew={() => router.push('/moulds/new')}
        />
      }
    />
  );
}
