import { usualBoard } from '../../core/thermal/solids';
import { memo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { humidityRule, lengthRule, roomTemperatureRule, timeRule } from '../../core/quantity/rules';
import { undersides } from '../../core/thermal/heatSchema';
import { seals, solidKinds, type Seal, type SolidKind } from '../../core/thermal/solids';
import type { HeatDraft, JobDraft } from '../../data/draft/jobDraft';
import { usePourIndex } from '../../data/draft/openJob';
import { usePourPart, useSeveralPours } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { SwitchField } from '../../ui/fields/SwitchField';
import { FoldPanel } from '../../ui/FoldPanel';
import { saySolid, sealNames, undersideNames } from '../../words/heat';
import { HeatClock, HeatQuantity } from './HeatFields';

/**
 * What heat depends on as it is typed, and a change of it; what is left out goes. It is the job's, or the pour's own as a
 * whole where that differs. The day of the job's room says nothing about another room.
 */
function useHeatDraft() {
  const { setValue } = useFormContext<JobDraft>();
  const ofJob = useWatch<JobDraft, 'heat'>({ name: 'heat' });
  const [own, setOwn] = usePourPart('heat');
  const index = usePourIndex();
  const [room] = usePourPart('room');
  const inForce = room === undefined ? ofJob : { ...ofJob, day: undefined };
  const heat: HeatDraft = own ?? inForce ?? {};
  const change = (next: Partial<HeatDraft>): void => {
    const kept = Object.fromEntries(
      Object.entries({ ...(own ?? ofJob), ...next }).filter(([, value]) => value !== undefined),
    ) as HeatDraft;
    if (own !== undefined) setOwn(kept);
    else setValue('heat', Object.keys(kept).length === 0 ? undefined : kept);
  };
  const at = own === undefined ? ('heat' as const) : (`pours.${index}.heat` as const);
  return { heat, own, at, change, setOwn };
}

/** The room, the form and the air: what the heat depends on besides the pour. Each panel hears of its own. */
export const HeatSettings = memo(function RoomAndForm() {
  return (
    <>
      <OwnSettings />
      <RoomPanel />
      <FormPanel />
    </>
  );
});

/** A pour may be cooled, covered or stand otherwise than the rest of its job. */
function OwnSettings() {
  const { heat, own, setOwn } = useHeatDraft();
  if (!useSeveralPours()) return null;
  const { day, ...others } = heat;
  return (
    <SwitchField
      label="Another air or form for this pour than for the job"
      value={own !== undefined}
      onChange={(on) => setOwn(on ? { ...others, ...(day && { day }) } : undefined)}
    />
  );
}

function RoomPanel() {
  const { heat, at, change } = useHeatDraft();
  const ofJob = useWatch<JobDraft, 'room'>({ name: 'room' });
  const pourIndex = usePourIndex();
  const [ownRoom] = usePourPart('room');
  const summary = summaryOf(heat, ownRoom ?? ofJob);
  return (
    <FoldPanel title="Room and air" summary={summary} testID="heat-room">
      {ownRoom !== undefined && heat.day === undefined ? (
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
            <DayFields at={at} />
          )}
        </>
      )}
      <FieldRow>
        <HeatClock path={`${at}.pouredAt`} label="First pour at, time of day" placeholder="18:00" />
        <HeatQuantity
          path={`${at}.fan`}
          label="A fan for, after the pour"
          unit="h"
          rule={timeRule}
        />
      </FieldRow>
      <FieldRow>
        <HeatQuantity
          path={ownRoom === undefined ? 'room.humidity' : `pours.${pourIndex}.room.humidity`}
          label="Humidity, by the hygrometer"
          unit="%"
          rule={humidityRule}
        />
        <HeatQuantity
          path={`${at}.cover`}
          label="A dust cover, so far above it"
          unit="mm"
          rule={lengthRule}
        />
      </FieldRow>
      <FieldRow>
        <HeatQuantity
          path={`${at}.resinTemperature`}
          label="Resin when poured, if not as the room"
          unit="°C"
          rule={roomTemperatureRule}
        />
        <HeatQuantity
          path={`${at}.bath`}
          label="Out of a warm bath at"
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
    </FoldPanel>
  );
}

function FormPanel() {
  const { heat, at, change } = useHeatDraft();
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
          path={`${at}.plateTemperature`}
          label="The plate is at"
          unit="°C"
          rule={roomTemperatureRule}
        />
      )}
      <WallFields which="floor" label="Floor of the form" onChange={change} heat={heat} at={at} />
      <WallFields which="side" label="Its sides" onChange={change} heat={heat} at={at} />
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

const summaryOf = (
  { day, fan, cover }: HeatDraft,
  { temperature, humidity }: JobDraft['room'],
): string =>
  [
    day === undefined ? temperature : `${day.lowest} to ${day.highest}`,
    ...(humidity ? [humidity] : []),
    fan ? `a fan for ${fan}` : 'still air',
    ...(cover ? [`a cover ${cover} up`] : []),
  ].join(', ');

function DayFields({ at }: { readonly at: HeatPlace }) {
  return (
    <>
      <FieldRow>
        <HeatQuantity
          path={`${at}.day.lowest`}
          label="Coldest"
          unit="°C"
          rule={roomTemperatureRule}
        />
        <HeatQuantity
          path={`${at}.day.highest`}
          label="Warmest"
          unit="°C"
          rule={roomTemperatureRule}
        />
      </FieldRow>
      <HeatClock path={`${at}.day.warmestAt`} label="Warmest at, time of day" placeholder="15:00" />
    </>
  );
}

/** Where the settings stand in the form: with the job, or with the pour that differs. */
type HeatPlace = 'heat' | `pours.${number}.heat`;

type WallChoice = SolidKind | 'usual';

function WallFields({
  which,
  label,
  heat,
  at,
  onChange,
}: {
  readonly which: 'floor' | 'side';
  readonly label: string;
  readonly heat: HeatDraft;
  readonly at: HeatPlace;
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
          path={`${at}.${which}.thickness`}
          label={`${label}: how thick`}
          unit="mm"
          rule={lengthRule}
        />
      )}
    </>
  );
}
