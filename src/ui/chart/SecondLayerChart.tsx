import { Fragment } from 'react';
import { View } from 'react-native';
import { Line, Rect, Text as SvgText } from 'react-native-svg';
import type { LayerJoint } from '../../core/layers/jointOf';
import { ChartFrame, useChartText, type Chart } from './ChartFrame';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { sayJoint } from '../../words/layers';

const margin = { left: 12, right: 12, top: 4, bottom: 28 };
const barDp = 12;
/** Bars by rows, each under its word. */
const rowDp = 38;

/** Two layers, in hours after the lower one is poured. */
interface TwoLayers {
  /** From when on the two stay cool together; undefined where they never do. */
  readonly coolH: number | undefined;
  readonly stickyH: { readonly from: number | undefined; readonly to: number | undefined };
  readonly plannedH: number | undefined;
}

const hours = (minutes: number | undefined): number | undefined =>
  minutes === undefined ? undefined : minutes / 60;

/**
 * When a layer is sticky, against when the next no longer overheats the two.
 * @param stickyH the window of the layer under it, by the model
 */
export function SecondLayerChart({
  joint,
  stickyH,
}: {
  readonly joint: LayerJoint;
  readonly stickyH: TwoLayers['stickyH'];
}) {
  const two = { coolH: hours(joint.coolMin), plannedH: hours(joint.plannedMin), stickyH };
  const ends = [two.coolH, stickyH.from, stickyH.to, two.plannedH].filter(
    (each) => each !== undefined,
  );
  const untilH = Math.max(1, ...ends) * 1.2;
  return (
    <View>
      <ChartFrame
        label={sayJoint(joint)}
        heightDp={margin.top + 2 * rowDp + margin.bottom}
        margin={margin}
        units={{ across: 'h' }}
        across={[0, untilH]}
      >
        {(chart) => <Bars chart={chart} two={two} untilH={untilH} />}
      </ChartFrame>
      <Words size="small" colour="inkSoft">
        Hours after the layer under it across; the upright line is when it is planned, the shaded
        part is when both go together.
      </Words>
    </View>
  );
}

function Bars({
  chart: { x, top, bottom },
  two: { coolH, stickyH, plannedH },
  untilH,
}: {
  readonly chart: Chart;
  readonly two: TwoLayers;
  readonly untilH: number;
}) {
  const colours = useColours();
  const text = useChartText();
  const stickyToH = stickyH.to ?? untilH;
  const bothFromH = Math.max(coolH ?? Infinity, stickyH.from ?? Infinity);
  const rows = [
    { word: 'sticky', from: stickyH.from, to: stickyToH, fill: colours.resin },
    { word: 'the two stay cool', from: coolH, to: untilH, fill: colours.partB },
  ] as const;
  return (
    <>
      {bothFromH < stickyToH && (
        <Rect
          x={x(bothFromH)}
          width={x(stickyToH) - x(bothFromH)}
          y={top}
          height={bottom - top}
          fill={colours.line}
          testID="both-together"
        />
      )}
      {rows.map(({ word, from, to, fill }, row) => (
        <Fragment key={word}>
          <SvgText {...text} x={x(0)} y={top + row * rowDp + 15}>
            {from === undefined ? `${word}: never` : word}
          </SvgText>
          {from !== undefined && (
            <Rect
              x={x(from)}
              width={Math.max(1, x(to) - x(from))}
              y={top + row * rowDp + 21}
              height={barDp}
              fill={fill}
            />
          )}
        </Fragment>
      ))}
      {plannedH !== undefined && (
        <Line
          x1={x(plannedH)}
          x2={x(plannedH)}
          y1={top}
          y2={bottom}
          stroke={colours.ink}
          strokeWidth={2}
        />
      )}
      <Line x1={x(0)} x2={x(untilH)} y1={bottom} y2={bottom} stroke={colours.edge} />
    </>
  );
}
