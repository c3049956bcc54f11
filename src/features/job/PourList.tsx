import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useOpenJob } from '../../data/draft/openJob';
import { colourOfPour } from '../../ui/section/colourOfPour';
import { Swatch } from '../../ui/Swatch';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { sayProblem } from '../../words/problems';
import { sayResin } from '../../words/sheet';

interface PourListProps {
  readonly onPour: (index: number) => void;
  /** Whether the step is of one pour: then the one in hand is marked. */
  readonly choosing: boolean;
}

/** The pours of a job in working order; the one in hand is what the steps are about. Nothing where there is one. */
export function PourList({ onPour, choosing }: PourListProps) {
  const colours = useColours();
  const { plan, pourIndex, outdated, problems } = useOpenJob();
  if (plan === undefined || plan.pours.length < 2) return null;
  return (
    <View
      role="radiogroup"
      aria-label="Pours"
      style={[styles.list, outdated && styles.outdated]}
      testID="pours"
    >
      {plan.pours.map((pour, index) => {
        const inHand = index === pourIndex;
        // What is wrong with the pour in hand stands at its fields; of another, nothing else would tell.
        const problem = inHand
          ? undefined
          : problems.find(({ field }) => field.startsWith(`pours[${index}]`));
        return (
          <TouchableRipple
            key={pour.id}
            role="radio"
            aria-checked={inHand}
            onPress={() => onPour(index)}
            style={[
              styles.pour,
              { borderColor: inHand ? colours.ink : colours.line },
              inHand && choosing && { backgroundColor: colours.sheet, borderWidth: 2 },
            ]}
          >
            <View style={styles.inside}>
              <Swatch colour={colourOfPour(colours, index)} />
              <View style={styles.words}>
                <Words weight={inHand ? 'bold' : 'text'}>
                  {index + 1} {sayPour(pour)} · {sayMl(pour.totalMl)}
                </Words>
                <Words size="small" colour="inkSoft">
                  {sayPlace(pour, plan)} · {sayResin(pour)}
                </Words>
                {problem && (
                  <Words size="small" colour="stop" role="alert">
                    {sayProblem(problem)}
                  </Words>
                )}
              </View>
            </View>
          </TouchableRipple>
        );
      })}
    </View>
  );
}

const styles = StyleSheet.create({
  list: { gap: space.tight },
  outdated: { opacity: 0.5 },
  pour: {
    minHeight: touch.table,
    justifyContent: 'center',
    borderWidth: 1,
    borderRadius: corner,
    paddingHorizontal: space.medium,
    paddingVertical: space.tight,
  },
  inside: { flexDirection: 'row', alignItems: 'center', gap: space.small },
  words: { flex: 1, minWidth: 0 },
});
