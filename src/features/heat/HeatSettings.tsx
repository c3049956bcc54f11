import { memo } from 'react';
import { useFormContext, useWatch } from 'react-hook-form';
import { humidityRule, lengthRule, roomTemperatureRule, timeRule } from '../../core/quantity/rules';
import { undersides } from '../../core/thermal/heatSchema';
import {
  seals,
  solidKinds,
  usualBoard,
  type Seal,
  type SolidKind,
} from '../../core/thermal/solids';
import type { HeatDraft, JobDraft } from '../../data/draft/jobDraft';
import { usePourIndex } from '../../data/draft/openJob';
import { usePourPart, useSeveralPours } from '../../data/draft/pourInHand';
import { ChoiceLine } from '../../ui/fields/ChoiceLine';
import { FieldRow } from '../../ui/fields/FieldRow';
import { Lines } from '../../ui/fields/Lines';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { saySolid, sealNames, undersideNames } from '../../words/heat';
import { HeatClock, HeatClockLine, HeatLine, HeatQuantity } from './HeatFields';

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
  const room = ownRoom ?? ofJob;
  const hasOwn = ownRoom !== undefined && heat.day === undefined;
  return (
    <Lines title="Room and air" testID="heat-room">
      <SettingLine
        label={hasOwn ? 'Room of this pour' : 'Room'}
        value={
          heat.day === undefined
            ? (room.temperature ?? '')
            : `${heat.day.lowest} to ${heat.day.highest} over the day`
        }
      >
        {hasOwn ? (
          <HeatQuantity
            path={`pours.${pourIndex}.room.temperature`}
            label="Room of this pour"
            unit="°C"
            rule={roomTemperatureRule}
          />
        ) : (
          <>
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
            <SwitchField
              label="The room changes over the day"
              value={heat.day !== undefined}
              onChange={(on) =>
                change({ day: on ? { lowest: '16 °C', highest: '24 °C' } : undefined })
              }
            />
          </>
        )}
      </SettingLine>
      <HeatClockLine
        path={`${at}.pouredAt`}
        label="First pour at, time of day"
        placeholder="18:00"
      />
      <HeatLine
        path={`${at}.fan`}
        label="Fan on for (after the pour)"
        unit="h"
        rule={timeRule}
        usual="no fan"
      />
      <HeatLine
        path={ownRoom === undefined ? 'room.humidity' : `pours.${pourIndex}.room.humidity`}
        label="Humidity, by the hygrometer"
        unit="%"
        rule={humidityRule}
        usual="not given"
      />
      <HeatLine
        path={`${at}.cover`}
        label="A dust cover, so far above it"
        unit="mm"
        rule={lengthRule}
        usual="no cover"
      />
      <HeatLine
        path={`${at}.resinTemperature`}
        label="Resin temperature at pouring, if not the room’s"
        unit="°C"
        rule={roomTemperatureRule}
        usual="the room’s"
      />
      <HeatLine
        path={`${at}.bath`}
        label="Warmed in a water bath to"
        unit="°C"
        rule={roomTemperatureRule}
        usual="no bath"
      />
    </Lines>
  );
}

function FormPanel() {
  const { heat, at, change } = useHeatDraft();
  return (
    <Lines title="Form" testID="heat-form">
      <ChoiceLine
        label="The form stands"
        value={heat.underside ?? 'raised'}
        assumed={heat.underside === undefined}
        choices={undersides.map((value) => ({ value, label: undersideNames[value] }))}
        onChange={(underside) => change({ underside })}
      />
      {heat.underside === 'plate' && (
        <HeatLine
          path={`${at}.plateTemperature`}
          label="The plate is at"
          unit="°C"
          rule={roomTemperatureRule}
          usual="not given"
        />
      )}
      <WallFields which="floor" label="Floor of the form" onChange={change} heat={heat} at={at} />
      <WallFields which="side" label="Its sides" onChange={change} heat={heat} at={at} />
      <ChoiceLine<Seal | 'unsaid'>
        label="Its joints are sealed with"
        value={heat.seal ?? 'unsaid'}
        assumed={heat.seal === undefined}
        choices={[
          { value: 'unsaid', label: 'Nothing that softens' },
          ...seals.map((value) => ({ value, label: sealNames[value] })),
        ]}
        onChange={(seal) => change({ seal: seal === 'unsaid' ? undefined : seal })}
      />
    </Lines>
  );
}

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
      <ChoiceLine<WallChoice>
        label={label}
        value={wall?.material ?? 'usual'}
        assumed={wall === undefined}
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
        <HeatLine
          path={`${at}.${which}.thickness`}
          label={`${label}: how thick`}
          unit="mm"
          rule={lengthRule}
          usual="not given"
        />
      )}
    </>
  );
}
