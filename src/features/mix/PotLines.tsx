import { View } from 'react-native';
import { useWatch, type FieldPath } from 'react-hook-form';
import {
  altitudeRule,
  fillRule,
  gaugeRule,
  lengthRule,
  timeRule,
  vacuumRule,
  volumeRule,
  type QuantityRule,
} from '../../core/quantity/rules';
import type { Kind } from '../../core/quantity/kinds';
import type { JobDraft, PourDraft } from '../../data/draft/jobDraft';
import { useOpenJob } from '../../data/draft/openJob';
import { usePourField, usePourPart, usePourProblems } from '../../data/draft/pourInHand';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { CountField } from '../../ui/fields/CountField';
import { FieldRow } from '../../ui/fields/FieldRow';
import { Lines } from '../../ui/fields/Lines';
import { QuantityField } from '../../ui/fields/QuantityField';
import { SettingLine } from '../../ui/fields/SettingLine';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Words } from '../../ui/text/Words';
import { potCaution, sayPot, sayPressure, sayVacuum, sayVacuumShort } from '../../words/pressures';

/** What bubbles are taken out with: a vacuum before the pour, pressure after it. */
export function PotLines() {
  return (
    <Lines title="Vacuum and pressure" testID="pots">
      <VacuumLine />
      <PressureLine />
    </Lines>
  );
}

/** Whether something in it is wrong. */
const useWrong = (key: 'pressure' | 'vacuum'): boolean =>
  usePourProblems().some(({ field }) => field.startsWith(key));

interface PotFieldProps<K extends Kind> {
  readonly path: FieldPath<PourDraft>;
  readonly label: string;
  readonly unit: string;
  readonly rule: QuantityRule<K>;
  readonly placeholder?: string;
}

function PotField<K extends Kind>({ path, placeholder, ...shown }: PotFieldProps<K>) {
  const field = usePourField(path);
  return (
    <QuantityField {...field} {...shown} {...(placeholder === undefined ? {} : { placeholder })} />
  );
}

function PressureLine() {
  const [pressure, setPressure] = usePourPart('pressure');
  const { pour, outdated } = useOpenJob();
  const wrong = useWrong('pressure');
  const planned = outdated ? undefined : pour?.pressure;
  const isOn = pressure !== undefined;

  return (
    <SettingLine
      label="Pressure pot"
      value={isOn ? (planned === undefined ? pressure.gauge : sayPot(planned)) : 'none'}
      assumed={!isOn}
      wrong={wrong}
      testID="pressure"
    >
      <SwitchField
        label="Cast under pressure"
        value={isOn}
        onChange={(on) => setPressure(on ? { gauge: '40 psi' } : undefined)}
      />
      {isOn && (
        <>
          <FieldRow>
            <PotField path="pressure.gauge" label="On the dial" unit="bar" rule={gaugeRule} />
            <PotField
              path="pressure.rating"
              label="The pot is rated at"
              unit="bar"
              rule={gaugeRule}
              placeholder="on its plate"
            />
          </FieldRow>
          {planned !== undefined && (
            <View role="status" testID="pressure-told">
              {sayPressure(planned).map((line) => (
                <Words key={line}>{line}</Words>
              ))}
            </View>
          )}
          <FieldRow>
            <PotField path="pressure.hold" label="Held for" unit="min" rule={timeRule} />
            <PotField
              path="pressure.closing"
              label="Closing it takes"
              unit="min"
              rule={timeRule}
              placeholder="2 min"
            />
          </FieldRow>
          <Inside />
          <FieldRow>
            <AtOnce />
            <PotField
              path="pressure.altitude"
              label="Over the sea"
              unit="m"
              rule={altitudeRule}
              placeholder="0 m"
            />
          </FieldRow>
          <MouldMade />
          <Words size="small" colour="inkSoft">
            {potCaution}
          </Words>
        </>
      )}
    </SettingLine>
  );
}

/** A field that is there only while the pot is: a form keeps what it was once asked for. */
function AtOnce() {
  return <CountField label="Moulds at once" {...usePourField('pressure.count')} />;
}

/** Whether the job makes the mould: then its outside is known. */
const useMakesMould = (): boolean =>
  useWatch<JobDraft, 'pours', JobDraft, boolean>({
    name: 'pours',
    compute: (pours) => pours.some(({ mouldBox }) => mouldBox !== undefined),
  });

