import type { SettingsRecord } from '../records/settingsRecord';
import { settingsCollection, settingsRecordOf } from '../repositories';
import { useSettings } from './queries';
import { useCommit } from './useCommit';

/** What a person keeps to use again: grains, colour recipes, cups and buckets. */
type KeptLists = Required<Pick<SettingsRecord, 'grains' | 'recipes' | 'containers'>>;

interface Kept<T> {
  readonly items: readonly T[];
  /** Keeps one; another of the same name gives way. */
  readonly keep: (item: T) => Promise<void>;
  /** Keeps these in place of all. */
  readonly replace: (items: readonly T[]) => Promise<void>;
}

/** One of the lists that are kept with the settings. */
export function useKept<K extends keyof KeptLists>(list: K): Kept<KeptLists[K][number]> {
  type Item = KeptLists[K][number];
  const { data: settings } = useSettings();
  const commit = useCommit();
  const items: readonly Item[] = settings?.[list] ?? [];
  const replace = async (next: readonly Item[]): Promise<void> => {
    if (!settings) return;
    const changed = { ...settings, [list]: next };
    await commit([settingsCollection.change(settingsRecordOf(changed, settings))]);
  };
  return {
    items,
    replace,
    keep: (item) => replace([...items.filter(({ name }) => name !== item.name), item]),
  };
}

/** What stands before a price, and how to change it. */
export function useCurrency() {
  const { data: settings } = useSettings();
  const commit = useCommit();
  return {
    currency: settings?.currency ?? '',
    setCurrency: async (currency: string): Promise<void> => {
      if (!settings) return;
      const changed = settingsRecordOf({ ...settings, currency }, settings);
      await commit([settingsCollection.change(changed)]);
    },
  };
}
