import { ActionButton } from '../ActionButton';
import { Words } from '../text/Words';
import { Screen } from './Screen';

/** What is shown where the address names something that is not on this device. */
export function NotFound({ onBack }: { readonly onBack: () => void }) {
  return (
    <Screen title="Not here" onBack={onBack}>
      <Words>
        Nothing is kept under this address on this device. It may have been deleted, or it was made
        in another browser.
      </Words>
      <ActionButton label="Go back" onPress={onBack} />
    </Screen>
  );
}
