import { Navigator, Slot, usePathname, useRouter, type Href } from 'expo-router';
import { StatusBar } from 'expo-status-bar';
import { useCallback, useEffect } from 'react';
import { StyleSheet, View } from 'react-native';
import { useRefusedSettings } from '@/data/hooks/useRefusedSettings';
import { useSettings } from '@/data/hooks/queries';
import { useFirstStart } from '@/data/hooks/useStart';
import { beginOpening, KeptData } from '@/features/keeping/KeptData';
import { KeptUnits } from '@/features/keeping/KeptUnits';
import { Mishap } from '@/features/keeping/Mishap';
import { NotSavedBanner } from '@/features/keeping/NotSavedBanner';
import { NoticeProvider, useNotice } from '@/ui/feedback/NoticeProvider';
import { NavigationBar } from '@/ui/frame/NavigationBar';
import { ShortcutSheet } from '@/ui/frame/ShortcutSheet';
import '@/places/firstHash';
import { later, useRest } from '@/places/later';
import { ThemeProvider } from '@/ui/ThemeProvider';
import type { IconName } from '@/ui/icons/Icon';
import { useColours } from '@/ui/theme/theme';
import { useWide } from '@/ui/theme/useWide';

const places: readonly {
  readonly name: string;
  readonly icon: IconName;
  readonly path: Href;
  /** Where it is shown as the place one is in. */
  readonly under: readonly string[];
}[] = [
  { name: 'Today', icon: 'calendar', path: '/today', under: ['/today'] },
  { name: 'Jobs', icon: 'jobs', path: '/jobs', under: ['/jobs', '/records'] },
  { name: 'Quick mix', icon: 'scale', path: '/quick', under: ['/quick'] },
  {
    name: 'Shelf',
    icon: 'shelf',
    path: '/shelf',
    under: ['/shelf', '/moulds', '/buying', '/repair'],
  },
  { name: 'Data', icon: 'tune', path: '/data', under: ['/data'] },
];

beginOpening();

const NotRead = later('NotRead');
const Reminders = later('Reminders');
const KeepsWatch = later('KeepsWatch');

/** Nobody waits for it: it comes with everything else. */
function WhenReminded() {
  const { data: settings } = useSettings();
  return settings?.reminders?.on === true && settings.dated === true ? <Reminders /> : null;
}

/** Copies and the nudge to save a file: they come with everything else, once it is there. */
function WhenStarted({ path }: { readonly path: string }) {
  return useRest() === undefined ? null : <KeepsWatch path={path} />;
}

export default function RootLayout() {
  return (
    <KeptData>
      <ThemeProvider>
        <StatusBar style="auto" />
        <NoticeProvider>
          <Mishap>
            <Frame />
          </Mishap>
        </NoticeProvider>
      </ThemeProvider>
    </KeptData>
  );
}

function Frame() {
  const colours = useColours();
  const wide = useWide();
  const path = usePathname();
  const router = useRouter();
  const { start, setAside, tryAgain } = useFirstStart();
  const notice = useNotice();
  useEffect(() => {
    if (!setAside) return;
    notice({ text: 'Some settings could not be read. They are set aside as they were: see Data.' });
  }, [setAside, notice]);
  const tellRefused = useCallback(
    () =>
      notice({
        text: 'Not kept: what is set in this browser is of another version of Nipperkin. Load the page anew.',
      }),
    [notice],
  );
  useRefusedSettings(tellRefused);
  // Inside one job or one card the foot of the phone belongs to it.
  const deep = path.split('/').filter((part) => part !== '').length > 1;
  // At the bench there is nothing but the pour.
  const isBench = path.startsWith('/bench/');
  const bar = !isBench && (wide || !deep) && (
    <NavigationBar
      places={places.map(({ name, icon, path: to, under }) => ({
        name,
        icon,
        here: under.some((each) => path.startsWith(each)),
        go: () => router.navigate(to),
      }))}
    />
  );
  return (
    <View style={[styles.frame, { backgroundColor: colours.paper }, wide && styles.wide]}>
      {wide && bar}
      <View style={styles.place}>
        <NotSavedBanner />
        {start === 'ready' && <WhenStarted path={path} />}
        {start === 'unreadable' && <NotRead onTryAgain={tryAgain} />}
        {start === 'ready' && (
          // Within the navigator: without it the address would go, and with it the next route.
          <Navigator>
            <Mishap>
              <KeptUnits>
                <Slot />
              </KeptUnits>
            </Mishap>
          </Navigator>
        )}
      </View>
      {!wide && bar}
      {wide && !isBench && <ShortcutSheet />}
      {start === 'ready' && <WhenReminded />}
    </View>
  );
}

const styles = StyleSheet.create({
  frame: { flex: 1, width: '100%' },
  wide: { flexDirection: 'row' },
  place: { flex: 1, minWidth: 0, minHeight: 0 },
});
