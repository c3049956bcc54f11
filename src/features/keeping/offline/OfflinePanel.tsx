import { useState, useSyncExternalStore } from 'react';
import { StyleSheet, View } from 'react-native';
import { ActionButton } from '../../../ui/ActionButton';
import { Panel } from '../../../ui/Panel';
import { Words } from '../../../ui/text/Words';
import { space } from '../../../ui/theme/tokens';
import { canInstall, install, onInstallable } from './installing';
import type { OfflineState } from './serviceWorker';
import { useOffline } from './useOffline';

const stateWords: Readonly<Record<OfflineState, string>> = {
  kept: 'All of Nipperkin is kept on this device: it starts without a network and without its server, the demo and the sheet for print included.',
  'not-yet':
    'Nipperkin is not kept on this device yet. It is once all of it was fetched, a moment after the first start.',
  unsupported:
    'This browser does not keep Nipperkin on the device at this address: it needs its server to start.',
};

/** Whether the app itself is on the device, and how to put it among the others there. */
export function OfflinePanel() {
  const { state } = useOffline();
  const isOffered = useSyncExternalStore(onInstallable, canInstall, () => false);
  const [isAsked, setAsked] = useState(false);
  async function ask(): Promise<void> {
    setAsked(true);
    await install();
    setAsked(false);
  }
  return (
    <Panel title="Without a network" testID="offline">
      <Words>{stateWords[state]}</Words>
      {isOffered && (
        <View style={styles.row}>
          <ActionButton
            label="Put Nipperkin among your apps"
            disabled={isAsked}
            onPress={() => void ask()}
          />
        </View>
      )}
    </Panel>
  );
}

const styles = StyleSheet.create({
  row: { flexDirection: 'row', flexWrap: 'wrap', gap: space.small },
});
