import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../../ui/ActionButton';
import { FileProblem } from '../../ui/feedback/FileProblem';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import type { Opening } from './useOpening';
import { WhatItWouldDo } from './WhatItWouldDo';

/** How the opening of a file stands: being read, refused, or told with what it would do. */
export function OpeningLines({ opened, isReading, problem, stop, leave }: Opening) {
  return (
    <>
      {isReading && (
        <View style={styles.row} role="status">
          <Words>Reading it and comparing it with what is here …</Words>
          <ActionButton icon="close" label="Stop" onPress={stop} />
        </View>
      )}
      <FileProblem problem={problem} />
      {opened !== undefined && <WhatItWouldDo {...opened} onDone={leave} />}
    </>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', alignItems: 'center', gap: space.small },
});
