import { useResins, useSettings } from '../../data/hooks/queries';
import { ActionButton } from '../../ui/ActionButton';
import { Screen } from '../../ui/frame/Screen';
import { Panel } from '../../ui/Panel';
import { Words } from '../../ui/text/Words';
import { QuickMixForm, type WholeQuick } from './QuickMixForm';

interface QuickMixScreenProps {
  readonly onAddResin: () => void;
  readonly whole: WholeQuick | undefined;
}

/** The shortest way to A and B: an amount, a resin, how many batches. */
export function QuickMixScreen({ onAddResin, whole }: QuickMixScreenProps) {
  const { data: settings } = useSettings();
  const { data: resins } = useResins();
  if (!settings || resins === undefined) return null;
  if (resins.records.length > 0) return <QuickMixForm initial={settings.quick} whole={whole} />;
  return (
    <Screen title="Quick mix">
      <Panel title="The shelf is empty">
        <Words>
          Add the resin you have: its label gives the ratio, its data sheet the densities.
        </Words>
        <ActionButton kind="main" label="Add a resin" icon="plus" onPress={onAddResin} />
      </Panel>
    </Screen>
  );
}
