import { nextWindow } from '../../core/bench/curing';
import { StyleSheet, View } from 'react-native';
import { TouchableRipple } from 'react-native-paper';
import { useState } from 'react';
import { pourOf } from '../../core/bench/benchCopy';
import type { Lane } from '../../core/bench/lanes';
import { idOfLine, type PrepareLine } from '../../core/prepare/prepareOf';
import { useChangeDays, useTicksOf } from '../../data/hooks/useJobDays';
import { ownZone } from '../../ui/useNow';
import { Icon } from '../../ui/icons/Icon';
import { Words } from '../../ui/text/Words';
import { useColours } from '../../ui/theme/theme';
import { corner, space, touch } from '../../ui/theme/tokens';
import { sayMoment } from '../../words/moments';
import { doneWords, sayReadyLines } from '../../words/bench';
import { sayLine } from '../../words/prepare';
import { sayRoughly } from '../../words/rough';
import { useBench } from './benchSource';
import { BigButton } from './BigButton';
import { doneNow } from './deeds';
import { useGuide } from './guide';
import { GuideFrame } from './GuideFrame';
import { useBenchTime } from './useBenchNow';

const msPerMin = 60_000;

/** Lines that are a matter of minutes and belong to every layer. */
const everyLayer: ReadonlySet<PrepareLine['code']> = new Set([
  'gear',
  'level',
  'mark-cups',
  'tools',
]);

interface ReadyStepProps {
  readonly lane: Lane;
  /** Of the job, whose ticks tell what is prepared; undefined where there is none. */
  readonly job: string | undefined;
}

/** What must be so before anything is mixed: what Prepare left open, gear, level, cups; of a later layer, its window. */
export function ReadyStep({ lane, job }: ReadyStepProps) {
  const { copy, state, act, clock, practice } = useBench();
  const { step } = useGuide();
  const now = useBenchTime();
  const ticks = useTicksOf(job ?? '');
  const { changeTicks } = useChangeDays();
  const pour = pourOf(copy);
  const [checked, setChecked] = useState<ReadonlySet<string>>(new Set());
  const ticked = new Set(ticks.lines.map(({ id }) => id));
  const open = copy.prepare.filter(
    (line) =>
      everyLayer.has(line.code) ||
      (lane.layer === 0 && practice === undefined && !ticked.has(idOfLine(line))),
  );
  const under = pour.layers[lane.layer]?.joint;
  const joint = under?.ofHalves === true ? 'halves' : under?.school;
  const usesAlcohol = pour.joins?.school === 'scuff' || joint === 'scuff';
  const lines = [
    ...open.map((line) => ({ id: idOfLine(line), text: sayLine(line) })),
    ...sayReadyLines({
      hasGear: open.some(({ code }) => code === 'gear'),
      hasLevel: open.some(({ code }) => code === 'level'),
      hasCups: open.some(({ code }) => code === 'mark-cups'),
      joint,
      onCoat: pour.role === 'coat' && lane.layer > 0,
      torchAndAlcohol: copy.tool === 'torch' && usesAlcohol,
    }),
  ];
  const finish = async (): Promise<void> => {
    const now = clock.now();
    await act(doneNow(step, now));
    const prepared = open.map(idOfLine).filter((id) => checked.has(id) && !ticked.has(id));
    if (job === undefined || prepared.length === 0) return;
    const at = new Date(now).toISOString();
    await changeTicks(job, ({ lines: before, tasks }) => ({
      tasks,
      lines: [
        ...before,
        ...prepared
          .filter((id) => before.every((each) => each.id !== id))
          .map((id) => ({ id, at })),
      ],
    }));
  };
  const left = lines.filter(({ id }) => !checked.has(id)).length;
  const before = state.layers[lane.layer - 1]?.begunAt;
  const window = nextWindow(copy, state, lane.layer - 1);
  const opensAt =
    before === undefined || window === undefined ? undefined : before + window.from * msPerMin;
  const closesAt =
    before === undefined || window?.to === undefined ? undefined : before + window.to * msPerMin;
  const isEarly = opensAt !== undefined && now < opensAt;
  const isLate = closesAt !== undefined && now > closesAt;
  return (
    <GuideFrame
      title={pour.layers.length > 1 ? `Ready for layer ${lane.layer + 1}` : 'Ready check'}
      main={{
        label: left === 0 ? doneWords.ready : `Go on, ${left} left open`,
        onPress: () => void finish(),
      }}
    >
      <View testID="main-figure" style={styles.stack}>
        {opensAt !== undefined && (
          <Words
            size="title"
            weight="bold"
            colour={isLate ? 'stop' : 'ink'}
            role={isEarly || isLate ? 'alert' : undefined}
          >
            {isEarly
              ? `Too early: from ${sayMoment(opensAt / msPerMin, now / msPerMin, ownZone())}, in ${sayRoughly((opensAt - now) / msPerMin)}.`
              : isLate
                ? 'Too late to pour onto it sticky: let it cure, scuff, wipe, then pour.'
                : closesAt === undefined
                  ? 'The layer below is ready for it.'
                  : `The window is open until ${sayMoment(closesAt / msPerMin, now / msPerMin, ownZone())}.`}
          </Words>
        )}
        {opensAt === undefined && (
          <Words size="title" weight="bold">
            {left === 0 ? 'Everything is ready.' : `${left} things to look at`}
          </Words>
        )}
      </View>
      {practice !== undefined && isEarly && (
        <BigButton
          label="Let the time pass"
          also="practice only"
          onPress={() => practice.pass(opensAt! - now)}
        />
      )}
      <View>
        {lines.map(({ id, text }) => (
          <ReadyLine
            key={id}
            text={text}
            isChecked={checked.has(id)}
            onPress={() =>
              setChecked((last) => {
                const next = new Set(last);
                if (!next.delete(id)) next.add(id);
                return next;
              })
            }
          />
        ))}
      </View>
    </GuideFrame>
  );
}

function ReadyLine({
  text,
  isChecked,
  onPress,
}: {
  readonly text: string;
  readonly isChecked: boolean;
  readonly onPress: () => void;
}) {
  const colours = useColours();
  return (
    <TouchableRipple
      role="checkbox"
      aria-checked={isChecked}
      aria-label={text}
      onPress={onPress}
      style={[styles.line, { borderBottomColor: colours.line }]}
    >
      <View style={styles.row}>
        <View
          style={[
            styles.box,
            { borderColor: colours.ink },
            isChecked && { backgroundColor: colours.action },
          ]}
        >
          {isChecked && <Icon name="check" colour={colours.onAction} size={26} />}
        </View>
        <Words size="large" weight={isChecked ? 'text' : 'semibold'} style={styles.words}>
          {text}
        </Words>
      </View>
    </TouchableRipple>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  line: { minHeight: touch.bench, justifyContent: 'center', borderBottomWidth: 1 },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    gap: space.medium,
    paddingVertical: space.small,
  },
  box: {
    width: 36,
    height: 36,
    borderWidth: 2,
    borderRadius: corner,
    alignItems: 'center',
    justifyContent: 'center',
  },
  words: { flexShrink: 1, flexGrow: 1 },
});
