import { useState } from 'react';
import { View } from 'react-native';
import Svg, { Line, Path, Text as SvgText } from 'react-native-svg';
import { scaleLinear } from 'd3-scale';
import { line } from 'd3-shape';
import type { HeightVolume } from '../../core/measure/measureWhole';
import { Words } from '../text/Words';
import { font } from '../theme/fontNames';
import { useColours } from '../theme/theme';
import { heightsIn, sayHeightOnly, sayMl, sayMm } from '../../words/figures';

const heightDp = 180;
const margin = { left: 48, right: 12, top: 12, bottom: 28 };

/** V(h): height upwards, what lies under it across. */
export function HeightVolumeCurve({ curve }: { readonly curve: readonly HeightVolume[] }) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const top = curve.at(-1) ?? { heightMm: 0, ml: 0 };
  const x = scaleLinear([0, top.ml], [margin.left, width - margin.right]);
  const y = scaleLinear([0, top.heightMm], [heightDp - margin.bottom, margin.top]);
  const path = line<HeightVolume>(
    ({ ml }) => x(ml),
    ({ heightMm }) => y(heightMm),
  )([...curve]);
  const words = { fill: colours.ink, fontSize: 12, fontFamily: font.text };
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View
          role="img"
          aria-label={`Volume by height, up to ${sayMl(top.ml)} at ${sayMm(top.heightMm)}`}
          style={{ height: heightDp }}
        >
          <Svg width={width} height={heightDp} aria-hidden>
            {y.ticks(4).map((heightMm) => (
              <Line
                key={heightMm}
                x1={margin.left}
                x2={width - margin.right}
                y1={y(heightMm)}
                y2={y(heightMm)}
                stroke={colours.line}
              />
            ))}
            {y.ticks(4).map((heightMm) => (
              <SvgText
                key={heightMm}
                {...words}
                x={margin.left - 6}
                y={y(heightMm) + 4}
                textAnchor="end"
              >
                {sayHeightOnly(heightMm)}
              </SvgText>
            ))}
            {x.ticks(3).map((ml) => (
              <SvgText key={ml} {...words} x={x(ml)} y={heightDp - 8} textAnchor="middle">
                {ml}
              </SvgText>
            ))}
            <Path d={path ?? ''} stroke={colours.resinDeep} strokeWidth={2} fill="none" />
          </Svg>
        </View>
      )}
      <Words size="small" colour="inkSoft">
        {`Height in ${heightsIn()} upwards, ml under it across.`}
      </Words>
    </View>
  );
}
