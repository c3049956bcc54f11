import { memo } from 'react';
import { StyleSheet, View } from 'react-native';
import { isPlainShape } from '../../core/measure/shapes/shapeRules';
import type { MeasureDetail } from '../../core/measure/measured';
import type { PartShape } from '../../core/measure/parts/partSchema';
import { FieldRow } from '../../ui/fields/FieldRow';
import { space } from '../../ui/theme/tokens';
import type { DraftPlace } from './draftPlace';
import { ChannelEditor } from './editors/ChannelEditor';
import { CoatEditor } from './editors/CoatEditor';
import { DomeEditor } from './editors/DomeEditor';
import { DrawingEditor } from './editors/DrawingEditor';
import { FillEditor } from './editors/FillEditor';
import { MeshEditor } from './editors/MeshEditor';
import { MouldEditor } from './editors/MouldEditor';
import { PlainEditor } from './editors/PlainEditor';
import { RectanglesEditor } from './editors/RectanglesEditor';
import { TracedEditor } from './editors/TracedEditor';
import { PartQuantity } from './PartQuantity';

interface MethodEditorProps {
  readonly place: DraftPlace;
  readonly shape: PartShape;
  readonly detail: MeasureDetail | undefined;
}

/** What a method asks for. */
export const MethodEditor = memo(function MethodEditor({
  place,
  shape,
  detail,
}: MethodEditorProps) {
  const outline =
    detail?.kind === 'outline' ? detail : detail?.kind === 'coat' ? detail.outline : undefined;
  if (isPlainShape(shape)) return <PlainEditor key={shape} place={place} shape={shape} />;
  switch (shape) {
    case 'coat':
      return <CoatEditor place={place} outline={outline} />;
    case 'dome':
      return <DomeEditor place={place} detail={detail?.kind === 'dome' ? detail : undefined} />;
    case 'channel':
      return (
        <ChannelEditor
          place={place}
          detail={detail?.kind === 'channel' ? detail.channel : undefined}
        />
      );
    case 'mesh':
      return <MeshEditor place={place} detail={detail?.kind === 'mesh' ? detail : undefined} />;
    case 'traced':
      return (
        <View style={styles.stack}>
          <TracedEditor place={place} detail={outline} />
          <PartQuantity place={place} name="depth" />
        </View>
      );
    case 'drawing':
      return (
        <View style={styles.stack}>
          <DrawingEditor place={place} detail={outline} />
          <PartQuantity place={place} name="depth" />
        </View>
      );
    case 'rectangles':
      return <RectanglesEditor place={place} />;
    case 'wet-fill':
    case 'dry-fill':
      return <FillEditor place={place} shape={shape} />;
    case 'weighed':
      return (
        <FieldRow>
          <PartQuantity place={place} name="mass" />
          <PartQuantity place={place} name="density" />
          <PartQuantity place={place} name="depth" label="Depth (for layers)" />
        </FieldRow>
      );
    case 'displaced':
      return (
        <FieldRow>
          <PartQuantity place={place} name="before" />
          <PartQuantity place={place} name="after" />
          <PartQuantity place={place} name="depth" label="Depth (for layers)" />
        </FieldRow>
      );
    case 'mould':
      return <MouldEditor place={place} />;
    case 'amount':
      return <PartQuantity place={place} name="amount" />;
  }
});

const styles = StyleSheet.create({ stack: { gap: space.medium } });
