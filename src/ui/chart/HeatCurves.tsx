import { line } from 'd3-shape';
import { StyleSheet, View } from 'react-native';
import Svg, { G, Line, Path, Text as SvgText } from 'react-native-svg';
import type { HeatPlan } from '../../core/plan/heat/heatOfPlan';
import type { HeatView } from '../../core/plan/heat/heatView';
import { ChartFrame, useChartText, type Chart } from './ChartFrame';
import { Words } from '../text/Words';
import { eventsOf, type HeatEvent } from './heatEvents';
import { useColours } from '../theme/theme';
import { space } from '../theme/tokens';

const margin = { left: 40, right: 40, top: 44, bottom: 30 };
/** Words of events stand in three rows, so that they do not run into each other. */
const eventRows = 3;
const eventRowDp = 13;
const eventWordDp = 62;

interface HeatCurvesProps {
  readonly view: HeatView;
  readonly plan: HeatPlan;
  readonly untilH: number;
  readonly atH: number;
}

/** Dashes tell the curves apart where their colours do not. */
const dashes = {
  core: undefined,
  surface: '7 4',
  underside: '2 4',
  room: '1 5',
  cure: '10 3 2 3',
} as const;

/** Each word in the first row where it has room. */
function inRows(
  events: readonly HeatEvent[],
  x: (hours: number) => number,
): readonly (HeatEvent & { readonly row: number })[] {
  const endsAt = new Array<number>(eventRows).fill(-Infinity);
  return events
    .toSorted((one, other) => one.hours - other.hours)
    .map((event) => {
      const at = x(event.hours);
      const free = endsAt.findIndex((end) => end <= at);
      const row = free < 0 ? eventRows - 1 : free;
      endsAt[row] = at + eventWordDp;
      return { ...event, row };
    });
}

/** Core, surface and underside by time, the degree of cure, and what happens when. */
export function HeatCurves({ view, plan, untilH, atH }: HeatCurvesProps) {
  const colours = useColours();
  const { timesH, coreC, surfaceC, undersideC, roomC } = view;
  const frames = Array.from(timesH.keys()).filter((frame) => timesH[frame]! <= untilH * 1.02);
  const lowC = Math.floor(Math.min(...frames.map((frame) => roomC[frame]!)) / 10) * 10;
  // A front that runs above what may be told is drawn along the top.
  const ceilingC = plan.layers[0]?.ceilingC ?? Infinity;
  const highC = Math.min(ceilingC, Math.max(...frames.map((frame) => coreC[frame]!), lowC + 20));
  const curves: readonly Curve[] = [
    { name: 'room', of: roomC, colour: colours.inkSoft, dash: dashes.room },
    { name: 'underside', of: undersideC, colour: colours.partB, dash: dashes.underside },
    { name: 'surface', of: surfaceC, colour: colours.partB, dash: dashes.surface },
    { name: 'core', of: coreC, colour: colours.resinDeep, dash: dashes.core },
  ];
  return (
    <View>
      <Words heading={2} weight="bold">
        Too hot?
      </Words>
      <ChartFrame
        label="Temperatures and cure by hours after the first pour"
        heightDp={230}
        margin={margin}
        units={{ across: 'h', upwards: '°C' }}
        across={[0, untilH]}
        upwards={[lowC, highC]}
      >
        {(chart) => (
          <>
            <CurveLines chart={chart} frames={frames} view={view} curves={curves} />
            <Events chart={chart} plan={plan} untilH={untilH} />
            <Line
              x1={chart.x(atH)}
              x2={chart.x(atH)}
              y1={chart.top}
              y2={chart.bottom}
              stroke={colours.ink}
              strokeWidth={1.5}
            />
          </>
        )}
      </ChartFrame>
      <Legend curves={curves} />
      <Words size="small" colour="inkSoft">
        Hours after the first pour; the thick bar is the time in which it is sticky.
      </Words>
    </View>
  );
}