/** Inside of the pot and outside of the mould, where the job does not make that. */
function Inside() {
  const [pot, setPot] = usePourPart('pressure.pot');
  const [mould, setMould] = usePourPart('pressure.mould');
  const makesMould = useMakesMould();
  const isOn = pot !== undefined || mould !== undefined;
  return (
    <>
      <SwitchField
        label="Does the mould go in?"
        value={isOn}
        onChange={(on) => {
          setPot(on ? { diameter: '', height: '' } : undefined);
          setMould(on && !makesMould ? { length: '', width: '', height: '' } : undefined);
        }}
      />
      {isOn && (
        <FieldRow>
          <PotField
            path="pressure.pot.diameter"
            label="Pot, inside across"
            unit="mm"
            rule={lengthRule}
          />
          <PotField
            path="pressure.pot.height"
            label="Pot, inside high"
            unit="mm"
            rule={lengthRule}
          />
        </FieldRow>
      )}
      {isOn && mould === undefined && makesMould && (
        <Words size="small" colour="inkSoft">
          The mould is the one that this job makes, as large as its box.
        </Words>
      )}
      {mould !== undefined && <OutsideOfMould />}
    </>
  );
}

function OutsideOfMould() {
  return (
    <FieldRow>
      <PotField path="pressure.mould.length" label="Mould, long" unit="mm" rule={lengthRule} />
      <PotField path="pressure.mould.width" label="Mould, wide" unit="mm" rule={lengthRule} />
      <PotField path="pressure.mould.height" label="Mould, high" unit="mm" rule={lengthRule} />
    </FieldRow>
  );
}

type Made = 'unknown' | 'open' | 'pressed';

function MouldMade() {
  const [pressure, setPressure] = usePourPart('pressure');
  if (pressure === undefined) return null;
  const made: Made = pressure.mouldMade ?? 'unknown';
  return (
    <>
      <ChoiceField<Made>
        label="The mould itself was made"
        value={made}
        choices={[
          { value: 'unknown', label: 'Nobody knows' },
          { value: 'open', label: 'In the open' },
          { value: 'pressed', label: 'Under pressure' },
        ]}
        onChange={(next) =>
          setPressure({
            ...pressure,
            mouldMade: next === 'unknown' ? undefined : next,
            mouldGauge: next === 'pressed' ? pressure.gauge : undefined,
          })
        }
      />
      {made === 'pressed' && (
        <PotField path="pressure.mouldGauge" label="At" unit="bar" rule={gaugeRule} />
      )}
    </>
  );
}

function VacuumLine() {
  const [vacuum, setVacuum] = usePourPart('vacuum');
  const { pour, outdated } = useOpenJob();
  const planned = outdated ? undefined : pour?.vacuum;
  const isOn = vacuum !== undefined;
  const wrong = useWrong('vacuum');
  const by = vacuum?.leaves !== undefined ? 'leaves' : 'dial';
  return (
    <SettingLine
      label="Vacuum"
      value={
        isOn
          ? planned === undefined
            ? (vacuum.dial ?? vacuum.leaves ?? '')
            : sayVacuumShort(planned)
          : 'none'
      }
      assumed={!isOn}
      wrong={wrong}
      testID="vacuum"
    >
      <SwitchField
        label="Degas it before pouring"
        value={isOn}
        onChange={(on) => setVacuum(on ? { dial: '0.95 bar' } : undefined)}
      />
      {vacuum !== undefined && (
        <>
          <ChoiceField
            label="Said by"
            value={by}
            choices={[
              { value: 'dial', label: 'What the dial shows' },
              { value: 'leaves', label: 'What is left' },
            ]}
            onChange={(next) =>
              setVacuum({
                ...vacuum,
                dial: next === 'dial' ? '0.95 bar' : undefined,
                leaves: next === 'leaves' ? '50 mbar' : undefined,
              })
            }
          />
          <FieldRow>
            {by === 'dial' ? (
              <PotField path="vacuum.dial" label="Under the air" unit="bar" rule={vacuumRule} />
            ) : (
              <PotField path="vacuum.leaves" label="Left in it" unit="mbar" rule={vacuumRule} />
            )}
            <PotField
              path="vacuum.altitude"
              label="Over the sea"
              unit="m"
              rule={altitudeRule}
              placeholder="0 m"
            />
          </FieldRow>
          {planned !== undefined && (
            <View role="status" testID="vacuum-told">
              {sayVacuum(planned).map((line) => (
                <Words key={line}>{line}</Words>
              ))}
            </View>
          )}
          <FieldRow>
            <PotField
              path="vacuum.pot"
              label="The pot holds"
              unit="ml"
              rule={volumeRule}
              placeholder="not given"
            />
            <PotField
              path="vacuum.air"
              label="Air in the mix"
              unit="%"
              rule={fillRule}
              placeholder="as usual"
            />
          </FieldRow>
        </>
      )}
    </SettingLine>
  );
}
