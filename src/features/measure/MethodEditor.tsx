import { StyleSheet, View } from 'react-native';
import { isPlainShape } from '../../core/measure/shapes/shapeRules';
import type { MeasureDetail } from '../../core/measure/measured';
import type { PartShape } from '../../core/measure/parts/partSchema';
import { FieldRow } from '../../ui/fields/FieldRow';
import { space } from '../../ui/theme/tokens';
import type { DraftPlace } from './draftPlace';
import { ChannelEditor } from './editors/ChannelEditor';
import { CoatEditor } from './editors/CoatEditor';
import { DrawingEditor } from './editors/DrawingEditor';
import { FillEditor } from './editors/FillEditor';
import { MeshEditor } from './editors/MeshEditor';
import { PlainEditor } from './editors/PlainEditor';
import { RectanglesEditor } from './editors/RectanglesEditor';
import { PartQuantity } from './PartQuantity';

interface MethodEditorProps {
  readonly place: DraftPlace;
  readonly shape: PartShape;
  readonly detail: MeasureDetail | undefined;
}

/** What a method asks for. */
export function MethodEditor({ place, shape, detail }: MethodEditorProps) {
  if (isPlainShape(shape)) return <PlainEditor key={shape} place={place} shape={shape} />;
  switch (shape) {
    case 'coat':
      return <CoatEditor place={place} />;
    case 'channel':
      return (
        <ChannelEditor
          place={place}
          detail={detail?.kind === 'channel' ? detail.channel : undefined}
        />
      );
    case 'mesh':
      return <MeshEditor place={place} detail={detail?.kind === 'mesh' ? detail : undefined} />;
    case 'drawing':
      return (
        <DrawingEditor place={place} detail={detail?.kind === 'outline' ? detail : undefined} />
      );
    case 'rectangles':
      return <RectanglesEditor place={place} />;
    case 'wet-fill':
    case 'dry-fill':
      return <FillEditor place={place} shape={shape} />;
    case 'weighed':
      return (
        <View style={styles.stack}>
          <FieldRow>
            <PartQuantity place={place} name="mass" />
            <PartQuantity place={place} name="density" />
            <PartQuantity place={place} name="depth" label="Depth (for layers)" />
          </FieldRow>
        </View>
      );
    case 'displaced':
      return (
        <FieldRow>
          <PartQuantity place={place} name="before" />
          <PartQuantity place={place} name="after" />
          <PartQuantity place={place} name="depth" label="Depth (for layers)" />
        </FieldRow>
      );
    default:
      return <PartQuantity place={place} name="amount" />;
  }
}

const styles = StyleSheet.create({ stack: { gap: space.medium } });
