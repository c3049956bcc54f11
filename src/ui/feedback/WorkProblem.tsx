import { StyleSheet, View } from 'react-native';
import { isOfCode, type Problem } from '../../core/problem';
import { sayProblem } from '../../words/problems';
import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { space } from '../theme/tokens';

interface WorkProblemProps {
  readonly problem: Problem;
  /** Asks the same once more: offered where it may come out otherwise. */
  readonly onAgain: () => void;
}

/** Why something could not be worked out, and a way to try again where the reason is not what was typed. */
export function WorkProblem({ problem, onAgain }: WorkProblemProps) {
  return (
    <View style={styles.stack}>
      <Words colour="stop" role="alert">
        {sayProblem(problem)}
      </Words>
      {isOfCode(problem, 'worker-failed', 'worker-too-slow') && (
        <View style={styles.row}>
          <ActionButton label="Try again" onPress={onAgain} />
        </View>
      )}
    </View>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small }, row: { flexDirection: 'row' } });
