import { useCallback } from 'react';
import { checkedOrThrow } from '../../core/schema/check';
import { settingsPatch, type SettingsPatch } from '../records/patchedSettings';
import { currencySchema, settingsItems, type KeptLists } from '../records/settingsRecord';
import { useSettings } from './queries';
import { useCommit } from './useCommit';
import { isSettingsRefusal } from './useRefusedSettings';

/** Changes some of the settings; what another window has changed of the rest stays. */
export function usePatchSettings(): (patch: SettingsPatch) => Promise<void> {
  const commit = useCommit();
  return useCallback(
    async (patch) => {
      try {
        await commit([settingsPatch(patch)]);
      } catch (error) {
        // It is told over the screen, whichever that is.
        if (!isSettingsRefusal(error)) throw error;
      }
    },
    [commit],
  );
}

interface Kept<T> {
  readonly items: readonly T[];
  /** Keeps these; others of the same names give way. Rejects with InputError for the first thing that is wrong with one. */
  readonly keep: (...items: readonly T[]) => Promise<void>;
  /** Keeps these in place of all. Rejects with InputError for the first thing that is wrong with one. */
  readonly replace: (items: readonly T[]) => Promise<void>;
  readonly forget: (name: string) => Promise<void>;
}

/** One of the lists that are kept with the settings. */
export function useKept<K extends keyof KeptLists>(list: K): Kept<KeptLists[K][number]> {
  type Item = KeptLists[K][number];
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const checked = (items: readonly Item[]): Item[] =>
    items.map((item) => checkedOrThrow(settingsItems[list], item) as Item);
  return {
    items: settings?.[list] ?? [],
    keep: async (...items) => patch({ keep: { [list]: checked(items) } }),
    replace: async (items) => patch({ set: { [list]: checked(items) } }),
    forget: (name) => patch({ forget: { [list]: [name] } }),
  };
}

/** What stands before a price, and how to change it. */
export function useCurrency() {
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  return {
    currency: settings?.currency ?? '',
    /** Rejects with InputError where it is too long. */
    setCurrency: async (currency: string): Promise<void> =>
      patch({ set: { currency: checkedOrThrow(currencySchema, currency) } }),
  };
}
