import { useCallback, useState } from 'react';
import type { QuickMix } from '../draft/quickDraft';
import { createAutosave } from '../draft/autosave';
import { settingsCollection, settingsRecordOf } from '../repositories';
import { useSettings } from './queries';
import { useCommit } from './useCommit';

/** The quick mix, kept as it is left. */
export function useQuickMix(initial: QuickMix): {
  readonly quick: QuickMix;
  readonly change: (changed: Partial<QuickMix>) => void;
} {
  const { data: settings } = useSettings();
  const commit = useCommit();
  const [quick, setQuick] = useState(initial);
  const save = useCallback(
    async (next: QuickMix) => {
      if (!settings) return;
      await commit([
        settingsCollection.change(settingsRecordOf({ ...settings, quick: next }, settings)),
      ]);
    },
    [commit, settings],
  );
  const [autosave] = useState(createAutosave);
  const change = (changed: Partial<QuickMix>): void => {
    const next = { ...quick, ...changed };
    setQuick(next);
    autosave.request(() => save(next));
  };
  return { quick, change };
}
