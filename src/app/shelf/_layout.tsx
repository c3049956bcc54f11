import { Navigator, Slot, usePathname, useRouter } from 'expo-router';
import { ShelfScreen } from '@/features/shelf/ShelfScreen';
import { ShelfTabs, shelfPaths } from '@/features/shelf/ShelfTabs';
import { Beside } from '@/ui/frame/Beside';
import { useWide } from '@/ui/theme/useWide';

/** The list by itself on a phone; beside what is selected in it on a wide screen. */
export default function ShelfLayout() {
  const router = useRouter();
  const wide = useWide();
  const isList = usePathname() === '/shelf';
  const list = (
    <ShelfScreen
      tabs={<ShelfTabs here="resins" onChange={(shelf) => router.navigate(shelfPaths[shelf])} />}
      onOpen={(id) => router.push({ pathname: '/shelf/[id]', params: { id } })}
      onNew={() => router.push('/shelf/new')}
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
