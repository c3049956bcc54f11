import type { SettingsRecord } from '../records/settingsRecord';
import { settingsCollection, settingsRecordOf } from '../repositories';
import { useSettings } from './queries';
import { useCommit } from './useCommit';

/** A grain for fill tests, with its bulk density as it was found. */
export type Grain = NonNullable<SettingsRecord['grains']>[number];

/** The grains whose bulk density was found once; one of the same name takes the place of the older. */
export function useGrains(): {
  readonly grains: readonly Grain[];
  readonly keep: (grain: Grain) => Promise<void>;
} {
  const { data: settings } = useSettings();
  const commit = useCommit();
  const grains = settings?.grains ?? [];
  return {
    grains,
    async keep(grain) {
      if (!settings) return;
      const others = grains.filter(({ name }) => name !== grain.name);
      const changed = { ...settings, grains: [...others, grain] };
      await commit([settingsCollection.change(settingsRecordOf(changed, settings))]);
    },
  };
}
