import { betweenWays, fillWays } from '../../core/production/castingSchema';
import { lengthRule } from '../../core/quantity/rules';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart } from '../../data/draft/pourInHand';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { Lines } from '../../ui/fields/Lines';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Words } from '../../ui/text/Words';
import { sayHeight } from '../../words/figures';
import { betweenNames, fillNames, sayOut } from '../../words/run';

/** How each casting is poured, what is done between two, and when one may be tried. */
export function CastingLines() {
  const { pour, outdated } = useOpenJob();
  const [casting, setCasting] = usePourPart('casting');
  const planned = pour?.casting;
  const out = planned === undefined || outdated ? undefined : sayOut(planned);
  const thickMm = planned?.thin?.thicknessMm;
  return (
    <Lines title="Each casting" testID="casting">
      <ChoiceLine
        label="Filled"
        value={casting?.fill ?? 'half'}
        assumed={casting?.fill === undefined}
        choices={fillWays.map((value) => ({ value, label: fillNames[value] }))}
        onChange={(fill) => setCasting({ ...casting, fill })}
      />
      <ChoiceLine
        label="Between two"
        value={casting?.between ?? planned?.between ?? 'release'}
        assumed={casting?.between === undefined}
        choices={betweenWays.map((value) => ({ value, label: betweenNames[value] }))}
        onChange={(between) => setCasting({ ...casting, between })}
      />
      <SettingLine
        label="Thick, on the whole"
        value={casting?.thickness ?? (thickMm === undefined ? 'not known' : sayHeight(thickMm))}
        assumed={casting?.thickness === undefined}
      >
        <SwitchField
          label="Say how thick"
          value={casting?.thickness !== undefined}
          onChange={(on) => setCasting({ ...casting, thickness: on ? '10 mm' : undefined })}
        />
        {casting?.thickness !== undefined && <Thickness />}
      </SettingLine>
      {out !== undefined && <Words role="status">{out}</Words>}
    </Lines>
  );
}

/** A field that is there only while it is said: a form keeps what it was once asked for. */
function Thickness() {
  return (
    <QuantityField
      label="Thickness"
      {...usePourField('casting.thickness')}
      unit="mm"
      rule={lengthRule}
    />
  );
}
