import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import { formatExamples, scaleFormats } from '../../core/instruments/scaleLines';
import { usePatchSettings } from '../../data/hooks/useKept';
import { useSettings } from '../../data/hooks/queries';
import { hasHid } from '../../data/instruments/hidScale';
import type { InstrumentKind } from '../../data/instruments/instrument';
import { hasSerial, usualSerial } from '../../data/instruments/serialInstrument';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';
import { driverNames, sayTrouble } from '../../words/instruments';
import { usualBenchSettings } from './alarm';
import { useBench } from './benchSource';
import { BenchSheet } from './BenchSheet';
import { BigButton } from './BigButton';
import {
  openInstrument,
  useInstrument,
  useInstrumentState,
  useOwnInstruments,
  type OwnInstrument,
} from './instruments';
import { useSimulator } from './useSimulator';

type Driver = OwnInstrument['driver'];

/** What measures at the bench, and how it makes itself heard. */
export function InstrumentsSheet({ onClose }: { readonly onClose: () => void }) {
  const { practice } = useBench();
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const bench = settings?.bench ?? usualBenchSettings;
  const set = (change: Partial<typeof bench>): void =>
    void patch({ into: { bench: { usual: usualBenchSettings, change } } });
  return (
    <BenchSheet title="Scale, thermometer, sound" close="Back to the pour" onClose={onClose}>
      {practice === undefined ? (
        <>
          <OneInstrument kind="scale" />
          <OneInstrument kind="thermometer" />
        </>
      ) : (
        <Words size="large">Practice goes by the simulated scale and thermometer.</Words>
      )}
      <View style={styles.list}>
        <Words heading={2} size="large" weight="bold">
          Heard and felt
        </Words>
        <SwitchField label="Sound" value={bench.sound} onChange={(sound) => set({ sound })} />
        <SwitchField
          label="Vibration"
          value={bench.vibration}
          onChange={(vibration) => set({ vibration })}
        />
        <SwitchField
          label="Say clocks and “stop”"
          value={bench.speech}
          onChange={(speech) => set({ speech })}
          note="With a voice of this device, where it has one."
        />
      </View>
    </BenchSheet>
  );
}

const titles: Readonly<Record<InstrumentKind, string>> = {
  scale: 'Scale',
  thermometer: 'Thermometer',
};

const rates = [1200, 2400, 4800, 9600, 19200, 38400, 57600, 115200];

function OneInstrument({ kind }: { readonly kind: InstrumentKind }) {
  const own = useOwnInstruments();
  const patch = usePatchSettings();
  const canSimulate = useSimulator();
  const instrument = useInstrument(kind);
  const { is, trouble, unread } = useInstrumentState(instrument);
  const [isOpen, setOpen] = useState(false);
  const here = own[kind];
  const keep = (next: OwnInstrument): void =>
    void patch({ into: { instruments: { usual: {}, change: { [kind]: next } } } });
  const choose = (driver: Driver): void => {
    const next = { ...here, driver };
    // At once, within the tap: a browser lets nobody be asked for a device later.
    openInstrument(kind, next, driver === 'serial' || driver === 'hid');
    keep(next);
  };
  const can: Readonly<Record<Driver, boolean>> = {
    hand: true,
    simulated: canSimulate,
    serial: hasSerial(),
    hid: kind === 'scale' && hasHid(),
  };
  const missing = (
    ['simulated', 'serial', ...(kind === 'scale' ? (['hid'] as const) : [])] as const
  )
    .filter((driver) => !can[driver])
    .map((driver) => driverNames[driver].toLowerCase());
  return (
    <View style={styles.list}>
      <Words heading={2} size="large" weight="bold">
        {titles[kind]}
      </Words>
      {(Object.keys(can) as Driver[])
        .filter((driver) => can[driver])
        .map((driver) => (
          <BigButton
            key={driver}
            kind={driver === here.driver ? 'main' : 'plain'}
            label={driverNames[driver]}
            spoken={`${titles[kind]}: ${driverNames[driver]}`}
            also={
              driver === here.driver && driver !== 'hand'
                ? is === 'live'
                  ? 'it tells'
                  : sayTrouble(kind, is, trouble)
                : undefined
            }
            onPress={() => choose(driver)}
          />
        ))}
      {kind === 'thermometer' && here.driver !== 'hand' && (
        <ChoiceField
          label="It is"
          value={here.sees ?? 'core'}
          choices={[
            { value: 'core', label: 'a probe' },
            { value: 'surface', label: 'infrared' },
          ]}
          onChange={(sees) => keep({ ...here, sees })}
        />
      )}
      {missing.length > 0 && (
        <Words colour="inkSoft">
          Not to be had here: {missing.join(', ')}. By hand always works.
        </Words>
      )}
      {here.driver === 'serial' && (
        <>
          {unread > 0 && <Words colour="inkSoft">{unread} lines were no readings.</Words>}
          <BigButton
            label={isOpen ? 'Close its settings' : 'Settings of its line'}
            onPress={() => setOpen(!isOpen)}
          />
          {isOpen && <SerialSettingsFields kind={kind} own={here} onChange={keep} />}
        </>
      )}
    </View>
  );
}

