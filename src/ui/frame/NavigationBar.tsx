import { StyleSheet, View } from 'react-native';
import { PressLink } from '../PressLink';
import { Icon, type IconName } from '../icons/Icon';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { useWide } from '../theme/useWide';
import { space, touch } from '../theme/tokens';

export interface Place {
  readonly name: string;
  readonly icon: IconName;
  readonly here: boolean;
  readonly go: () => void;
}

/** The places of the app: at the foot of a phone, at the left of a wide screen. */
export function NavigationBar({ places }: { readonly places: readonly Place[] }) {
  const colours = useColours();
  const wide = useWide();
  return (
    <View
      role="navigation"
      aria-label="Places"
      style={[
        wide ? styles.rail : styles.bar,
        { backgroundColor: colours.sheet, borderColor: colours.line },
      ]}
    >
      {places.map(({ name, icon, here, go }) => (
        <PressLink
          key={name}
          aria-current={here ? 'page' : undefined}
          onPress={go}
          style={[
            wide ? styles.railPlace : styles.barPlace,
            { borderColor: here ? colours.ink : 'transparent' },
          ]}
        >
          <View style={styles.inside}>
            <Icon name={icon} colour={here ? colours.ink : colours.inkSoft} />
            <Words size="small" weight={here ? 'bold' : 'text'} colour={here ? 'ink' : 'inkSoft'}>
              {name}
            </Words>
          </View>
        </PressLink>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  bar: { flexDirection: 'row', borderTopWidth: 1 },
  barPlace: { flex: 1, minHeight: 60, justifyContent: 'center', borderTopWidth: 3 },
  rail: { width: 104, borderRightWidth: 1, paddingTop: space.large, gap: space.small },
  railPlace: { minHeight: touch.bench, justifyContent: 'center', borderLeftWidth: 3 },
  inside: { alignItems: 'center', gap: space.hair },
});
