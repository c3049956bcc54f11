import { useQueryClient } from '@tanstack/react-query';
import { useEffect } from 'react';
import { settings } from '../kinds/kinds';
import { StaleWriteError } from '../store/staleWriteError';

/** Whether this says that settings were not taken: what is stored there cannot be read by this version, and is not patched over. */
export const isSettingsRefusal = (error: unknown): boolean =>
  error instanceof StaleWriteError && error.key.startsWith(settings.collection.prefix);

/** Calls back whenever a change of the settings was not taken, whichever screen it came from. */
export function useRefusedSettings(onRefused: () => void): void {
  const client = useQueryClient();
  useEffect(
    () =>
      client.getMutationCache().subscribe(({ type, mutation }) => {
        const { status, error } = mutation?.state ?? {};
        if (type === 'updated' && status === 'error' && isSettingsRefusal(error)) onRefused();
      }),
    [client, onRefused],
  );
}
