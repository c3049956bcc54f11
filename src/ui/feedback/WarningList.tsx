import { StyleSheet, View } from 'react-native';
import type { JobWarning, PourPlan, Warning } from '../../core/plan/planTypes';
import { sayJobWarning } from '../../words/pours';
import { sayWarning } from '../../words/warnings';
import { Icon } from '../icons/Icon';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

interface WarningListProps {
  readonly warnings: readonly (Warning | JobWarning)[];
  /** Of a job: its pours, by which its warnings are named. */
  readonly pours?: readonly PourPlan[];
}

/** What a plan warns of: what will happen, why, what to do. */
export function WarningList({ warnings, pours = [] }: WarningListProps) {
  const colours = useColours();
  return warnings.map((warning, index) => (
    <View
      // The same warning may be about several parts; the list is derived anew as a whole.
      key={index}
      role="note"
      style={[styles.warning, { backgroundColor: colours.warnSheet }]}
    >
      <Icon name="warning" colour={colours.ink} />
      <Words size="small" style={styles.words}>
        {'pour' in warning ? sayJobWarning(warning, pours) : sayWarning(warning)}
      </Words>
    </View>
  ));
}

const styles = StyleSheet.create({
  warning: { flexDirection: 'row', gap: space.small, padding: space.medium },
  words: { flexShrink: 1 },
});
