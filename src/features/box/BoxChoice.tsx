import { View } from 'react-native';
import { boxKinds, type BoxKind } from '../../core/mouldBox/mouldBoxSchema';
import type { MouldSection } from '../../core/plan/familySections';
import { lengthRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { useCurrency } from '../../data/hooks/useKept';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { QuantityLine } from '../../ui/fields/QuantityLine';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { WhyRow } from '../../ui/figures/WhyRow';
import { boxKindNames, sayBoxOption } from '../../words/mould';
import { SideFields } from './SideFields';

/** The boxes of what is at hand, each with its rubber and what that costs. */
export function BoxChoice({ mould }: { readonly mould: MouldSection | undefined }) {
  const { outdated } = useOpenJob();
  const { currency } = useCurrency();
  const [made, setMade] = usePourPart('mouldBox.made');
  const tubes = usePourField('mouldBox.tubes');
  const brick = usePourField('mouldBox.brick');
  const [sizes, setSizes] = usePourPart('mouldBox.sizes');
  const [best] = mould?.options ?? [];
  return (
    <>
      <View>
        {mould !== undefined &&
          best !== undefined &&
          !outdated &&
          mould.options.map((option) => {
            const [label, value, also] = sayBoxOption(option, best, mould.heightMm, currency);
            return <WhyRow key={option.kind} label={label} value={value} also={also} />;
          })}
      </View>
      <Lines title="Box" testID="box-kinds">
        <ChoiceLine<BoxKind | 'least'>
          label="Made of"
          value={made ?? 'least'}
          assumed={made === undefined}
          choices={[
            {
              value: 'least',
              label: sizes === undefined ? 'What takes the least rubber' : boxKindNames.sizes,
            },
            ...boxKinds
              .filter((kind) => kind !== 'sizes' || sizes !== undefined)
              .map((value) => ({ value, label: boxKindNames[value] })),
          ]}
          onChange={(kind) => setMade(kind === 'least' ? undefined : kind)}
        />
        <SettingLine
          label="Tubes at hand, inside"
          value={tubes.value === '' ? 'none' : tubes.value}
          assumed={tubes.value === ''}
          wrong={tubes.problem !== undefined}
        >
          <TextField label="Tubes at hand, inside" placeholder="40, 50, 63 mm" {...tubes} />
        </SettingLine>
        <QuantityLine
          label="Bricks in a grid of"
          {...brick}
          unit="mm"
          rule={lengthRule}
          usual="none"
        />
        <SettingLine
          label="A box that is there"
          value={
            sizes === undefined ? 'none' : `${sizes.length} × ${sizes.width} × ${sizes.height}`
          }
          assumed={sizes === undefined}
        >
          <SwitchField
            label="It is poured in a box that is there"
            value={sizes !== undefined}
            onChange={(on) => {
              setSizes(on ? { length: '', width: '', height: '' } : undefined);
              if (made === 'sizes') setMade(undefined);
            }}
          />
          {sizes !== undefined && <SideFields of="sizes" label="inside" />}
        </SettingLine>
      </Lines>
    </>
  );
}
