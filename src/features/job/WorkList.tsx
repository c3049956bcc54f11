import { Fragment } from 'react';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { PressLink } from '../../ui/PressLink';
import type { Plan } from '../../core/plan/planTypes';
import { Icon } from '../../ui/icons/Icon';
import { colourOfPour } from '../../ui/section/colourOfPour';
import { StateMark } from '../../ui/StateMark';
import { Swatch } from '../../ui/Swatch';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { space, touch } from '../../ui/theme/tokens';
import { sayMl } from '../../words/figures';
import { sayPlace, sayPour } from '../../words/pours';
import { sayResin } from '../../words/sheet';
import { stateNames } from '../../words/steps';
import type { WorkRow } from './workRows';

interface WorkListProps {
  readonly rows: readonly WorkRow[];
  readonly plan: Plan | undefined;
  readonly outdated: boolean;
  /** The pour whose steps are shown, where there are several. */
  readonly pourIndex: number;
  /** The row that is open beside the list. */
  readonly here?: WorkRow | undefined;
  readonly onRow: (row: WorkRow) => void;
  readonly onPour: (index: number) => void;
}

/** The work of a job in its order: each row with its state and its one figure. Of several pours the one in hand is unfolded. */
export function WorkList({ rows, plan, outdated, pourIndex, here, onRow, onPour }: WorkListProps) {
  const several = new Set(rows.flatMap(({ pour }) => pour ?? [])).size > 1;
  const shown = several
    ? rows.filter(({ pour }) => pour === undefined || pour === pourIndex)
    : rows;
  const before = shown.findIndex(({ pour }) => pour !== undefined);
  const ofPour = shown.filter(({ pour }) => pour !== undefined);
  const row = (each: WorkRow) => (
    <Row
      key={each.step}
      row={each}
      outdated={outdated}
      indented={several && each.pour !== undefined}
      isHere={each === here}
      onPress={() => onRow(each)}
    />
  );
  if (!several) {
    return (
      <View role="list" aria-label="Work">
        {rows.map(row)}
      </View>
    );
  }
  return (
    <View role="list" aria-label="Work">
      {shown.slice(0, before).map(row)}
      {plan?.pours.map((pour, index) => (
        <Fragment key={pour.id}>
          <PourRow
            plan={plan}
            index={index}
            isOpen={index === pourIndex}
            isWrong={rows.some((each) => each.pour === index && each.state === 'wrong')}
            onPress={() => onPour(index)}
          />
          {index === pourIndex && ofPour.map(row)}
        </Fragment>
      ))}
      {shown.slice(before + ofPour.length).map(row)}
    </View>
  );
}

interface RowProps {
  readonly row: WorkRow;
  readonly outdated: boolean;
  readonly indented: boolean;
  readonly isHere: boolean;
  readonly onPress: () => void;
}

function Row({ row, outdated, indented, isHere, onPress }: RowProps) {
  const colours = useColours();
  const { label, state, figure, step, isWarned } = row;
  return (
    <View role="listitem">
      <PressLink
        aria-label={[label, figure, stateNames[state], isWarned && 'warned of']
          .filter(Boolean)
          .join(', ')}
        aria-current={isHere ? 'step' : undefined}
        testID={`step-${step}`}
        onPress={onPress}
        style={[
          styles.row,
          { borderBottomColor: colours.line },
          indented && styles.indented,
          isHere && { backgroundColor: colours.sheet },
        ]}
      >
        <View style={styles.inside}>
          <StateMark state={state} />
          <Words weight={isHere ? 'bold' : 'text'} style={styles.label}>
            {label}
          </Words>
          {isWarned && state !== 'wrong' && <Icon name="warning" colour={colours.ink} size={18} />}
          <Words
            colour={state === 'wrong' ? 'stop' : 'inkSoft'}
            style={[styles.figure, outdated && styles.outdated]}
          >
            {state === 'wrong' ? 'put it right' : figure}
          </Words>
        </View>
      </PressLink>
    </View>
  );
}

interface PourRowProps {
  readonly plan: Plan;
  readonly index: number;
  readonly isOpen: boolean;
  readonly isWrong: boolean;
  readonly onPress: () => void;
}

/** One pour of several: a tap unfolds its steps. */
function PourRow({ plan, index, isOpen, isWrong, onPress }: PourRowProps) {
  const colours = useColours();
  const pour = plan.pours[index]!;
  return (
    <View role="listitem">
      <TouchableRipple
        role="button"
        aria-expanded={isOpen}
        testID={`pour-${index + 1}`}
        onPress={onPress}
        style={[styles.row, { borderBottomColor: colours.line }]}
      >
        <View style={styles.inside}>
          <Swatch colour={colourOfPour(colours, index)} />
          <View style={styles.label}>
            <Words weight={isOpen ? 'bold' : 'semibold'}>
              {index + 1} {sayPour(pour)}
            </Words>
            <Words size="small" colour={isWrong ? 'stop' : 'inkSoft'}>
              {isWrong ? 'Something in it is not right yet' : sayPlace(pour, plan)}
            </Words>
          </View>
          <View style={styles.figure}>
            <Words colour="inkSoft" style={styles.right}>
              {sayMl(pour.totalMl)}
            </Words>
            <Words size="small" colour="inkSoft" style={styles.right}>
              {sayResin(pour)}
            </Words>
          </View>
        </View>
      </TouchableRipple>
    </View>
  );
}

const styles = StyleSheet.create({
  row: { minHeight: touch.table, justifyContent: 'center', borderBottomWidth: 1 },
  indented: { paddingLeft: space.large },
  inside: {
    flexDirection: 'row',
    flexWrap: 'wrap',
    alignItems: 'center',
    gap: space.small,
    rowGap: 0,
    paddingVertical: space.tight,
  },
  label: { flexShrink: 1, minWidth: 72 },
  figure: { flexGrow: 1, flexShrink: 1, textAlign: 'right' },
  right: { textAlign: 'right' },
  outdated: { opacity: 0.5 },
});
