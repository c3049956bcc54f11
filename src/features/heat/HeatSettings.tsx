import { useFormContext, useWatch } from 'react-hook-form';
import { lengthRule, roomTemperatureRule, timeRule } from '../../core/quantity/rules';
import { undersides } from '../../core/thermal/heatSchema';
import { solidKinds, type SolidKind } from '../../core/thermal/solids';
import type { HeatDraft, JobDraft } from '../../data/draft/jobDraft';
import { useDraftField } from '../../data/draft/useDraftField';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { TextField } from '../../ui/fields/TextField';
import { FoldPanel } from '../../ui/FoldPanel';
import { saySolid, undersideNames } from '../../words/heat';

/** The room, the form and the air: what the heat depends on besides the pour. */
export function HeatSettings() {
  const { setValue } = useFormContext<JobDraft>();
  const heat = useWatch<JobDraft, 'heat'>({ name: 'heat' }) ?? {};
  const change = (next: Partial<HeatDraft>): void => {
    const kept = Object.entries({ ...heat, ...next }).filter(([, value]) => value !== undefined);
    setValue('heat', kept.length === 0 ? undefined : (Object.fromEntries(kept) as HeatDraft));
  };
  const room = useDraftField('room.temperature');
  const pouredAt = useDraftField('heat.pouredAt');
  const resin = useDraftField('heat.resinTemperature');
  const bath = useDraftField('heat.bath');
  const fan = useDraftField('heat.fan');
  const plate = useDraftField('heat.plateTemperature');
  return (
    <>
      <FoldPanel title="Room and air" summary={summaryOf(heat, room.value)} testID="heat-room">
        <SwitchField
          label="The room changes over the day"
          value={heat.day !== undefined}
          onChange={(on) => change({ day: on ? { lowest: '16 °C', highest: '24 °C' } : undefined })}
        />
        {heat.day === undefined ? (
          <QuantityField label="Room" {...room} unit="°C" rule={roomTemperatureRule} />
        ) : (
          <DayFields />
        )}
        <FieldRow>
          <TextField label="First pour at, time of day" placeholder="18:00" {...pouredAt} />
          <QuantityField label="A fan for, after the pour" {...fan} unit="h" rule={timeRule} />
        </FieldRow>
        <FieldRow>
          <QuantityField
            label="Resin when poured, if not as the room"
            {...resin}
            unit="°C"
            rule={roomTemperatureRule}
          />
          <QuantityField
            label="Out of a warm bath at"
            {...bath}
            unit="°C"
            rule={roomTemperatureRule}
          />
        </FieldRow>
      </FoldPanel>
      <FoldPanel
        title="Form"
        summary={undersideNames[heat.underside ?? 'raised'].toLowerCase()}
        testID="heat-form"
      >
        <ChoiceField
          label="The form stands"
          value={heat.underside ?? 'raised'}
          choices={undersides.map((value) => ({ value, label: undersideNames[value] }))}
          onChange={(underside) => change({ underside })}
        />
        {heat.underside === 'plate' && (
          <QuantityField label="The plate is at" {...plate} unit="°C" rule={roomTemperatureRule} />
        )}
        <WallFields which="floor" label="Floor of the form" onChange={change} heat={heat} />
        <WallFields which="side" label="Its sides" onChange={change} heat={heat} />
      </FoldPanel>
    </>
  );
}

const summaryOf = ({ day, fan }: HeatDraft, room: string): string =>
  [
    day === undefined ? room : `${day.lowest} to ${day.highest}`,
    fan === undefined || fan === '' ? 'still air' : `a fan for ${fan}`,
  ].join(', ');

function DayFields() {
  const lowest = useDraftField('heat.day.lowest');
  const highest = useDraftField('heat.day.highest');
  const warmest = useDraftField('heat.day.warmestAt');
  return (
    <>
      <FieldRow>
        <QuantityField label="Coldest" {...lowest} unit="°C" rule={roomTemperatureRule} />
        <QuantityField label="Warmest" {...highest} unit="°C" rule={roomTemperatureRule} />
      </FieldRow>
      <TextField label="Warmest at, time of day" placeholder="15:00" {...warmest} />
    </>
  );
}

type WallChoice = SolidKind | 'usual';

function WallFields({
  which,
  label,
  heat,
  onChange,
}: {
  readonly which: 'floor' | 'side';
  readonly label: string;
  readonly heat: HeatDraft;
  readonly onChange: (next: Partial<HeatDraft>) => void;
}) {
  const thickness = useDraftField(`heat.${which}.thickness`);
  const wall = heat[which];
  return (
    <>
      <ChoiceField<WallChoice>
        label={label}
        value={wall?.material ?? 'usual'}
        choices={[
          { value: 'usual', label: 'As usual' },
          ...solidKinds.map((value) => ({ value, label: saySolid[value] })),
        ]}
        onChange={(material) =>
          onChange({
            [which]:
              material === 'usual'
                ? undefined
                : { material, thickness: wall?.thickness ?? '18 mm' },
          })
        }
      />
      {wall !== undefined && (
        <QuantityField label={`${label}: how thick`} {...thickness} unit="mm" rule={lengthRule} />
      )}
    </>
  );
}
