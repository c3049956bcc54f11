import { withOwnUnit, type OwnUnit } from '../../core/quantity/unitFamilies';
import { check } from '../../core/schema/check';
import type { Patch } from '../store/changes';
import { isThere, type StoredText } from '../store/versions';
import { readRecords } from './readRecords';
import {
  settingsId,
  settingsRecords,
  type KeptLists,
  type Settings,
  type SettingsRecord,
} from './settingsRecord';
import { nextVersion } from './stored';

/** Settings that are objects of several: two of one may be changed one right after the other. */
type Groups = 'told' | 'reminders' | 'bench' | 'instruments';

interface GroupChange<Group extends Groups> {
  readonly usual: NonNullable<Settings[Group]>;
  readonly change: Partial<NonNullable<Settings[Group]>>;
}

/** What becomes of the settings; what it does not name stays as it is, whoever has changed it meanwhile. */
export interface SettingsPatch {
  readonly set?: Partial<Settings>;
  /** Sets those keys only that are still as they are said here. */
  readonly where?: Partial<Settings>;
  /** Changes some of what belongs together, over what is stored by then; `usual` is what it is before anybody has set it. */
  readonly into?: { readonly [Group in Groups]?: GroupChange<Group> };
  /** A unit that the person wrote in, or wants: it takes its place among their own. */
  readonly used?: OwnUnit;
  /** Put into their lists; others of the same names give way. */
  readonly keep?: Partial<KeptLists>;
  /** Taken out of their lists, by name. */
  readonly forget?: { readonly [List in keyof KeptLists]?: readonly string[] };
}

const settingsKey = settingsRecords.prefix + settingsId;

/** A patch of the settings as a change for the store. */
export const settingsPatch = (patch: SettingsPatch): Patch => ({
  key: settingsKey,
  patch,
});

const isStill = (key: string, before: Settings, where: Partial<Settings> | undefined): boolean =>
  where === undefined ||
  JSON.stringify(before[key as keyof Settings]) === JSON.stringify(where[key as keyof Settings]);

const lists = ['grains', 'recipes', 'containers'] as const;

/** As they are before anybody has set anything. */
export const usualSettings: Settings = {
  startedWith: 'empty',
  quick: { amount: '', resinId: '', batches: '1' },
};

type Named = { readonly name?: string | undefined };

function changedList<Item extends Named>(
  before: readonly Item[] | undefined,
  kept: readonly Item[] | undefined,
  forgotten: readonly string[] | undefined,
): Item[] | undefined {
  if (kept === undefined && forgotten === undefined) return undefined;
  const gone = new Set([...(forgotten ?? []), ...(kept ?? []).map(({ name }) => name)]);
  return [...(before ?? []).filter(({ name }) => !gone.has(name)), ...(kept ?? [])];
}

/** Settings with a patch applied. */
export function withPatch(before: Settings, patch: SettingsPatch): Settings {
  const { set = {}, where, into = {}, keep, forget } = patch;
  const allowed = Object.entries(set).filter(([key]) => isStill(key, before, where));
  const changed: Partial<Record<keyof KeptLists, readonly Named[]>> = {};
  for (const list of lists) {
    const next = changedList<Named>(before[list], keep?.[list], forget?.[list]);
    if (next !== undefined) changed[list] = next;
  }
  const groups = Object.entries(into).map(([key, { usual, change }]) => [
    key,
    { ...usual, ...before[key as Groups], ...change },
  ]);
  return {
    ...before,
    ...Object.fromEntries(allowed),
    ...(Object.fromEntries(groups) as Partial<Settings>),
    ...(patch.used && { ownUnits: [...withOwnUnit(before.ownUnits ?? [], patch.used)] }),
    // Each list holds what its own patch brought.
    ...(changed as Partial<KeptLists>),
  };
}

const readSettings = (text: StoredText): SettingsRecord | undefined =>
  isThere(text)
    ? readRecords(settingsRecords, new Map([[settingsKey, text]])).records[0]
    : undefined;

/**
 * What a patch makes of the settings that are stored; undefined where those cannot be read, such as a newer version's: they are
 * set aside at a start, and no patch is put over them.
 */
export function patchedSettings(
  _key: string,
  text: string | undefined,
  patch: SettingsPatch,
): SettingsRecord | undefined {
  const before = readSettings(text);
  if (before === undefined && isThere(text)) return undefined;
  const {
    id: _,
    schema: __,
    revision: ___,
    stamp: ____,
    ...settings
  } = before ?? {
    ...usualSettings,
    id: settingsId,
    schema: settingsRecords.version,
    revision: 0,
    stamp: undefined,
  };
  return settingsRecordOf(withPatch(settings, patch), before);
}

export const settingsRecordOf = (settings: Settings, before?: SettingsRecord): SettingsRecord => ({
  ...settings,
  id: settingsId,
  schema: settingsRecords.version as 1,
  ...nextVersion(before),
});

/** Of settings that cannot be read as a whole, what can be read by itself. */
export function salvagedSettings(text: string): Settings {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return usualSettings;
  }
  if (typeof value !== 'object' || value === null) return usualSettings;
  let salvaged: Settings = usualSettings;
  for (const [key, each] of Object.entries(value)) {
    const tried = settingsRecordOf({ ...salvaged, [key]: each });
    if (check(settingsRecords.schema, tried, { strip: true }).value !== undefined) {
      const { id: _, schema: __, revision: ___, stamp: ____, ...settings } = tried;
      salvaged = settings;
    }
  }
  return salvaged;
}
