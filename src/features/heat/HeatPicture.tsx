import { memo, useEffect, useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import type { HeatView } from '../../core/plan/heat/heatView';
import { ActionButton } from '../../ui/ActionButton';
import { RangeField } from '../../ui/fields/RangeField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { formatPlain } from '../../core/quantity/format';
import { sayHere, sayHours } from '../../words/heat';
import { pieceOf } from '../../core/plan/piece/pieceOf';
import type { Plan } from '../../core/plan/planTypes';
import { Section } from '../../ui/section/Section';
import { useWide } from '../../ui/theme/useWide';
import { HeatLegend } from './HeatLegend';
import { HeatCurves } from '../../ui/chart/HeatCurves';
import { HeatPaint } from '../../ui/chart/HeatPaint';
import { colourOfC } from '../../ui/chart/heatColour';
import { eventsOf } from '../../ui/chart/heatEvents';
import { shownHours } from '../../ui/chart/shownHours';

/** How long a whole run plays, ms. */
const playMs = 8000;

/** The place among what is drawn of a part that a pour was followed in. */
const drawnPart = (plan: Plan, pourIndex: number, part: number): number =>
  pieceOf(plan).findIndex(
    ({ formPart, cavity, layers }) =>
      cavity === part &&
      layers.some(({ pour }) => pour.index === pourIndex) &&
      (formPart !== undefined || plan.pours[pourIndex]?.kind === 'own'),
  );

/** The frame that is shown at a time: the last one that is not later. */
function frameAt(timesH: Float64Array, hours: number): number {
  let frame = 0;
  while (frame + 1 < timesH.length && timesH[frame + 1]! <= hours) frame += 1;
  return frame;
}

/** The cut painted with its temperatures at a moment, and the curves with that moment on them. */
export const HeatPicture = memo(function HeatPicture({
  view,
  plan,
  jobPlan,
  pourIndex,
}: {
  readonly view: HeatView;
  readonly plan: HeatPlan;
  /** The plan of the whole job, and which of its pours was followed. */
  readonly jobPlan: Plan;
  readonly pourIndex: number;
}) {
  const wide = useWide();
  const [pointed, setPointed] = useState<number>();
  const part = useMemo(
    () => drawnPart(jobPlan, pourIndex, plan.part),
    [jobPlan, pourIndex, plan.part],
  );
  const pour = jobPlan.pours[pourIndex];
  const topMm = pour?.between?.toMm ?? pour?.layers.at(-1)?.toMm ?? pour?.depthMm ?? 0;
  const untilH = shownHours(plan, view.timesH.at(-1) ?? 1);
  const peakH = useMemo(() => {
    const at = view.coreC.reduce(
      (best, each, frame) => (each > view.coreC[best]! ? frame : best),
      0,
    );
    return view.timesH[at]!;
  }, [view]);
  const [chosenH, setChosenH] = useState<number>();
  const [playing, setPlaying] = useState(false);
  const atH = Math.min(untilH, chosenH ?? peakH);
  useEffect(() => {
    if (!playing) return undefined;
    let request = 0;
    let lastMs: number | undefined;
    const step = (nowMs: number): void => {
      const passedMs = lastMs === undefined ? 0 : nowMs - lastMs;
      lastMs = nowMs;
      setChosenH((last = 0) => {
        const next = last + (passedMs / playMs) * untilH;
        if (next < untilH) return next;
        setPlaying(false);
        return untilH;
      });
      request = requestAnimationFrame(step);
    };
    request = requestAnimationFrame(step);
    return () => cancelAnimationFrame(request);
  }, [playing, untilH]);
  const marks = eventsOf(plan)
    .filter(({ hours }) => hours <= untilH)
    .map(({ word, hours }) => ({ word, at: hours }));
  const frame = frameAt(view.timesH, atH);
  const ceilingC = plan.layers[0]?.ceilingC ?? Infinity;
  const told = `${sayHours(atH)}: core ${sayHere(view.coreC[frame]!, ceilingC)}, surface ${sayHere(view.surfaceC[frame]!, ceilingC)}, underside ${sayHere(view.undersideC[frame]!, ceilingC)}, cured ${formatPlain(view.leastAlpha[frame]! * 100, 0)} to ${formatPlain(view.mostAlpha[frame]! * 100, 0)} %`;
  return (
    <View style={styles.stack} testID="heat-picture">
      <Section
        plan={jobPlan}
        greatestHeight={wide ? 380 : 190}
        paint={{
          pour: pourIndex,
          part,
          lineColour: colourOfC(view.coreC[frame]!),
          draw: (place) => (
            <HeatPaint
              {...place}
              heat={{ cut: view.cut, frame, part, pour: pourIndex, topMm }}
              onPoint={setPointed}
            />
          ),
        }}
      />
      <HeatLegend />
      <View style={styles.row}>
        <View>
          <ActionButton
            kind="bare"
            icon={playing ? 'pause' : 'play'}
            label={playing ? 'Pause' : 'Play'}
            onPress={() => {
              if (!playing && atH >= untilH) setChosenH(0);
              setPlaying(!playing);
            }}
          />
        </View>
        <RangeField
          label="Time after the first pour"
          told={sayHours(atH)}
          value={atH}
          greatest={untilH}
          marks={marks}
          onChange={(value) => {
            setPlaying(false);
            setChosenH(value);
          }}
        />
      </View>
      <Words testID="heat-moment">
        {pointed === undefined ? told : `${sayHere(pointed, ceilingC)} under the finger. ${told}`}
      </Words>
      <HeatCurves view={view} plan={plan} untilH={untilH} atH={atH} />
    </View>
  );
});

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', alignItems: 'center', gap: space.small },
});
