import { useCallback, useMemo } from 'react';
import type { Resin } from '../../core/resin/resinSchema';
import { mostUsedFirst, withUse, type ResinUse } from '../records/resinUse';
import { useResins, useSettings } from './queries';
import { usePatchSettings } from './useKept';

const none: readonly ResinUse[] = [];

/** Counts a resin that somebody has chosen, so that it is offered before others. */
export function useResinUsed(): (id: string) => void {
  const { data: settings } = useSettings();
  const patch = usePatchSettings();
  const uses = settings?.resinUse ?? none;
  return useCallback(
    (id) => void patch({ set: { resinUse: [...withUse(uses, id)] } }),
    [patch, uses],
  );
}

/** The resins of the shelf as they are offered: those that were chosen most first. */
export function useOfferedResins(): readonly Resin[] {
  const { data: settings } = useSettings();
  const { data: resins } = useResins();
  const uses = settings?.resinUse ?? none;
  return useMemo(
    () =>
      mostUsedFirst(
        (resins?.records ?? []).map(({ resin }) => resin),
        uses,
      ),
    [resins, uses],
  );
}
