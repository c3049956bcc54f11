import Svg, { Line, Path } from 'react-native-svg';
import { useColours } from '../../ui/theme/theme';

interface CupDrawingProps {
  /** In the cup now, g: what lies below, and what is on it. */
  readonly belowG: number;
  readonly aboveG: number;
  readonly below: 'a' | 'b';
  /** The figure that it is to come to, g. */
  readonly targetG: number;
}

const [width, height] = [120, 250];
/** The cup narrows towards its floor. */
const [rimInset, floorInset] = [6, 22];
/** So much of it is free over the figure. */
const headroom = 1.35;

/** A cup as it fills towards its figure. */
export function CupDrawing({ belowG, aboveG, below, targetG }: CupDrawingProps) {
  const colours = useColours();
  const full = targetG * headroom;
  const y = (g: number): number => height - Math.min(1, Math.max(0, g / full)) * (height - 8);
  const x = (at: number): number => floorInset + (rimInset - floorInset) * (1 - at / height);
  const body = (fromG: number, toG: number): string => {
    const [bottom, top] = [y(fromG), y(toG)];
    return `M${x(bottom)} ${bottom}L${x(top)} ${top}L${width - x(top)} ${top}L${width - x(bottom)} ${bottom}Z`;
  };
  const colourOf = (part: 'a' | 'b'): string => (part === 'a' ? colours.resin : colours.partB);
  const mark = y(targetG);
  return (
    <Svg width={width} height={height + 4} aria-hidden>
      {belowG > 0 && <Path d={body(0, belowG)} fill={colourOf(below)} />}
      {aboveG > 0 && (
        <Path
          d={body(belowG, belowG + aboveG)}
          fill={colourOf(belowG > 0 ? (below === 'a' ? 'b' : 'a') : below)}
        />
      )}
      <Path
        d={`M${x(2)} 2L${x(height)} ${height}L${width - x(height)} ${height}L${width - x(2)} 2`}
        fill="none"
        stroke={colours.ink}
        strokeWidth={2}
      />
      <Line
        x1={x(mark) - 6}
        x2={width - x(mark) + 6}
        y1={mark}
        y2={mark}
        stroke={colours.ink}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
    </Svg>
  );
}
