import { View } from 'react-native';
import { opacities } from '../../core/lamp/uvSchema';
import { exposureRule, irradianceRule, lengthRule, timeRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart, usePourProblems } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FieldRow } from '../../ui/fields/FieldRow';
import { Lines } from '../../ui/fields/Lines';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { WhyRow } from '../../ui/figures/WhyRow';
import { Words } from '../../ui/text/Words';
import { lampCaution, opacityNames, sayLamp, sayLampWhy, sayLit } from '../../words/lamp';

/** How each layer is set by the lamp; nothing for what sets by itself. */
export function LampPanel() {
  const { pour, outdated } = useOpenJob();
  const [uv, setUv] = usePourPart('uv');
  const lamp = pour?.lamp;
  if (lamp === undefined) return null;
  return (
    <View testID="lamp">
      {!outdated &&
        lamp.layers.map((layer) => {
          const [value, also] = sayLit(layer, lamp);
          return (
            <WhyRow
              key={layer.layer}
              label={`Layer ${layer.layer} under the lamp`}
              value={value}
              also={also}
              why={sayLampWhy(layer, lamp)}
            />
          );
        })}
      <Lines title="The lamp">
        <LampLine said={sayLamp(lamp)} />
        <ChoiceLine
          label="Light gets through it as"
          value={uv?.opacity ?? lamp.lamp.opacity}
          assumed={uv?.opacity === undefined}
          choices={opacities.map((value) => ({ value, label: opacityNames[value] }))}
          onChange={(opacity) => setUv({ ...uv, opacity })}
        />
        <CureLine />
      </Lines>
      <Words size="small" colour="inkSoft">
        {lampCaution}
      </Words>
    </View>
  );
}

type By = 'card' | 'intensity' | 'known';

/** The lamp by its intensity, by a time for a known depth, or by the card. */
function LampLine({ said }: { readonly said: string }) {
  const [uv, setUv] = usePourPart('uv');
  const wrong = useWrong(/^uv\.(intensity|known)/);
  const by: By =
    uv?.intensity !== undefined ? 'intensity' : uv?.knownTime !== undefined ? 'known' : 'card';
  return (
    <SettingLine label="This lamp" value={said} assumed={by === 'card'} wrong={wrong}>
      <ChoiceField<By>
        label="Known by"
        value={by}
        choices={[
          { value: 'card', label: 'The label’s time' },
          { value: 'intensity', label: 'Its intensity' },
          { value: 'known', label: 'A time for a depth' },
        ]}
        onChange={(next) =>
          setUv({
            ...uv,
            intensity: next === 'intensity' ? '5 mW/cm2' : undefined,
            knownTime: next === 'known' ? '60 s' : undefined,
            knownDepth: next === 'known' ? '3 mm' : undefined,
          })
        }
      />
      {by === 'intensity' && <Intensity />}
      {by === 'known' && <KnownTime />}
    </SettingLine>
  );
}

// Fields are asked for only while they are shown: a form keeps what it was once asked for.

function Intensity() {
  return (
    <QuantityField
      label="At the resin"
      {...usePourField('uv.intensity')}
      unit="mW/cm2"
      rule={irradianceRule}
    />
  );
}

function KnownTime() {
  return (
    <FieldRow>
      <QuantityField label="It takes" {...usePourField('uv.knownTime')} unit="s" rule={timeRule} />
      <QuantityField label="For" {...usePourField('uv.knownDepth')} unit="mm" rule={lengthRule} />
    </FieldRow>
  );
}

/** Whether something of the lamp is wrong. */
const useWrong = (fields: RegExp): boolean =>
  usePourProblems().some(({ field }) => fields.test(field));

/** What a sheet says of how the resin takes light. */
function CureLine() {
  const [uv] = usePourPart('uv');
  const wrong = useWrong(/^uv\.(penetration|critical)/);
  const isUnset = (uv?.penetration ?? '') === '' && (uv?.critical ?? '') === '';
  return (
    <SettingLine
      label="How the resin takes light"
      value={isUnset ? 'as usual for its family' : 'from its sheet'}
      assumed={isUnset}
      wrong={wrong}
    >
      <CureFields />
    </SettingLine>
  );
}

function CureFields() {
  return (
    <FieldRow>
      <QuantityField
        label="Depth of a third of the light"
        {...usePourField('uv.penetration')}
        placeholder="1.5 mm"
        unit="mm"
        rule={lengthRule}
      />
      <QuantityField
        label="Surface gels at"
        {...usePourField('uv.critical')}
        placeholder="15 mJ/cm2"
        unit="mJ/cm2"
        rule={exposureRule}
      />
    </FieldRow>
  );
}
