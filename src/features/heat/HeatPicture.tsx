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
import { HeatCurves, HeatCutDrawing } from '../../ui/chart/lazyCharts';
import { shownHours } from '../../ui/chart/shownHours';

/** How long a whole run plays, ms. */
const playMs = 8000;

/** The frame that is shown at a time: the last one that is not later. */
function frameAt(timesH: Float64Array, hours: number): number {
  let frame = 0;
  while (frame + 1 < timesH.length && timesH[frame + 1]! <= hours) frame += 1;
  return frame;
}

/** The cut painted with its temperatures at a moment, and the curves with that moment on them. */
export default memo(function HeatPicture({
  view,
  plan,
}: {
  readonly view: HeatView;
  readonly plan: HeatPlan;
}) {
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
  const frame = frameAt(view.timesH, atH);
  const ceilingC = plan.layers[0]?.ceilingC ?? Infinity;
  const told = `${sayHours(atH)}: core ${sayHere(view.coreC[frame]!, ceilingC)}, surface ${sayHere(view.surfaceC[frame]!, ceilingC)}, underside ${sayHere(view.undersideC[frame]!, ceilingC)}, cured ${formatPlain(view.leastAlpha[frame]! * 100, 0)} to ${formatPlain(view.mostAlpha[frame]! * 100, 0)} %`;
  return (
    <View style={styles.stack} testID="heat-picture">
      <HeatCutDrawing cut={view.cut} frame={frame} kind={plan.form.kind} told={told} />
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
          onChange={(value) => {
            setPlaying(false);
            setChosenH(value);
          }}
        />
      </View>
      <Words testID="heat-moment">{told}</Words>
      <HeatCurves view={view} plan={plan} untilH={untilH} atH={atH} />
    </View>
  );
});

const styles = StyleSheet.create({
  stack: { gap: space.small },
  row: { flexDirection: 'row', alignItems: 'center', gap: space.small },
});
