import { useFormContext, useWatch } from 'react-hook-form';
import {
  densityRule,
  lengthRule,
  massRule,
  roomTemperatureRule,
  timeRule,
} from '../../../core/quantity/rules';
import { ChoiceField } from '../../../ui/fields/ChoiceField';
import { FieldRow } from '../../../ui/fields/FieldRow';
import { Words } from '../../../ui/text/Words';
import { CardQuantity, CardText } from './CardFields';
import type { ResinDraft } from './resinDraft';

/** Where a hardener stands in the form: the card itself, or one of its others. */
export type HardenerPlace = '' | `hardeners.${number}.`;

/** The ratio that rules, and the other one where the sheet gives both. */
export function RatioFields({ at }: { readonly at: HardenerPlace }) {
  const { control, setValue } = useFormContext<ResinDraft>();
  const by = useWatch({ control, name: `${at}ratio.by` });
  const other = by === 'volume' ? 'ratioByWeight' : 'ratioByVolume';
  return (
    <>
      <ChoiceField
        label="The maker states it by"
        value={by}
        choices={[
          { value: 'volume', label: 'Volume' },
          { value: 'weight', label: 'Weight' },
        ]}
        onChange={(value) => setValue(`${at}ratio.by`, value)}
      />
      <FieldRow>
        <CardText path={`${at}ratio.a`} label="Parts of A (resin)" numeric />
        <CardText path={`${at}ratio.b`} label="Parts of B (hardener)" numeric />
      </FieldRow>
      <Words size="small" colour="inkSoft">
        If the sheet also gives it {by === 'volume' ? 'by weight' : 'by volume'}, enter that as a
        check:
      </Words>
      <FieldRow>
        <CardText
          path={`${at}${other}.a`}
          label={by === 'volume' ? 'A by weight' : 'A by volume'}
          numeric
        />
        <CardText
          path={`${at}${other}.b`}
          label={by === 'volume' ? 'B by weight' : 'B by volume'}
          numeric
        />
      </FieldRow>
    </>
  );
}

export function DepthFields({ at }: { readonly at: HardenerPlace }) {
  return (
    <FieldRow>
      <CardQuantity
        path={`${at}depth.least`}
        label="Least depth of a pour"
        unit="mm"
        rule={lengthRule}
      />
      <CardQuantity
        path={`${at}depth.greatest`}
        label="Greatest depth of a pour"
        unit="mm"
        rule={lengthRule}
      />
    </FieldRow>
  );
}

export function PotLifeFields({ at }: { readonly at: HardenerPlace }) {
  return (
    <FieldRow>
      <CardQuantity path={`${at}potLife.time`} label="Pot life" unit="min" rule={timeRule} />
      <CardQuantity
        path={`${at}potLife.mass`}
        label="Quoted for a mass of"
        unit="g"
        rule={massRule}
      />
      <CardQuantity
        path={`${at}potLife.temperature`}
        label="Quoted at"
        unit="°C"
        rule={roomTemperatureRule}
      />
    </FieldRow>
  );
}

const timed = [
  ['tackFree', 'Tack-free after'],
  ['demould', 'Demould after'],
  ['fullCure', 'Fully cured after'],
] as const;

/** Times of the label, each with its temperature. */
export function TimeFields({ at }: { readonly at: HardenerPlace }) {
  return (
    <>
      <FieldRow>
        <CardQuantity
          path={`${at}times.recoat.from`}
          label="Recoat from"
          unit="h"
          rule={timeRule}
        />
        <CardQuantity path={`${at}times.recoat.to`} label="Recoat to" unit="h" rule={timeRule} />
        <CardQuantity
          path={`${at}times.recoat.temperature`}
          label="Recoat window at"
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
      {timed.map(([key, label]) => (
        <FieldRow key={key}>
          <CardQuantity path={`${at}times.${key}.time`} label={label} unit="h" rule={timeRule} />
          <CardQuantity
            path={`${at}times.${key}.temperature`}
            label={`${label.replace(/ after$/, '')} at`}
            unit="°C"
            rule={roomTemperatureRule}
          />
        </FieldRow>
      ))}
    </>
  );
}

/** Everything that another hardener may say of its own; what it leaves empty is as on the card. */
export function HardenerFields({ at }: { readonly at: `hardeners.${number}.` }) {
  return (
    <>
      <CardText path={`${at}name`} label="Name of this hardener" placeholder="Fast" />
      <RatioFields at={at} />
      <CardQuantity path={`${at}densityB`} label="Its density" unit="g/ml" rule={densityRule} />
      <PotLifeFields at={at} />
      <DepthFields at={at} />
      <TimeFields at={at} />
    </>
  );
}
