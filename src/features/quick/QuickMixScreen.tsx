import type { LabelRatio } from '../../data/draft/quickMix';
import { useResins, useSettings } from '../../data/hooks/queries';
import { QuickMixForm, type WholeQuick } from './QuickMixForm';

interface QuickMixScreenProps {
  readonly onAddResin: (label: LabelRatio) => void;
  readonly whole: WholeQuick | undefined;
}

/** The shortest way to A and B: an amount, a resin or the ratio on its label, how many batches. */
export function QuickMixScreen(props: QuickMixScreenProps) {
  const { data: settings } = useSettings();
  const { data: resins } = useResins();
  if (!settings || resins === undefined) return null;
  return <QuickMixForm initial={settings.quick} {...props} />;
}
