import { Navigator, Slot, usePathname, useRouter } from 'expo-router';
import { MouldListScreen } from '@/features/moulds/MouldListScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';
import { Beside } from '@/ui/frame/Beside';
import { useWide } from '@/ui/theme/useWide';

/** The list by itself on a phone; beside what is selected in it on a wide screen. */
export default function MouldsLayout() {
  const router = useRouter();
  const wide = useWide();
  const isList = usePathname() === '/moulds';
  const list = (
    <MouldListScreen
      tabs={<ShelfTabs here="moulds" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />}
      onOpen={(id) => router.push({ pathname: '/moulds/[id]', params: { id } })}
      onNew={() => router.push('/moulds/new')}
    />
  );
  return (
    <Navigator>
      {wide ? (
        <Beside list={list}>
          <Slot />
        </Beside>
      ) : isList ? (
        list
      ) : (
        <Slot />
      )}
    </Navigator>
  );
}
