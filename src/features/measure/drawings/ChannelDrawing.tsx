import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Circle, Line, Path } from 'react-native-svg';
import { drawnStations } from '../../../core/measure/channel/drawnStations';
import type { StationDraft } from '../../../data/draft/partDraft';
import { Words } from '../../../ui/text/Words';
import { useColours } from '../../../ui/theme/theme';

const heightDp = 120;
const marginDp = 14;

/** The channel seen from above, growing as its stations are typed; what is not right yet is left out. */
export function ChannelDrawing({ stations }: { readonly stations: readonly StationDraft[] }) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const placed = drawnStations(stations);
  const first = placed[0];
  const last = placed.at(-1);
  if (first === undefined || last === undefined || placed.length < 2) {
    return (
      <Words size="small" colour="inkSoft">
        Measure straight across at both ends, and wherever the width changes.
      </Words>
    );
  }
  const widest = Math.max(...placed.map(({ widthMm }) => widthMm));
  const lengthMm = last.atMm - first.atMm;
  const across = (width - 2 * marginDp) / lengthMm;
  // A long channel is drawn wider than to scale, or nothing of its edge could be seen.
  const up = Math.min((heightDp - 2 * marginDp) / widest, Math.max(across, 60 / widest));
  const x = (atMm: number): number => marginDp + (atMm - first.atMm) * across;
  const y = (widthMm: number, side: 1 | -1): number => heightDp / 2 + (side * widthMm * up) / 2;
  const edge = (side: 1 | -1) =>
    placed.map(({ atMm, widthMm }) => `${x(atMm)} ${y(widthMm, side)}`);
  const outline = `M${edge(-1).join('L')}L${edge(1).reverse().join('L')}Z`;
  const stretch = up / across;
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View
          role="img"
          aria-label={`The channel from above, ${placed.length} stations`}
          style={{ height: heightDp }}
        >
          <Svg width={width} height={heightDp} aria-hidden>
            <Path d={outline} fill={colours.resin} stroke={colours.ink} strokeWidth={1.4} />
            {placed.map(({ atMm, widthMm }) => (
              <Line
                key={atMm}
                x1={x(atMm)}
                x2={x(atMm)}
                y1={y(widthMm, -1)}
                y2={y(widthMm, 1)}
                stroke={colours.resinDeep}
                strokeDasharray="3 3"
              />
            ))}
            {placed.flatMap(({ atMm, widthMm }) =>
              ([1, -1] as const).map((side) => (
                <Circle
                  key={`${atMm}/${side}`}
                  cx={x(atMm)}
                  cy={y(widthMm, side)}
                  r={3.5}
                  fill={colours.ink}
                />
              )),
            )}
          </Svg>
        </View>
      )}
      <Words size="small" colour="inkSoft">
        From above{stretch > 1.05 ? `; width drawn × ${stretch.toFixed(1)}` : ', to scale'}
      </Words>
    </View>
  );
}
