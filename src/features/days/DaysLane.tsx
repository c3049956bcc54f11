import { G, Line, Path, Rect } from 'react-native-svg';
import type { Spans } from '../../core/timetable/spans';
import { useColours } from '../../ui/theme/theme';
import { heatRamp } from '../../ui/theme/tokens';
import type { DaysScale } from './daysScale';
import type { NamedTask } from './dayTasks';

/** The red of the heat's own scale. */
const heatColour = heatRamp.colours[5];

/** What is done with hands is at least so wide, dp. */
const leastDp = 6;

interface LaneProps {
  readonly tasks: readonly NamedTask[];
  readonly scale: DaysScale;
  /** Of the lane, dp. */
  readonly top: number;
  readonly height: number;
}

/** One job along its days: bars of hands, dashed windows, the swell of heat, marks of what is looked at. */
export function DaysLane({ tasks, scale, top, height }: LaneProps) {
  const colours = useColours();
  const { x, from, to } = scale;
  const shown = tasks.filter(({ task }) => task.to >= from && task.from <= to);
  const bar = Math.min(18, height * 0.45);
  const barTop = top + (height - bar) / 2;
  return (
    <G>
      {shown.map(({ task: { id, kind, hands, window, done, from: at, to: until } }) => {
        const width = Math.max(leastDp, x(until) - x(at));
        if (kind === 'peak') {
          const poured = tasks.find(({ task }) => `${task.id}/peak` === id)?.task.from ?? at;
          return <Path key={id} {...swell(x(poured), x(at), top + height)} stroke={heatColour} />;
        }
        if (hands === 'look' || hands === 'none') {
          return (
            <Path
              key={id}
              d={`M${x(at)} ${barTop}v${bar}`}
              stroke={colours.inkSoft}
              strokeWidth={kind === 'ready' ? 3 : 1}
            />
          );
        }
        const fill = kind === 'pour' ? colours.partA : colours.inkSoft;
        return (
          <G key={id}>
            {window !== undefined && Number.isFinite(window.to) && window.to > window.from && (
              <Rect
                x={x(window.from)}
                y={barTop}
                width={x(window.to) - x(window.from) + width}
                height={bar}
                fill="none"
                stroke={colours.partA}
                strokeDasharray="4 3"
              />
            )}
            <Rect
              x={x(at)}
              y={barTop}
              width={width}
              height={bar}
              fill={done ? 'none' : fill}
              stroke={fill}
              strokeWidth={done ? 1.5 : 0}
            />
          </G>
        );
      })}
    </G>
  );
}

/** The swell of a layer's heat: from its pour over its peak and down again. */
const swell = (from: number, peak: number, foot: number) => {
  const wide = Math.max(4, peak - from);
  const high = 12;
  return {
    d: `M${from} ${foot - 4}C${peak - wide / 3} ${foot - 4} ${peak - wide / 4} ${foot - 4 - high} ${peak} ${foot - 4 - high}S${peak + wide / 2} ${foot - 5} ${peak + wide} ${foot - 4}`,
    fill: 'none',
    strokeWidth: 1.8,
  };
};

interface GroundProps {
  readonly scale: DaysScale;
  readonly awake: Spans;
  readonly work: Spans;
  readonly now: number;
  readonly top: number;
  readonly height: number;
}

/** Nights and days away shaded, midnights ruled, and where the day stands now. */
export function DaysGround({ scale, awake, work, now, top, height }: GroundProps) {
  const colours = useColours();
  const { x, from, to, midnights } = scale;
  const inSight = (spans: Spans): Spans => spans.filter((span) => span.to > from && span.from < to);
  return (
    <G>
      <Rect
        x={x(from)}
        y={top}
        width={x(to) - x(from)}
        height={height}
        fill={colours.line}
        opacity={0.55}
      />
      {inSight(awake).map((span) => (
        <Rect
          key={span.from}
          x={x(span.from)}
          y={top}
          width={x(span.to) - x(span.from)}
          height={height}
          fill={colours.paper}
          opacity={0.6}
        />
      ))}
      {inSight(work).map((span) => (
        <Rect
          key={span.from}
          x={x(span.from)}
          y={top}
          width={x(span.to) - x(span.from)}
          height={height}
          fill={colours.sheet}
        />
      ))}
      {midnights.slice(1).map((midnight) => (
        <Line
          key={midnight}
          x1={x(midnight)}
          x2={x(midnight)}
          y1={top}
          y2={top + height}
          stroke={colours.line}
        />
      ))}
      {now >= from && now <= to && (
        <Line
          x1={x(now)}
          x2={x(now)}
          y1={top - 4}
          y2={top + height + 4}
          stroke={colours.ink}
          strokeWidth={2}
        />
      )}
    </G>
  );
}
