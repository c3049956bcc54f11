import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space, touch } from '../theme/tokens';

interface TabsProps<T extends string> {
  readonly label: string;
  readonly tabs: readonly { readonly value: T; readonly label: string }[];
  readonly value: T | undefined;
  readonly onChange: (value: T) => void;
}

/** The steps of a job, in the order of the work. */
export function Tabs<T extends string>({ label, tabs, value, onChange }: TabsProps<T>) {
  const colours = useColours();
  return (
    <View
      role="tablist"
      aria-label={label}
      style={[styles.tabs, { borderBottomColor: colours.line }]}
    >
      {tabs.map((tab) => {
        const here = tab.value === value;
        return (
          <TouchableRipple
            key={tab.value}
            role="tab"
            aria-selected={here}
            onPress={() => onChange(tab.value)}
            style={[styles.tab, { borderBottomColor: here ? colours.ink : 'transparent' }]}
          >
            <Words weight={here ? 'bold' : 'text'} colour={here ? 'ink' : 'inkSoft'}>
              {tab.label}
            </Words>
          </TouchableRipple>
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
    // Seven steps stand side by side on a phone.
    paddingHorizontal: space.tight,
    alignItems: 'center',
    justifyContent: 'center',
    borderBottomWidth: 3,
  },
});
