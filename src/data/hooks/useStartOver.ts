import { demoWrites } from '../demo/demoChanges';
import { ownKinds, settings as settingsKind } from '../kinds/kinds';
import { settingsPatch, usualSettings } from '../records/patchedSettings';
import type { Settings } from '../records/settingsRecord';
import { contentOf, type Write } from '../store/changes';
import { undoing } from '../store/undoing';
import { useStore } from './DataProvider';
import { undone, useCommit, type Undo } from './useCommit';

/** What of the settings a start over changes, as it is without it. */
const settingsBefore = (settings: Settings | undefined, changed: Partial<Settings>) =>
  Object.fromEntries(
    Object.keys(changed).map((key) => {
      const before = settings?.[key as keyof Settings];
      return [key, before ?? (Array.isArray(changed[key as keyof Settings]) ? [] : undefined)];
    }),
  ) as Partial<Settings>;

/** What was added, and what was there already and stays as it is. */
export interface StartedOver {
  readonly added: number;
  readonly stayed: number;
  readonly undo: Undo;
}

/**
 * Starting over: with the demo beside what is there, or from empty.
 * Each gives back what undoes it; what was changed since is not overwritten.
 */
export function useStartOver() {
  const store = useStore();
  const commit = useCommit();

  async function run(
    writes: readonly Write[],
    set: Partial<Settings>,
    stayed: number,
  ): Promise<StartedOver> {
    const [settings] = (await settingsKind.listing.read(store)).records;
    await commit([...writes, settingsPatch({ set })]);
    const back = settingsPatch({ set: settingsBefore(settings, set), where: set });
    return {
      added: writes.length,
      stayed,
      undo: () => undone(() => commit([...undoing(writes), back])),
    };
  }

  return {
    /** Adds what of the demo is not there; what a person made of it is theirs. */
    async withDemo(): Promise<StartedOver> {
      const { demoSettings } = await import('../demo/beginDemo');
      const all = await demoWrites();
      const there = await store.contents(all.map(({ key }) => key));
      const missing = all.filter(({ key }) => !there.has(key));
      const [settings] = (await settingsKind.listing.read(store)).records;
      const lists = (['grains', 'recipes', 'containers'] as const).map((list) => {
        const own = settings?.[list] ?? [];
        const names = new Set(own.map(({ name }) => name));
        return [list, [...own, ...demoSettings[list].filter(({ name }) => !names.has(name))]];
      });
      const set: Partial<Settings> = {
        ...(Object.fromEntries(lists) as Partial<Settings>),
        ...(settings?.currency === undefined ? { currency: demoSettings.currency } : {}),
        ...(settings?.quick.resinId ? {} : { quick: demoSettings.quick }),
        startedWith: 'demo',
        dated: true,
      };
      return run(missing, set, all.length - missing.length);
    },

    /** Clears jobs, cards, moulds and what is kept with the settings. */
    async fromEmpty(): Promise<StartedOver> {
      const removals: Write[] = [];
      for (const { collection, listing } of ownKinds) {
        const { records } = await listing.read(store);
        // As they are stored: what only clears them need not understand them.
        const contents = await store.contents(records.map(({ id }) => collection.key(id)));
        for (const [key, text] of contents) {
          removals.push({ key, record: null, replaces: contentOf(key, text) });
        }
      }
      const lists = { grains: [], recipes: [], containers: [] };
      return run(removals, { ...usualSettings, ...lists, startedWith: 'empty', dated: false }, 0);
    },
  };
}