interface SerialFieldsProps {
  readonly kind: InstrumentKind;
  readonly own: OwnInstrument;
  readonly onChange: (next: OwnInstrument) => void;
}

/** As the manual of a scale says them; changed, the port is opened anew. */
function SerialSettingsFields({ kind, own, onChange }: SerialFieldsProps) {
  const set = (change: Partial<OwnInstrument>): void => onChange({ ...own, ...change });
  return (
    <View style={styles.list}>
      <ChoiceField
        label="Speed"
        value={String(own.baudRate ?? usualSerial.baudRate)}
        choices={rates.map((rate) => ({ value: String(rate), label: `${rate} Bd` }))}
        onChange={(rate) => set({ baudRate: Number(rate) })}
      />
      <ChoiceField
        label="Parity"
        value={own.parity ?? usualSerial.parity}
        choices={[
          { value: 'none', label: 'none' },
          { value: 'even', label: 'even' },
          { value: 'odd', label: 'odd' },
        ]}
        onChange={(parity) => set({ parity })}
      />
      <ChoiceField
        label="Data bits"
        value={String(own.dataBits ?? usualSerial.dataBits)}
        choices={[
          { value: '7', label: '7' },
          { value: '8', label: '8' },
        ]}
        onChange={(bits) => set({ dataBits: bits === '7' ? 7 : 8 })}
      />
      <ChoiceField
        label="Stop bits"
        value={String(own.stopBits ?? usualSerial.stopBits)}
        choices={[
          { value: '1', label: '1' },
          { value: '2', label: '2' },
        ]}
        onChange={(bits) => set({ stopBits: bits === '2' ? 2 : 1 })}
      />
      {kind === 'scale' && (
        <ChoiceField
          label="What it writes"
          value={own.format ?? 'found'}
          choices={[
            { value: 'found', label: 'find out' },
            ...scaleFormats.map((format) => ({ value: format, label: formatExamples[format] })),
          ]}
          onChange={(format) =>
            set({ format: format === 'found' ? undefined : (format as OwnInstrument['format']) })
          }
        />
      )}
      <ChoiceField
        label="A figure without a unit is in"
        value={own.bareUnit ?? (kind === 'scale' ? 'g' : 'C')}
        choices={(kind === 'scale' ? ['g', 'kg', 'oz', 'lb'] : ['C', 'F']).map((unit) => ({
          value: unit,
          label: kind === 'scale' ? unit : `°${unit}`,
        }))}
        onChange={(bareUnit) => set({ bareUnit })}
      />
    </View>
  );
}

const styles = StyleSheet.create({ list: { gap: space.small } });
