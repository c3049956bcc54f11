import { useMemo, useState } from 'react';
import { View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { boundsOf } from '../../../core/measure/outline/polygon';
import { useColours } from '../../../ui/theme/theme';

const greatestHeight = 260;
const margin = 6;

interface OutlinesViewProps {
  /** Flat lists x, y; y downwards. */
  readonly outlines: readonly (readonly number[])[];
  /** Those that count, by their number from 1. */
  readonly picked: readonly number[];
  readonly onPress: (number: number) => void;
}

/** The outlines of a drawing to scale; those that count are filled, by the even–odd rule. */
export function OutlinesView({ outlines, picked, onPress }: OutlinesViewProps) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const { paths, height } = useMemo(() => {
    const { minX, minY, maxX, maxY } = boundsOf(outlines);
    const [across, along] = [maxX - minX || 1, maxY - minY || 1];
    const scale = Math.min((width - 2 * margin) / across, (greatestHeight - 2 * margin) / along);
    const path = (points: readonly number[]): string => {
      const places: string[] = [];
      for (let at = 0; at < points.length; at += 2) {
        const x = margin + ((points[at] ?? 0) - minX) * scale;
        const y = margin + ((points[at + 1] ?? 0) - minY) * scale;
        places.push(`${x.toFixed(1)} ${y.toFixed(1)}`);
      }
      return `M${places.join('L')}Z`;
    };
    return { paths: outlines.map(path), height: along * scale + 2 * margin };
  }, [outlines, width]);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View role="img" aria-label={`${picked.length} of ${outlines.length} outlines`}>
          <Svg width={width} height={height}>
            <Path
              d={picked.map((number) => paths[number - 1] ?? '').join('')}
              fill={colours.resin}
              fillRule="evenodd"
            />
            {paths.map((path, index) => (
              <Path
                key={index}
                d={path}
                fill="transparent"
                stroke={picked.includes(index + 1) ? colours.ink : colours.inkSoft}
                strokeWidth={picked.includes(index + 1) ? 1.6 : 1}
                strokeDasharray={picked.includes(index + 1) ? undefined : '4 4'}
                onPress={() => onPress(index + 1)}
              />
            ))}
          </Svg>
        </View>
      )}
    </View>
  );
}
