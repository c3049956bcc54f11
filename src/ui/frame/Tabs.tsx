import { StyleSheet, View } from 'react-native';
import { PressLink } from '../PressLink';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';

interface TabsProps<T extends string> {
  readonly label: string;
  readonly tabs: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
}

/** Places beside one another, such as the shelves: links, as each has an address of its own. */
export function Tabs<T extends string>({ label, tabs, value, onChange }: TabsProps<T>) {
  const colours = useColours();
  return (
    <View
      role="navigation"
      aria-label={label}
      style={[styles.tabs, { borderBottomColor: colours.line }]}
    >
      {tabs.map((tab) => {
        const here = tab.value === value;
        return (
          <PressLink
            key={tab.value}
            aria-current={here ? 'page' : undefined}
            onPress={() => onChange(tab.value)}
            style={[styles.tab, { borderBottomColor: here ? colours.ink : 'transparent' }]}
          >
            <Words weight={here ? 'bold' : 'text'} colour={here ? 'ink' : 'inkSoft'}>
              {tab.label}
            </Words>
          </PressLink>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  tabs: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    borderBottomWidth: 1,
    paddingHorizontal: space.tight,
  },
  tab: {
    minHeight: touch.table,
    minWidth: touch.table,
    paddingHorizontal: space.tight,
    alignItems: 'center',
    justifyContent: 'center',
    borderBottomWidth: 3,
  },
});