interface Curve {
  readonly name: string;
  readonly of: Float64Array;
  readonly colour: string;
  readonly dash: string | undefined;
}

/** Temperatures, and the least cured place on a scale of its own at the right. */
function CurveLines({
  chart: { x, y, right, top, bottom },
  frames,
  view: { timesH, leastAlpha },
  curves,
}: {
  readonly chart: Chart;
  readonly frames: readonly number[];
  readonly view: HeatView;
  readonly curves: readonly Curve[];
}) {
  const colours = useColours();
  const text = useChartText();
  const share = (alpha: number): number => bottom + alpha * (top - bottom);
  const path = (of: Float64Array, scale: (value: number) => number): string =>
    line<number>(
      (frame) => x(timesH[frame]!),
      (frame) => scale(of[frame]!),
    ).defined((frame) => !Number.isNaN(of[frame]!))(frames) ?? '';
  return (
    <>
      {[0, 0.5, 1].map((each) => (
        <SvgText key={each} {...text} fill={colours.inkSoft} x={right + 6} y={share(each) + 4}>
          {`${each * 100} %`}
        </SvgText>
      ))}
      <Path
        d={path(leastAlpha, share)}
        stroke={colours.inkSoft}
        strokeWidth={1.5}
        strokeDasharray={dashes.cure}
        fill="none"
      />
      {curves.map(({ name, of, colour, dash }) => (
        <Path
          key={name}
          d={path(of, y)}
          stroke={colour}
          strokeWidth={name === 'core' ? 2.5 : 2}
          {...(dash === undefined ? {} : { strokeDasharray: dash })}
          fill="none"
        />
      ))}
    </>
  );
}

/** What happens when, and the time in which the last layer is sticky. */
function Events({
  chart: { x, top, bottom },
  plan,
  untilH,
}: {
  readonly chart: Chart;
  readonly plan: HeatPlan;
  readonly untilH: number;
}) {
  const colours = useColours();
  const text = useChartText();
  const last = plan.layers.at(-1);
  const tacky = last?.recoatH;
  const shown = eventsOf(plan).filter(({ hours }) => hours <= untilH);
  return (
    <>
      {last !== undefined && tacky?.from !== undefined && (
        <Line
          x1={x(Math.min(untilH, last.pouredH + tacky.from))}
          x2={x(Math.min(untilH, last.pouredH + (tacky.to ?? untilH)))}
          y1={bottom}
          y2={bottom}
          stroke={colours.resin}
          strokeWidth={6}
        />
      )}
      {inRows(shown, x).map(({ word, hours, row }, at) => (
        <G key={`${word}${at}`}>
          <Line
            x1={x(hours)}
            x2={x(hours)}
            y1={top - 4}
            y2={bottom}
            stroke={colours.edge}
            strokeDasharray="3 3"
          />
          <SvgText
            {...text}
            fontSize={11}
            x={x(hours)}
            y={10 + row * eventRowDp}
            textAnchor="middle"
          >
            {word}
          </SvgText>
        </G>
      ))}
    </>
  );
}

function Legend({ curves }: { readonly curves: readonly Curve[] }) {
  const colours = useColours();
  const cure = { name: 'least cured, %', colour: colours.inkSoft, dash: dashes.cure };
  return (
    <View style={styles.legend} aria-hidden>
      {[...curves.toReversed(), cure].map(({ name, colour, dash }) => (
        <View key={name} style={styles.entry}>
          <Svg width={28} height={8}>
            <Line
              x1={0}
              x2={28}
              y1={4}
              y2={4}
              stroke={colour}
              strokeWidth={2.5}
              {...(dash === undefined ? {} : { strokeDasharray: dash })}
            />
          </Svg>
          <Words size="small" colour="inkSoft">
            {name}
          </Words>
        </View>
      ))}
    </View>
  );
}

const styles = StyleSheet.create({
  legend: { flexDirection: 'row', flexWrap: 'wrap', columnGap: space.medium },
  entry: { flexDirection: 'row', alignItems: 'center', gap: space.tight },
});
