import { scaleLinear } from 'd3-scale';
import { useEffect, useMemo, useRef, useState, createElement } from 'react';
import { StyleSheet, View } from 'react-native';
import type { HeatForm } from '../../core/plan/heat/heatShapeOf';
import type { HeatCut } from '../../core/plan/heat/heatView';
import { Words } from '../text/Words';
import { useColours } from '../theme/theme';
import { heatRamp, space } from '../theme/tokens';

interface HeatCutDrawingProps {
  readonly cut: HeatCut;
  readonly frame: number;
  readonly kind: HeatForm['kind'];
  /** What is to be seen, for those who do not see it. */
  readonly told: string;
}

const greatestHeightDp = 180;
/** A slab goes on at both sides: it is drawn this many times as wide as deep. */
const slabWidth = 3;

/** A number of the ramp for a temperature. */
export const colourOfC = scaleLinear<string>([...heatRamp.atC], [...heatRamp.colours]).clamp(true);

const total = (sizes: Float64Array): number => sizes.reduce((sum, each) => sum + each, 0);

/**
 * The Section painted with its temperatures, to scale. A canvas, because a frame of a cross-section is a thousand cells and a
 * frame is drawn in a few milliseconds.
 */
export function HeatCutDrawing({ cut, frame, kind, told }: HeatCutDrawingProps) {
  const colours = useColours();
  const canvas = useRef<HTMLCanvasElement>(null);
  const [width, setWidth] = useState(0);
  const size = useMemo(() => {
    const highMm = total(cut.heightsMm);
    const wideMm = kind === 'slab' ? highMm * slabWidth : total(cut.widthsMm) * 2;
    const perMm = Math.min(width / wideMm, greatestHeightDp / highMm);
    return { wide: wideMm * perMm, high: highMm * perMm, perMm };
  }, [cut, kind, width]);
  useEffect(() => {
    const context = canvas.current?.getContext('2d');
    if (context === null || context === undefined || !(size.wide > 0)) return;
    const dots = window.devicePixelRatio;
    context.setTransform(dots, 0, 0, dots, 0, 0);
    context.clearRect(0, 0, size.wide, size.high);
    const middle = size.wide / 2;
    let floor = size.high;
    for (let row = 0; row < cut.rows; row += 1) {
      const high = cut.heightsMm[row]! * size.perMm;
      let outwards = 0;
      for (let column = 0; column < cut.columns; column += 1) {
        const wide = kind === 'slab' ? middle : cut.widthsMm[column]! * size.perMm;
        const here = cut.temperaturesC[(frame * cut.rows + row) * cut.columns + column]!;
        if (!Number.isNaN(here)) {
          context.fillStyle = colourOfC(here);
          // From one whole dot to another, so that no seam shows between two cells.
          const top = Math.floor(floor - high);
          const down = Math.ceil(floor) - top;
          for (const left of [middle + outwards, middle - outwards - wide]) {
            const from = Math.floor(left);
            context.fillRect(from, top, Math.ceil(left + wide) - from, down);
          }
        }
        outwards += wide;
      }
      floor -= high;
    }
    // The border of the resin: what is outside is form.
    const under = total(cut.heightsMm.subarray(0, cut.firstResinRow)) * size.perMm;
    const half =
      kind === 'slab' ? middle : total(cut.widthsMm.subarray(0, cut.resinColumns)) * size.perMm;
    context.strokeStyle = colours.ink;
    context.lineWidth = 1.5;
    context.strokeRect(middle - half, 0.75, 2 * half, size.high - under - 0.75);
  }, [cut, frame, kind, size, colours]);
  const dots = typeof window === 'undefined' ? 1 : window.devicePixelRatio;
  return (
    <View style={styles.stack}>
      <View
        role="img"
        aria-label={`Section with its temperatures, ${told}`}
        onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
        style={[styles.drawing, { height: size.high }]}
      >
        {createElement('canvas', {
          ref: canvas,
          width: Math.max(1, Math.round(size.wide * dots)),
          height: Math.max(1, Math.round(size.high * dots)),
          style: { width: size.wide, height: size.high },
        })}
      </View>
      <View style={styles.legend} aria-hidden>
        {heatRamp.atC.map((celsius, at) => (
          <View key={celsius} style={styles.stop}>
            <View style={[styles.patch, { backgroundColor: heatRamp.colours[at] }]} />
            <Words size="small" colour="inkSoft">
              {celsius}
            </Words>
          </View>
        ))}
        <Words size="small" colour="inkSoft">
          °C
        </Words>
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  stack: { gap: space.small },
  drawing: { alignItems: 'center' },
  legend: { flexDirection: 'row', flexWrap: 'wrap', justifyContent: 'center', gap: space.small },
  stop: { flexDirection: 'row', alignItems: 'center', gap: space.tight },
  patch: { width: 14, height: 14 },
});
