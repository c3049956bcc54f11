import { useState } from 'react';
import type { QuickMix } from '../draft/quickMix';
import { settingsPatch } from '../records/patchedSettings';
import { useAutosave } from './useAutosave';
import { isSettingsRefusal } from './useRefusedSettings';

/** The quick mix, kept as it is left. */
export function useQuickMix(initial: QuickMix): {
  readonly quick: QuickMix;
  readonly change: (changed: Partial<QuickMix>) => void;
} {
  const [quick, setQuick] = useState(initial);
  const autosave = useAutosave<QuickMix>({
    changesOf: (typed) => [settingsPatch({ set: { quick: typed } })],
    onRefused(error) {
      // It is told over the screen.
      if (!isSettingsRefusal(error)) throw error;
    },
  });
  const change = (changed: Partial<QuickMix>): void => {
    const next = { ...quick, ...changed };
    setQuick(next);
    autosave.request(next);
  };
  return { quick, change };
}
