import { createContext, useContext, type ReactNode } from 'react';
import { StyleSheet, useWindowDimensions, View, type ViewStyle } from 'react-native';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

/** What stands under the main figure of a step: what is warned of there. */
export const UnderMainFigureContext = createContext<ReactNode>(null);

/** On a screen lower than this the figure scrolls with the rest: standing still it would leave no room for it. */
const standsFrom = 440;

/** What a step decides, first on its screen; it stays in sight while the rest scrolls, a keyboard up or not. */
export function MainFigure({ children }: { readonly children: ReactNode }) {
  const colours = useColours();
  const under = useContext(UnderMainFigureContext);
  const stands = useWindowDimensions().height >= standsFrom;
  return (
    <>
      <View
        testID="main-figure"
        style={[
          styles.figure,
          { backgroundColor: colours.paper, borderColor: colours.line },
          stands && sticky,
        ]}
      >
        {children}
      </View>
      {under}
    </>
  );
}

const styles = StyleSheet.create({
  figure: {
    marginHorizontal: -space.large,
    paddingHorizontal: space.large,
    paddingBottom: space.small,
    borderBottomWidth: 1,
  },
});

// There is such a position on the web, which is where this runs; the type is that of a phone.
const sticky = { position: 'sticky', top: 0, zIndex: 1 } as unknown as ViewStyle;
