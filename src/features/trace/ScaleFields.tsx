import type { TypedScale } from '../../core/measure/parts/outlineSchemas';
import { lengthRule } from '../../core/quantity/rules';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { Words } from '../../ui/text/Words';
import { scalePoints, scalePointsNeeded } from './scalePoints';

/** How the picture gets its scale. */
export function ScaleFields({
  scale,
  onGrid,
  onChange,
}: {
  readonly scale: TypedScale;
  readonly onGrid: boolean;
  readonly onChange: (scale: TypedScale) => void;
}) {
  if (onGrid && scale.by === 'grid') {
    return (
      <QuantityField
        label="One square is"
        value={scale.square}
        onChange={(square) => onChange({ by: 'grid', square })}
        unit="mm"
        rule={lengthRule}
      />
    );
  }
  const missing = scalePointsNeeded(scale) - scalePoints(scale).length / 2;
  return (
    <>
      <ChoiceField
        label="Known"
        labelHidden
        value={scale.by}
        choices={[
          { value: 'length', label: 'A length' },
          { value: 'rectangle', label: 'A rectangle' },
        ]}
        onChange={(by) =>
          onChange(
            by === 'length'
              ? { by, ends: [], length: '' }
              : { by: 'rectangle', corners: [], width: '210 mm', height: '297 mm' },
          )
        }
      />
      <Words size="small" colour="inkSoft">
        {scale.by === 'rectangle'
          ? `Tap the four corners in order; the first side is the width. ${missing > 0 ? `${missing} to go.` : ''}`
          : `Tap both ends of a length you know, photographed squarely. ${missing > 0 ? `${missing} to go.` : ''}`}
      </Words>
      <FieldRow>
        {scale.by === 'length' && (
          <QuantityField
            label="Its length"
            value={scale.length}
            onChange={(length) => onChange({ ...scale, length })}
            unit="mm"
            rule={lengthRule}
          />
        )}
        {scale.by === 'rectangle' && (
          <QuantityField
            label="Width"
            value={scale.width}
            onChange={(width) => onChange({ ...scale, width })}
            unit="mm"
            rule={lengthRule}
          />
        )}
        {scale.by === 'rectangle' && (
          <QuantityField
            label="Height"
            value={scale.height}
            onChange={(height) => onChange({ ...scale, height })}
            unit="mm"
            rule={lengthRule}
          />
        )}
      </FieldRow>
    </>
  );
}
