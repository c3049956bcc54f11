import { Fragment } from 'react';
import { View } from 'react-native';
import { Line, Rect, Text as SvgText } from 'react-native-svg';
import type { SecondLayer } from '../../core/plan/heat/secondLayer';
import { ChartFrame, useChartText, type Chart } from './ChartFrame';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { saySecond } from '../../words/heat';

const margin = { left: 12, right: 12, top: 4, bottom: 28 };
const barDp = 12;
/** Bars by rows, each under its word. */
const rowDp = 38;

/** When the first layer is sticky, against when the second no longer overheats the two. */
export function SecondLayerChart({ second }: { readonly second: SecondLayer }) {
  const { earliestH, tackyH, plannedH } = second;
  const ends = [earliestH, tackyH.from, tackyH.to, plannedH].filter((each) => each !== undefined);
  const untilH = Math.max(1, ...ends) * 1.2;
  return (
    <View>
      <ChartFrame
        label={saySecond(second)}
        heightDp={margin.top + 2 * rowDp + margin.bottom}
        margin={margin}
        across={[0, untilH]}
      >
        {(chart) => <Bars chart={chart} second={second} untilH={untilH} />}
      </ChartFrame>
      <Words size="small" colour="inkSoft">
        Hours after the first pour across; the upright line is when the second is planned, the
        shaded part is when both go together.
      </Words>
    </View>
  );
}

function Bars({
  chart: { x, top, bottom },
  second: { earliestH, tackyH, plannedH },
  untilH,
}: {
  readonly chart: Chart;
  readonly second: SecondLayer;
  readonly untilH: number;
}) {
  const colours = useColours();
  const text = useChartText();
  const stickyToH = tackyH.to ?? untilH;
  const bothFromH = Math.max(earliestH ?? Infinity, tackyH.from ?? Infinity);
  const rows = [
    { word: 'sticky', from: tackyH.from, to: stickyToH, fill: colours.resin },
    { word: 'the two stay cool', from: earliestH, to: untilH, fill: colours.partB },
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
      <Line
        x1={x(plannedH)}
        x2={x(plannedH)}
        y1={top}
        y2={bottom}
        stroke={colours.ink}
        strokeWidth={2}
      />
      <Line x1={x(0)} x2={x(untilH)} y1={bottom} y2={bottom} stroke={colours.edge} />
    </>
  );
}
