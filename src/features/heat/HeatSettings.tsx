import { usualBoard } from '../../core/thermal/solids';
import { memo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { lengthRule, roomTemperatureRule, timeRule } from '../../core/quantity/rules';
import { undersides } from '../../core/thermal/heatSchema';
import { seals, solidKinds, type Seal, type SolidKind } from '../../core/thermal/solids';
import type { HeatDraft, JobDraft } from '../../data/draft/jobDraft';
import { usePourIndex } from '../../data/draft/openJob';
import { usePourPart } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { SwitchField } from '../../ui/fields/SwitchField';
import { FoldPanel } from '../../ui/FoldPanel';
import { saySolid, sealNames, undersideNames } from '../../words/heat';
import { HeatClock, HeatQuantity } from './HeatFields';

/** What heat depends on as it is typed, and a change of it; what is left out goes. */
function useHeatDraft() {
  const { setValue } = useFormContext<JobDraft>();
  const heat = useWatch<JobDraft, 'heat'>({ name: 'heat' }) ?? {};
  const change = (next: Partial<HeatDraft>): void => {
    const kept = Object.entries({ ...heat, ...next }).filter(([, value]) => value !== undefined);
    setValue('heat', kept.length === 0 ? undefined : (Object.fromEntries(kept) as HeatDraft));
  };
  return { heat, change };
}

/** The room, the form and the air: what the heat depends on besides the pour. Each panel hears of its own. */
export const HeatSettings = memo(function RoomAndForm() {
  return (
    <>
      <RoomPanel />
      <FormPanel />
    </>
  );
});

function RoomPanel() {
  const { heat, change } = useHeatDraft();
  const ofJob = useWatch<JobDraft, 'room.temperature'>({ name: 'room.temperature' });
  const pourIndex = usePourIndex();
  const [ownRoom] = usePourPart('room');
  // A pour in another room has no day of the job's room: the fields are those that count for it.
  const summary =
    ownRoom === undefined
      ? summaryOf(heat, ofJob)
      : summaryOf({ ...heat, day: undefined }, ownRoom.temperature);
  return (
    <FoldPanel title="Room and air" summary={summary} testID="heat-room">
      {ownRoom !== undefined ? (
        <HeatQuantity
          path={`pours.${pourIndex}.room.temperature`}
          label="Room of this pour"
          unit="°C"
          rule={roomTemperatureRule}
        />
      ) : (
        <>
          <SwitchField
            label="The room changes over the day"
            value={heat.day !== undefined}
            onChange={(on) =>
              change({ day: on ? { lowest: '16 °C', highest: '24 °C' } : undefined })
            }
          />
          {heat.day === undefined ? (
            <HeatQuantity
              path="room.temperature"
              label="Room"
              unit="°C"
              rule={roomTemperatureRule}
            />
          ) : (
            <DayFields />
          )}
        </>
      )}
      <FieldRow>
        <HeatClock path="heat.pouredAt" label="First pour at, time of day" placeholder="18:00" />
        <HeatQuantity path="heat.fan" label="A fan for, after the pour" unit="h" rule={timeRule} />
      </FieldRow>
      <FieldRow>
        <HeatQuantity
          path="heat.resinTemperature"
          label="Resin when poured, if not as the room"
          unit="°C"
          rule={roomTemperatureRule}
        />
        <HeatQuantity
          path="heat.bath"
          label="Out of a warm bath at"
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
    </FoldPanel>
  );
}

function FormPanel() {
  const { heat, change } = useHeatDraft();
  return (
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
        <HeatQuantity
          path="heat.plateTemperature"
          label="The plate is at"
          unit="°C"
          rule={roomTemperatureRule}
        />
      )}
      <WallFields which="floor" label="Floor of the form" onChange={change} heat={heat} />
      <WallFields which="side" label="Its sides" onChange={change} heat={heat} />
      <ChoiceField<Seal | 'unsaid'>
        label="Its joints are sealed with"
        value={heat.seal ?? 'unsaid'}
        choices={[
          { value: 'unsaid', label: 'Nothing that softens' },
          ...seals.map((value) => ({ value, label: sealNames[value] })),
        ]}
        onChange={(seal) => change({ seal: seal === 'unsaid' ? undefined : seal })}
      />
    </FoldPanel>
  );
}

const summaryOf = ({ day, fan }: HeatDraft, room: string): string =>
  [
    day === undefined ? room : `${day.lowest} to ${day.highest}`,
    fan === undefined || fan === '' ? 'still air' : `a fan for ${fan}`,
  ].join(', ');

function DayFields() {
  return (
    <>
      <FieldRow>
        <HeatQuantity path="heat.day.lowest" label="Coldest" unit="°C" rule={roomTemperatureRule} />
        <HeatQuantity
          path="heat.day.highest"
          label="Warmest"
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
      <HeatClock path="heat.day.warmestAt" label="Warmest at, time of day" placeholder="15:00" />
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
                : { material, thickness: wall?.thickness ?? `${usualBoard.thicknessM * 1000} mm` },
          })
        }
      />
      {wall !== undefined && (
        <HeatQuantity
          path={`heat.${which}.thickness`}
          label={`${label}: how thick`}
          unit="mm"
          rule={lengthRule}
        />
      )}
    </>
  );
}
