import { View } from 'react-native';
import { castWays, mouldHalves } from '../../core/mouldBox/mouldBoxSchema';
import type { MouldSection } from '../../core/plan/familySections';
import { lengthRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { RangeField } from '../../ui/fields/RangeField';
import { Words } from '../../ui/text/Words';
import { sayHeight } from '../../words/figures';
import { castWayNames, halvesNames, sayParting, sayZigzag } from '../../words/mould';

/** One part or two: where they part, what each takes, what holds them fast; or how a mould of one part is cut. */
export function MouldHalves({ mould }: { readonly mould: MouldSection | undefined }) {
  const { outdated } = useOpenJob();
  const [halves, setHalves] = usePourPart('mouldBox.halves');
  const [cast, setCast] = usePourPart('mouldBox.cast');
  const told = mould && !outdated ? (sayParting(mould) ?? sayZigzag(mould)) : undefined;
  return (
    <View testID="halves">
      <ChoiceField
        label="The mould is of"
        value={halves ?? 'one'}
        choices={mouldHalves.map((value) => ({ value, label: halvesNames[value] }))}
        onChange={setHalves}
      />
      {halves === 'two' && <Parting mould={mould} />}
      {told !== undefined && <Words role="status">{told}</Words>}
      <ChoiceLine
        label="Castings are poured"
        value={cast ?? (mould?.castTurned === false ? 'standing' : 'turned')}
        assumed={cast === undefined}
        choices={castWays.map((value) => ({ value, label: castWayNames[value] }))}
        onChange={setCast}
      />
    </View>
  );
}

/** The height that it parts at, moved along the piece. */
function Parting({ mould }: { readonly mould: MouldSection | undefined }) {
  const parting = usePourField('mouldBox.parting');
  const [, setParting] = usePourPart('mouldBox.parting');
  const { parting: planned, pieceHeightMm } = mould ?? {};
  return (
    <>
      {planned !== undefined && pieceHeightMm !== undefined && (
        <RangeField
          label="Where it parts"
          told={`${sayHeight(planned.heightMm)} up the piece`}
          value={planned.heightMm}
          greatest={pieceHeightMm}
          marks={planned.bestMm === undefined ? [] : [{ word: 'least holds', at: planned.bestMm }]}
          onChange={(mm) => {
            // At its very ends there is nothing to part.
            const within = Math.min(Math.max(mm, 0.5), pieceHeightMm - 0.5);
            setParting(`${Math.round(within * 10) / 10} mm`);
          }}
        />
      )}
      <FieldRow>
        <QuantityField label="Parts this far up" {...parting} unit="mm" rule={lengthRule} />
        <CountField label="Keys" {...usePourField('mouldBox.keys')} />
        <QuantityField
          label="Key, across"
          {...usePourField('mouldBox.key')}
          placeholder="8 mm"
          unit="mm"
          rule={lengthRule}
        />
      </FieldRow>
    </>
  );
}
