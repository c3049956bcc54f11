import { useMemo, useState } from 'react';
import { StyleSheet, View } from 'react-native';
import Svg, { Path } from 'react-native-svg';
import { orientationOf } from '../../../core/measure/files/orientationOf';
import type { MeshPreview } from '../../../core/measure/mesh/preview';
import { shadedFaces } from '../../../core/measure/mesh/shadedFaces';
import { InputError } from '../../../core/problem';
import type { PartDraft } from '../../../data/draft/partDraft';
import { SignButton } from '../../../ui/SignButton';
import { Words } from '../../../ui/text/Words';
import { useColours } from '../../../ui/theme/theme';
import { space } from '../../../ui/theme/tokens';

const heightDp = 192;
/** Shades from the dark side to the light one. */
const shades = 12;
const stepDeg = 30;

interface MeshViewProps {
  readonly preview: MeshPreview;
  readonly up: PartDraft['up'];
  readonly turn: PartDraft['turn'];
  readonly name: string;
}

/** The body as it will stand, shaded, seen from a little above; it can be walked round. */
export function MeshView({ preview, up, turn, name }: MeshViewProps) {
  const colours = useColours();
  const [width, setWidth] = useState(0);
  const [aroundDeg, setAroundDeg] = useState(30);
  const faces = useMemo(() => {
    try {
      const stands = orientationOf({ up, turn: turn as never });
      return shadedFaces(preview, stands, { aroundDeg, width, height: heightDp, shades });
    } catch (error) {
      // A turn that is still being typed leaves the picture as it would be without it.
      if (!(error instanceof InputError)) throw error;
      return shadedFaces(preview, orientationOf({ up, turn: undefined }), {
        aroundDeg,
        width,
        height: heightDp,
        shades,
      });
    }
  }, [preview, up, turn, aroundDeg, width]);
  return (
    <View onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}>
      {width > 0 && (
        <View role="img" aria-label={`The body of ${name}`} style={styles.picture}>
          <Svg width={width} height={heightDp} aria-hidden>
            {faces.map(({ path, shade }, index) => (
              <Path
                key={index}
                d={path}
                fill={colours.resinDeep}
                fillOpacity={0.95 - (0.75 * shade) / (shades - 1)}
              />
            ))}
          </Svg>
        </View>
      )}
      <View style={styles.row}>
        <SignButton
          icon="rotate-left"
          label="Walk round to the left"
          onPress={() => setAroundDeg(aroundDeg - stepDeg)}
        />
        <Words size="small" colour="inkSoft">
          {name}
        </Words>
        <SignButton
          icon="rotate-right"
          label="Walk round to the right"
          onPress={() => setAroundDeg(aroundDeg + stepDeg)}
        />
      </View>
    </View>
  );
}

const styles = StyleSheet.create({
  picture: { height: heightDp },
  row: {
    flexDirection: 'row',
    alignItems: 'center',
    justifyContent: 'space-between',
    gap: space.small,
  },
});
