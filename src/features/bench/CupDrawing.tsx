import { memo } from 'react';
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

const whole = { flexShrink: 0 } as const;
const across = (at: number): number => floorInset + (rimInset - floorInset) * (1 - at / height);

/** A cup as it fills towards its figure, as the page itself draws: it is drawn with every reading of a scale. */
export const CupDrawing = memo(function CupDrawing({
  belowG,
  aboveG,
  below,
  targetG,
}: CupDrawingProps) {
  const colours = useColours();
  const full = targetG * headroom;
  const y = (g: number): number => height - Math.min(1, Math.max(0, g / full)) * (height - 8);
  const body = (fromG: number, toG: number): string => {
    const [bottom, top] = [y(fromG), y(toG)];
    return `M${across(bottom)} ${bottom}L${across(top)} ${top}L${width - across(top)} ${top}L${width - across(bottom)} ${bottom}Z`;
  };
  const colourOf = (part: 'a' | 'b'): string => (part === 'a' ? colours.resin : colours.partB);
  const other = below === 'a' ? 'b' : 'a';
  const mark = y(targetG);
  return (
    <svg width={width} height={height + 4} aria-hidden style={whole}>
      {belowG > 0 && <path d={body(0, belowG)} fill={colourOf(below)} />}
      {aboveG > 0 && (
        <path d={body(belowG, belowG + aboveG)} fill={colourOf(belowG > 0 ? other : below)} />
      )}
      <path
        d={`M${across(2)} 2L${across(height)} ${height}L${width - across(height)} ${height}L${width - across(2)} 2`}
        fill="none"
        stroke={colours.ink}
        strokeWidth={2}
      />
      <path
        d={`M${across(mark) - 6} ${mark}H${width - across(mark) + 6}`}
        stroke={colours.ink}
        strokeWidth={2}
        strokeDasharray="7 5"
      />
    </svg>
  );
});
