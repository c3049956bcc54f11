import { useState } from 'react';
import { StyleSheet, View } from 'react-native';
import type { Settings } from '../../data/records/settingsRecord';
import { usePatchSettings } from '../../data/hooks/useKept';
import { useSettings } from '../../data/hooks/queries';
import { ChoiceField } from '../../ui/fields/ChoiceField';
import { SwitchField } from '../../ui/fields/SwitchField';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { space } from '../../ui/theme/tokens';

type OwnReminders = NonNullable<Settings['reminders']>;

const usual: OwnReminders = {
  on: false,
  beforeMin: 15,
  sound: true,
  vibration: true,
  notifications: false,
};

/** How somebody is reminded of what comes: over the app, by sound and buzz, through the browser where it is allowed to. */
export function RemindersPanel() {
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const reminders = settings?.reminders ?? usual;
  const [isRefused, setRefused] = useState(false);
  const set = (change: Partial<OwnReminders>): void =>
    void patch({ into: { reminders: { usual, change } } });
  const canNotify = typeof Notification !== 'undefined';
  const notify = async (wanted: boolean): Promise<void> => {
    const allowed = wanted && (await Notification.requestPermission()) === 'granted';
    setRefused(wanted && !allowed);
    set({ notifications: allowed });
  };
  return (
    <Panel title="Reminders" testID="reminders-panel">
      <View style={styles.stack}>
        <SwitchField
          label="Remind me of what comes"
          value={reminders.on}
          onChange={(on) => set({ on })}
          note="While Nipperkin is open. For the rest, save the days for your calendar."
        />
        {reminders.on && (
          <>
            <ChoiceField
              label="So long before"
              value={String(reminders.beforeMin)}
              choices={[0, 15, 30, 60].map((min) => ({
                value: String(min),
                label: min === 0 ? 'When it begins' : `${min} min`,
              }))}
              onChange={(min) => set({ beforeMin: Number(min) })}
            />
            <SwitchField
              label="With a sound"
              value={reminders.sound}
              onChange={(sound) => set({ sound })}
            />
            <SwitchField
              label="With vibration"
              value={reminders.vibration}
              onChange={(vibration) => set({ vibration })}
            />
            {canNotify && (
              <SwitchField
                label="As a notification of the browser"
                value={reminders.notifications}
                onChange={(wanted) => void notify(wanted)}
              />
            )}
            {isRefused && (
              <Words colour="stop" role="alert">
                The browser does not allow it. Allow notifications for this page in its settings.
              </Words>
            )}
          </>
        )}
      </View>
    </Panel>
  );
}

const styles = StyleSheet.create({ stack: { gap: space.small } });
