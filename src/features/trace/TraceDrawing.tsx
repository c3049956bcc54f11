import { useMemo } from 'react';
import { StyleSheet } from 'react-native';
import Svg, { G, Image, Path } from 'react-native-svg';
import { useColours } from '../../ui/theme/theme';
import { closedPath, crossPath, gridPath, handlesPath } from './paths';
import { gridSquares, type Photo } from './picture';
import { scalePoints } from './scalePoints';
import type { Traced } from './traceHistory';
import type { View } from './useView';

interface TraceDrawingProps {
  readonly traced: Traced;
  readonly photo: Photo | undefined;
  readonly view: View;
  readonly room: { readonly width: number; readonly height: number };
}

/** The picture, the outlines on it with their points, and what the scale is taken from. */
export function TraceDrawing({ traced: { trace, scale }, photo, view, room }: TraceDrawingProps) {
  const colours = useColours();
  const { closed, opened } = useMemo(() => {
    const paths = trace.outlines.map((points, index) =>
      closedPath(points, view, index !== trace.open),
    );
    return {
      closed: paths.filter((_, index) => index !== trace.open).join(''),
      opened: trace.open === undefined ? '' : (paths[trace.open] ?? ''),
    };
  }, [trace.outlines, trace.open, view]);
  const handles = useMemo(() => handlesPath(trace, view, room), [trace, view, room]);
  const marks = scalePoints(scale);
  return (
    <Svg width={room.width} height={room.height} aria-hidden style={styles.drawing}>
      {photo === undefined ? (
        <Path d={gridPath(gridSquares, view)} stroke={colours.line} strokeWidth={1} />
      ) : (
        <G transform={`translate(${view.x} ${view.y}) scale(${view.scale})`}>
          <Image href={photo.picture} width={photo.widthPx} height={photo.heightPx} />
        </G>
      )}
      <Path
        d={closed}
        fill={colours.resin}
        fillOpacity={0.45}
        fillRule="evenodd"
        stroke={colours.paper}
        strokeWidth={4}
      />
      <Path d={opened} fill="none" stroke={colours.paper} strokeWidth={4} />
      <Path d={closed + opened} fill="none" stroke={colours.ink} strokeWidth={2} />
      <Path d={handles.points} fill={colours.paper} stroke={colours.ink} strokeWidth={1.5} />
      <Path d={handles.selected} fill={colours.partB} stroke={colours.paper} strokeWidth={2} />
      <Path
        d={closedPath(marks, view, marks.length === 8)}
        fill="none"
        stroke={colours.partB}
        strokeWidth={2}
        strokeDasharray="6 4"
      />
      <Path d={crossPath(marks, view)} fill="none" stroke={colours.paper} strokeWidth={5} />
      <Path d={crossPath(marks, view)} fill="none" stroke={colours.partB} strokeWidth={2.5} />
    </Svg>
  );
}

const styles = StyleSheet.create({ drawing: { pointerEvents: 'none' } });
