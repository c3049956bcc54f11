import { G, Line, Text } from 'react-native-svg';
import { sayHeightOnly } from '../../words/figures';
import { font } from '../theme/fontNames';
import type { Colours } from '../theme/tokens';
import type { PlacedCavity } from './sectionLayout';

interface DepthRuleProps {
  readonly cavity: PlacedCavity;
  /** Heights that get a figure, mm. */
  readonly heightsMm: readonly number[];
  readonly colours: Colours;
  readonly x: number;
}

/** Figures closer than this run into each other. */
const figureDp = 15;

/** The rule at the left of a single cavity: where each layer ends over the floor. */
export function DepthRule({ cavity, heightsMm, colours, x }: DepthRuleProps) {
  const y = (heightMm: number): number => cavity.floorY - heightMm * cavity.upPerMm;
  const top = y(cavity.depthMm);
  const labelled = heightsMm.filter((heightMm, index) => {
    if (index === heightsMm.length - 1) return true;
    const clearOfTop = y(heightMm) - top > figureDp;
    return clearOfTop && (index === 0 || cavity.floorY - y(heightMm) > figureDp);
  });
  return (
    <G>
      <Line x1={x} x2={x} y1={top} y2={cavity.floorY} stroke={colours.ink} strokeWidth={1} />
      {heightsMm.map((heightMm) => (
        <Line
          key={heightMm}
          x1={x - 5}
          x2={x + 5}
          y1={y(heightMm)}
          y2={y(heightMm)}
          stroke={colours.ink}
          strokeWidth={1}
        />
      ))}
      {labelled.map((heightMm) => (
        <Text
          key={heightMm}
          x={x - 9}
          y={y(heightMm) + 4.5}
          fontSize={13}
          fontFamily={font.text}
          fill={colours.ink}
          textAnchor="end"
        >
          {sayHeightOnly(heightMm)}
        </Text>
      ))}
    </G>
  );
}
